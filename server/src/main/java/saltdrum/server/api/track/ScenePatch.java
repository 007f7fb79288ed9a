package saltdrum.server.api.track;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import saltdrum.core.scene.Part;
import saltdrum.core.scene.PictureLayer;
import saltdrum.core.scene.Scene;

/**
 * A change of a scene: from index {@code from} on, {@code removed} parts are replaced by {@code parts}; a whole scene
 * removes none.
 *
 * @param tag of the resulting scene, to be sent with the next request
 * @param version of the track that the scene was made of
 * @param before tag of the scene that this changes; missing for a whole one
 * @param glyphs outlines that the previous scene did not have
 * @param pictures layers that the previous scene did not have
 */
record ScenePatch(
        @Schema(description = "Tag of this scene; sent as “since” with the next request") String tag,
        long version,
        @Schema(description = "Tag of the scene that this changes; missing for a whole one") String before,
        int width,
        int height,
        Map<String, String> glyphs,
        Map<String, List<PictureLayer>> pictures,
        int from,
        int removed,
        List<Part> parts) {

    static ScenePatch whole(SentScene made) {
        Scene scene = made.scene();
        return new ScenePatch(
                made.tag(),
                made.version(),
                null,
                scene.width(),
                scene.height(),
                scene.glyphs(),
                scene.pictures(),
                0,
                0,
                scene.parts());
    }

    /** Parts that are the same object have not changed: the maker keeps them. */
    static ScenePatch between(SentScene before, SentScene after) {
        List<Part> old = before.scene().parts();
        List<Part> now = after.scene().parts();
        int most = Math.min(old.size(), now.size());
        int from = 0;
        while (from < most && old.get(from) == now.get(from)) {
            from++;
        }
        int tail = 0;
        while (tail < most - from && old.get(old.size() - 1 - tail) == now.get(now.size() - 1 - tail)) {
            tail++;
        }
        return new ScenePatch(
                after.tag(),
                after.version(),
                before.tag(),
                after.scene().width(),
                after.scene().height(),
                unknown(before.scene().glyphs(), after.scene().glyphs()),
                unknown(before.scene().pictures(), after.scene().pictures()),
                from,
                old.size() - tail - from,
                now.subList(from, now.size() - tail));
    }

    private static <T> Map<String, T> unknown(Map<String, T> known, Map<String, T> all) {
        return all.entrySet().stream()
                .filter(entry -> !known.containsKey(entry.getKey()))
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
    }
}
