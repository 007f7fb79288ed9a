package saltdrum.cli.bench.siege;

import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** @param tookMs milliseconds from request to the last byte */
record SiegeAnswer(int status, String type, byte[] body, long tookMs) {
    private static final long SLOW_MS = 10_000;
    private static final Pattern MACHINE_TALK =
            Pattern.compile("Exception|java\\.|jackson|`|\\bnull\\b|org\\.|SQL|ffmpeg version");

    boolean ok() {
        return status < 300;
    }

    String text() {
        return new String(body, StandardCharsets.UTF_8);
    }

    JsonNode json() {
        return JsonMapper.shared().readTree(body);
    }

    /** The violation of a rule that holds for every answer; null if there is none. */
    String fault() {
        return fault(0);
    }

    /** @param sleptMs how long the server was paused */
    String fault(long sleptMs) {
        if (tookMs - sleptMs > SLOW_MS) {
            return "took " + tookMs + " ms";
        }
        if (status >= 500) {
            return "answered " + status + " " + text();
        }
        if (status >= 400) {
            String detail = type.startsWith("application/problem+json")
                    ? json().path("detail").asString("")
                    : "";
            if (!detail.endsWith(".") || detail.length() < 15) {
                return "refused without a sentence: " + status + " " + type + " " + text();
            }
            // What was sent is repeated in quotation marks.
            if (detail.length() > 700
                    || MACHINE_TALK.matcher(detail.replaceAll("“[^”]*”", "“”")).find()) {
                return "refused in a sentence that is for no person: " + detail;
            }
        }
        return null;
    }
}
