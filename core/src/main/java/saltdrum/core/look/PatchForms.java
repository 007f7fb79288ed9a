package saltdrum.core.look;

import java.util.LinkedHashMap;
import java.util.Map;
import saltdrum.core.Json;
import saltdrum.core.motion.By;
import saltdrum.core.motion.Order;
import saltdrum.core.motion.Passage;
import saltdrum.core.motion.Way;
import tools.jackson.databind.JsonNode;

/**
 * How patches of earlier forms become ones of the present: they stand in styles, tracks, cues, words, histories and
 * files, so that they are brought up to date where every one of them is read. Until style form 3 there were four
 * entrances with fields of their own, and the length of a fade at the end.
 */
final class PatchForms {
    private static final String ENTRANCE = "entrance";
    private static final String EXIT_MS = "exitMs";
    /** What a pop overshot by, and a rise rose by, is strength 1 now. */
    private static final double POP = 0.07;

    private static final double RISE = 0.3;

    private PatchForms() {}

    static Map<String, JsonNode> present(Map<String, JsonNode> json) {
        JsonNode entrance = json.get(ENTRANCE);
        boolean old = entrance != null && entrance.has("kind");
        if (!old && !json.containsKey(EXIT_MS)) {
            return json;
        }
        Map<String, JsonNode> present = new LinkedHashMap<>(json);
        if (old) {
            present.put(ENTRANCE, Json.typed(entrance(entrance), Passage.class));
        }
        JsonNode exit = present.remove(EXIT_MS);
        if (exit != null) {
            int ms = (int) Math.max(0, Math.min(2000, exit.asDouble(0)));
            present.putIfAbsent(
                    "exit",
                    Json.typed(
                            ms == 0 ? Passage.NONE : Passage.of(Way.FADE, By.CUE, Order.FORWARD, ms), Passage.class));
        }
        return present;
    }

    private static Passage entrance(JsonNode old) {
        By by = old.path("unit").asString("CUE").equals("WORD") ? By.WORD : By.CUE;
        Order order = by == By.WORD ? Order.VOICE : Order.FORWARD;
        int ms = (int) Math.max(0, Math.min(2000, old.path("ms").asDouble(0)));
        double amount = old.path("amount").asDouble(0);
        Way way =
                switch (old.path("kind").asString("")) {
                    case "POP" -> Way.POP;
                    case "RISE" -> Way.RISE;
                    case "FADE" -> Way.FADE;
                    default -> Way.NONE;
                };
        double strength = way == Way.POP ? amount / POP : way == Way.RISE ? amount / RISE : 1;
        double within = Math.max(0, Math.min(8, Math.round(100 * Math.abs(strength)) / 100.0));
        return new Passage(way, by, order, 0, ms, within, "ease-out");
    }
}
