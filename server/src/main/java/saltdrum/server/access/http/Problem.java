package saltdrum.server.access.http;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import saltdrum.core.Json;

/** The answer to a call that fails before it reaches a controller: problem details (RFC 9457). */
public final class Problem {
    private Problem() {}

    /** The default sentence for a status. */
    public static String sentence(int status) {
        return switch (status) {
            case 400 -> "The request cannot be read. Nothing was changed.";
            case 401 -> "Sign in first. Nothing was changed.";
            case 403 -> "This is not allowed.";
            case 404 -> "There is nothing at this address.";
            case 405 -> "This address does not support this method.";
            case 406 -> "There is no answer in the requested format.";
            case 413 -> "The request is too large. Nothing was changed.";
            case 414, 431 -> "The address or the head of the request is too long.";
            case 415 -> "A body of this type is not supported here.";
            case 416 -> "The file does not have this range.";
            case 503 -> "The server is busy or stopping. Try again in a moment.";
            default ->
                status < 500
                        ? "The request cannot be answered. Nothing was changed."
                        : "The server has failed. Nothing was changed; try again.";
        };
    }

    public static byte[] body(int status, String detail) {
        return Json.write(Map.of("status", status, "detail", detail)).getBytes(StandardCharsets.UTF_8);
    }

    public static void write(HttpServletResponse response, int status, String detail) throws IOException {
        write(response, status, body(status, detail));
    }

    /** @param needs what is missing, for the page */
    public static void write(HttpServletResponse response, int status, String detail, String needs) throws IOException {
        write(
                response,
                status,
                Json.write(Map.of("status", status, "detail", detail, "needs", needs))
                        .getBytes(StandardCharsets.UTF_8));
    }

    private static void write(HttpServletResponse response, int status, byte[] body) throws IOException {
        response.setStatus(status);
        response.setContentType("application/problem+json");
        response.getOutputStream().write(body);
    }
}
