package saltdrum.server.api;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.request;

import jakarta.servlet.http.Cookie;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.MvcResult;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import tools.jackson.databind.JsonNode;

/** Somebody with a browser: it keeps cookies, and shows the one against forged requests with every change. */
final class Visitor {
    private static final AtomicInteger VISITORS = new AtomicInteger();

    private final MockMvc mvc;
    private final Map<String, Cookie> cookies = new LinkedHashMap<>();
    private final String address = "192.0.2." + VISITORS.incrementAndGet();

    Visitor(MockMvc mvc) {
        this.mvc = mvc;
    }

    MockHttpServletResponse ask(String method, String path, String json) throws Exception {
        return send(request(HttpMethod.valueOf(method), path)
                .contentType(MediaType.APPLICATION_JSON)
                .content(json));
    }

    JsonNode json(String method, String path, String json) throws Exception {
        MockHttpServletResponse answer = ask(method, path, json);
        String text = answer.getContentAsString(StandardCharsets.UTF_8);
        if (answer.getStatus() >= 300) {
            throw new AssertionError(method + " " + path + ": " + answer.getStatus() + " " + text);
        }
        return text.isEmpty() ? OverHttp.JSON.nullNode() : OverHttp.JSON.readTree(text);
    }

    int status(String method, String path, String json) throws Exception {
        return ask(method, path, json).getStatus();
    }

    /** @return the status of the answer */
    int signIn(String email, String password) throws Exception {
        // The page asks who is here before anything else.
        ask("GET", "/api/session", "");
        return send(request(HttpMethod.POST, "/api/session")
                        .param("email", email)
                        .param("password", password))
                .getStatus();
    }

    MockHttpServletResponse send(MockHttpServletRequestBuilder request) throws Exception {
        return perform(request).getResponse();
    }

    MvcResult perform(MockHttpServletRequestBuilder request) throws Exception {
        request.with(asked -> {
            asked.setRemoteAddr(address);
            return asked;
        });
        if (!cookies.isEmpty()) {
            request.cookie(cookies.values().toArray(Cookie[]::new));
        }
        Cookie ours = cookies.get("XSRF-TOKEN");
        if (ours != null) {
            request.header("X-XSRF-TOKEN", ours.getValue());
        }
        MvcResult result = mvc.perform(request).andReturn();
        for (Cookie cookie : result.getResponse().getCookies()) {
            if (cookie.getMaxAge() == 0) {
                cookies.remove(cookie.getName());
            } else {
                cookies.put(cookie.getName(), cookie);
            }
        }
        return result;
    }

    Cookie cookie(String name) {
        return cookies.get(name);
    }
}
