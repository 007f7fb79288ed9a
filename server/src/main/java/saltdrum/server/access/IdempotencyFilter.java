package saltdrum.server.access;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.OutputStream;
import java.util.Optional;
import java.util.regex.Pattern;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.util.ContentCachingResponseWrapper;
import saltdrum.server.access.http.Problem;
import saltdrum.server.store.AnsweredCallStore;
import saltdrum.server.store.AnsweredCallStore.Answer;
import saltdrum.server.store.OpaqueIds;

/**
 * A call that is sent twice with the same {@code Idempotency-Key} (IETF draft-ietf-httpapi-idempotency-key-header) is
 * done once: the second gets the answer of the first. After Spring Security, so that only allowed calls are answered.
 */
@Component
@Order(Ordered.LOWEST_PRECEDENCE - 10)
final class IdempotencyFilter extends OncePerRequestFilter {
    private static final String KEY = "Idempotency-Key";
    private static final int LONGEST_KEY = 200;
    private static final int WAITS = 600;
    private static final int WAIT_MS = 50;
    /** What orders work, sends or uploads something. No answer of these contains a secret, because answers are stored. */
    private static final Pattern ONCE = Pattern.compile(
            "POST /api/(orders|clips/[^/]+/(words|renders|measure|copy|styles|motions|translations/[^/]+/translate)"
                    + "|shared/[^/]+/remarks)"
                    + "|PUT /api/clips(/[^/]+/(footage|captions|translations/[^/]+/captions))?");

    private final AnsweredCallStore answered;
    private final Caller caller;

    IdempotencyFilter(AnsweredCallStore answered, Caller caller) {
        this.answered = answered;
        this.caller = caller;
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        String key = request.getHeader(KEY);
        return key == null
                || key.isBlank()
                || key.length() > LONGEST_KEY
                || !ONCE.matcher(request.getMethod() + " " + request.getRequestURI())
                        .matches();
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String id = id(request);
        if (answered.begin(id)) {
            first(id, request, response, chain);
        } else {
            again(id, request, response);
        }
    }

    private void first(String id, HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        ContentCachingResponseWrapper kept = new ContentCachingResponseWrapper(response);
        boolean done = false;
        try {
            chain.doFilter(request, kept);
            done = kept.getStatus() < 500;
        } finally {
            if (done) {
                answered.end(id, new Answer(kept.getStatus(), kept.getContentType(), kept.getContentAsByteArray()));
            } else {
                answered.drop(id);
            }
        }
        kept.copyBodyToResponse();
    }

    private void again(String id, HttpServletRequest request, HttpServletResponse response) throws IOException {
        // An upload is read to its end: a browser takes no answer before that.
        request.getInputStream().transferTo(OutputStream.nullOutputStream());
        Optional<Answer> answer = answered.find(id);
        for (int i = 0; i < WAITS && answer.isEmpty() && pause(); i++) {
            answer = answered.find(id);
        }
        if (answer.isEmpty()) {
            Problem.write(response, 409, "The same call is still being answered. Look whether it was done.");
            return;
        }
        response.setStatus(answer.get().status());
        if (answer.get().mediaType() != null) {
            response.setHeader(HttpHeaders.CONTENT_TYPE, answer.get().mediaType());
        }
        response.getOutputStream().write(answer.get().body());
    }

    /** @return false if the server is stopping */
    private static boolean pause() {
        try {
            Thread.sleep(WAIT_MS);
            return true;
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return false;
        }
    }

    /** Of this caller and this address only. */
    private String id(HttpServletRequest request) {
        return OpaqueIds.hash(String.join(
                "\n",
                String.valueOf(caller.personId()),
                request.getRequestURI(),
                String.valueOf(request.getQueryString()),
                request.getHeader(KEY)));
    }
}
