package saltdrum.core.look;

import java.util.LinkedHashMap;
import java.util.Map;
import saltdrum.core.Json;
import saltdrum.core.motion.MotionUnit;
import saltdrum.core.motion.StaggerOrder;
import saltdrum.core.motion.Transition;
import saltdrum.core.motion.TransitionEffect;
import tools.jackson.databind.JsonNode;

/**
 * Upgrades patches of earlier forms. Patches are part of styles, tracks, cues, words, histories and files, and each is upgraded when it is read. Until style form 3 there were four entrances with fields of their own, and the
 * length of a fade at the end.
 */
final class LookPatchForms {
    private static final String ENTRANCE = "entrance";
    private static final String EXIT_MS = "exitMs";
    /** What a pop overshot by, and a rise rose by, is strength 1 now. */
    private static final double POP = 0.07;

    private static final double RISE = 0.3;

    private LookPatchForms() {}

    static Map<String, JsonNode> present(Map<String, JsonNode> json) {
        JsonNode entrance = json.get(ENTRANCE);
        boolean old = entrance != null && entrance.has("kind");
        if (!old && !json.containsKey(EXIT_MS)) {
            return json;
        }
        Map<String, JsonNode> present = new LinkedHashMap<>(json);
        if (old) {
            present.put(ENTRANCE, Json.typed(entrance(entrance), Transition.class));
        }
        JsonNode exit = present.remove(EXIT_MS);
        if (exit != null) {
            int ms = (int) Math.max(0, Math.min(2000, exit.asDouble(0)));
            present.putIfAbsent(
                    "exit",
                    Json.typed(
                            ms == 0
                                    ? Transition.NONE
                                    : Transition.of(TransitionEffect.FADE, MotionUnit.CUE, StaggerOrder.FORWARD, ms),
                            Transition.class));
        }
        return present;
    }

    private static Transition entrance(JsonNode old) {
        MotionUnit by = old.path("unit").asString("CUE").equals("WORD") ? MotionUnit.WORD : MotionUnit.CUE;
        StaggerOrder order = by == MotionUnit.WORD ? StaggerOrder.VOICE : StaggerOrder.FORWARD;
        int ms = (int) Math.max(0, Math.min(2000, old.path("ms").asDouble(0)));
        double amount = old.path("amount").asDouble(0);
        TransitionEffect way =
                switch (old.path("kind").asString("")) {
                    case "POP" -> TransitionEffect.POP;
                    case "RISE" -> TransitionEffect.RISE;
                    case "FADE" -> TransitionEffect.FADE;
                    default -> TransitionEffect.NONE;
                };
        double strength = way == TransitionEffect.POP ? amount / POP : way == TransitionEffect.RISE ? amount / RISE : 1;
        double within = Math.max(0, Math.min(8, Math.round(100 * Math.abs(strength)) / 100.0));
        return new Transition(way, by, order, 0, ms, within, "ease-out");
    }
}
