package saltdrum.server.api;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.HandlerMapping;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import saltdrum.core.SaltDrumException;
import saltdrum.server.store.clip.ClientRow;
import saltdrum.server.store.clip.ClientStore;
import saltdrum.server.store.clip.ClipStore;
import saltdrum.server.store.job.JobStore;
import saltdrum.server.store.people.AuditLog;
import saltdrum.server.store.people.PersonRow;
import saltdrum.server.store.people.PersonStore;
import saltdrum.server.store.review.ReviewStore;

/** Writes {@link Audited} operations into the record, with the name that the object had before. */
@Configuration
class AuditedCalls implements WebMvcConfigurer, HandlerInterceptor {
    private static final String ABOUT = AuditedCalls.class.getName();

    private static final String CLIENT = "client";

    private final AuditLog audit;
    private final ClipStore clips;
    private final PersonStore people;
    private final ReviewStore reviews;
    private final JobStore jobs;
    private final ClientStore clients;

    AuditedCalls(
            AuditLog audit,
            ClipStore clips,
            PersonStore people,
            ReviewStore reviews,
            JobStore jobs,
            ClientStore clients) {
        this.clients = clients;
        this.audit = audit;
        this.clips = clips;
        this.people = people;
        this.reviews = reviews;
        this.jobs = jobs;
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this);
    }

    private static Audited audited(Object handler) {
        return handler instanceof HandlerMethod method ? method.getMethodAnnotation(Audited.class) : null;
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        if (audited(handler) != null) {
            request.setAttribute(ABOUT, about(request));
        }
        return true;
    }

    @Override
    public void afterCompletion(
            HttpServletRequest request, HttpServletResponse response, Object handler, Exception failure) {
        Audited audited = audited(handler);
        if (audited != null && failure == null && response.getStatus() < 400) {
            audit.add(audited.value(), (String) request.getAttribute(ABOUT));
        }
    }

    @SuppressWarnings("unchecked")
    private String about(HttpServletRequest request) {
        Map<String, String> variables = new LinkedHashMap<>();
        if (request.getParameter(CLIENT) != null) {
            variables.put(CLIENT, request.getParameter(CLIENT));
        }
        if (request.getAttribute(HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE) instanceof Map<?, ?> inPath) {
            variables.putAll((Map<String, String>) inPath);
        }
        return variables.entrySet().stream()
                .map(variable -> name(variable.getKey(), variable.getValue()))
                .collect(Collectors.joining(", "));
    }

    private String name(String variable, String value) {
        try {
            return switch (variable) {
                case "clipId" -> clips.get(value).name();
                case "personId" -> person(people.get(Long.parseLong(value)));
                case "reviewId" -> clips.get(reviews.get(value).clipId()).name();
                case "jobId" -> jobs.get(value).outputName();
                case CLIENT ->
                    clients.all().stream()
                            .filter(client -> value.equals(Long.toString(client.id())))
                            .map(ClientRow::name)
                            .findFirst()
                            .orElse(value);
                default -> value;
            };
        } catch (SaltDrumException | NumberFormatException gone) {
            return value;
        }
    }

    static String person(PersonRow person) {
        return person.name() + " (" + person.email() + ")";
    }
}
