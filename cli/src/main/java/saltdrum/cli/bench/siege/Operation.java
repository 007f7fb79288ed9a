package saltdrum.cli.bench.siege;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import tools.jackson.databind.JsonNode;

/**
 * One call of the API.
 *
 * @param bodySchema null where a call takes no JSON
 * @param files whether its body is a file
 */
record Operation(String method, String path, JsonNode parameters, JsonNode bodySchema, boolean files) {
    /** Calls that the description leaves out: their bodies and answers are files. */
    private static final Map<String, List<String>> OF_FILES = Map.of(
            "/api/clips", List.of("PUT", "name"),
            "/api/clips/{clipId}/captions", List.of("PUT", "name"),
            "/api/fonts", List.of("PUT", "name"),
            "/api/stickers", List.of("PUT", "name"),
            "/api/clips/{clipId}/captions/{format}", List.of("GET", "language"),
            "/api/clips/{clipId}/video", List.of("GET", "download"),
            "/api/clips/{clipId}/poster", List.of("GET", "width"),
            "/api/clips/{clipId}/sounds/{choice}/sample", List.of("GET", "at"),
            "/api/clips/{clipId}/peaks", List.of("GET", "rate"),
            "/api/jobs/{jobId}/video", List.of("GET", "download"));

    static List<Operation> all(JsonNode description) {
        List<Operation> all = new ArrayList<>();
        description.path("paths").properties().forEach(path -> path.getValue()
                .properties()
                .forEach(call -> {
                    JsonNode body = call.getValue()
                            .path("requestBody")
                            .path("content")
                            .path("application/json")
                            .path("schema");
                    String method = call.getKey().toUpperCase(java.util.Locale.ROOT);
                    boolean file = body.isMissingNode() && path.getKey().endsWith("/file") && method.equals("POST");
                    all.add(new Operation(
                            method,
                            path.getKey(),
                            call.getValue().path("parameters"),
                            body.isMissingNode() ? null : body,
                            file));
                }));
        JsonNode none = description.path("nothing");
        OF_FILES.forEach((path, call) -> all.add(new Operation(
                call.get(0),
                path + "?" + call.get(1) + "=",
                none,
                null,
                call.get(0).equals("PUT"))));
        all.sort(java.util.Comparator.comparing(Operation::path).thenComparing(Operation::method));
        return all;
    }

    boolean changesTheTrack() {
        return !method.equals("GET")
                && (path.contains("/track/") && !path.endsWith("/preview") && !path.endsWith("/places")
                        || path.contains("/captions"));
    }

    /** Its address with values in it. */
    String address(SiegeValues values, Random random, boolean hostile) {
        StringBuilder query = new StringBuilder();
        String filled = path;
        for (JsonNode parameter : parameters) {
            String name = parameter.path("name").asString();
            boolean spoil = hostile && random.nextInt(parameters.size() + 1) == 0;
            JsonNode value = spoil ? values.anyHostile() : values.good(parameter.path("schema"), name);
            String text = value.isString() ? value.asString() : SiegeValues.write(value);
            // An address that is longer than any is refused before anybody reads it.
            String encoded = encode(text.length() > 900 ? text.substring(0, 900) : text);
            if (parameter.path("in").asString().equals("path")) {
                filled = filled.replace("{" + name + "}", encoded.isEmpty() ? "-" : encoded);
            } else if (random.nextInt(3) > 0 || parameter.path("required").asBoolean(false)) {
                query.append(query.isEmpty() ? "?" : "&")
                        .append(name)
                        .append('=')
                        .append(encoded);
            }
        }
        for (int open = filled.indexOf('{'); open >= 0; open = filled.indexOf('{')) {
            int close = filled.indexOf('}', open);
            String name = filled.substring(open + 1, close);
            String value = hostile && random.nextInt(4) == 0 ? "nowhere" : values.named(name);
            filled = filled.substring(0, open) + encode(value) + filled.substring(close + 1);
        }
        if (filled.endsWith("=")) {
            String value = values.fileName();
            filled += encode(value);
        }
        String address = filled + query;
        return hostile && random.nextInt(6) == 0 ? AddressVariants.of(address, random) : address;
    }

    private static String encode(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8).replace("+", "%20");
    }
}
