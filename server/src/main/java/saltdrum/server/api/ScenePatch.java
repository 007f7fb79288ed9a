package saltdrum.server.api;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import saltdrum.core.scene.CueScene;
import saltdrum.core.scene.Scene;

/**
 * What became of a scene: from index {@code from} on, {@code removed} cues give way to {@code cues}; a whole scene takes
 * the place of nothing.
 *
 * @param version of the track that the scene was made of
 * @param before version of the scene that this changes; missing for a whole one
 * @param glyphs outlines that the scene before had not
 */
record ScenePatch(
        long version,
        @Schema(description = "Version of the scene that this changes; missing for a whole one") Long before,
        int width,
        int height,
        Map<String, String> glyphs,
        int from,
        int removed,
        List<CueScene> cues) {

    static ScenePatch whole(MadeScene made) {
        Scene scene = made.scene();
        return new ScenePatch(made.version(), null, scene.width(), scene.height(), scene.glyphs(), 0, 0, scene.cues());
    }

    /** Cues that are the same object have not changed: the maker keeps them. */
    static ScenePatch between(MadeScene before, MadeScene after) {
        List<CueScene> old = before.scene().cues();
        List<CueScene> now = after.scene().cues();
        int most = Math.min(old.size(), now.size());
        int from = 0;
        while (from < most && old.get(from) == now.get(from)) {
            from++;
        }
        int tail = 0;
        while (tail < most - from && old.get(old.size() - 1 - tail) == now.get(now.size() - 1 - tail)) {
            tail++;
        }
        Map<String, String> known = before.scene().glyphs();
        Map<String, String> fresh = after.scene().glyphs().entrySet().stream()
                .filter(glyph -> !known.containsKey(glyph.getKey()))
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
        return new ScenePatch(
                after.version(),
                before.version(),
                after.scene().width(),
                after.scene().height(),
                fresh,
                from,
                old.size() - tail - from,
                now.subList(from, now.size() - tail));
    }
}
