package saltdrum.server.api;

import io.swagger.v3.oas.annotations.media.Schema;
import saltdrum.core.Json;
import saltdrum.media.clip.ClipInfo;
import saltdrum.server.store.ClipRow;
import saltdrum.server.store.StoredTrack;

/** A clip for the list and the bench. */
record ClipView(
        String id,
        String name,
        int width,
        int height,
        long durationMs,
        double frameRate,
        boolean variableRate,
        int sounds,
        @Schema(description = "Poster and peaks are there and the clip plays here") boolean prepared,
        int cues,
        int words,
        String style,
        String created) {

    static ClipView of(ClipRow row, StoredTrack track) {
        ClipInfo info = Json.read(row.info(), ClipInfo.class, "clip");
        return new ClipView(
                row.id(),
                row.name(),
                info.width(),
                info.height(),
                info.durationMs(),
                info.frameRate(),
                info.variableRate(),
                info.sounds().size(),
                row.peaksHash() != null && (info.playsInBrowsers() || row.proxyHash() != null),
                track.track().cues().size(),
                (int) track.track().words().count(),
                track.track().style(),
                row.created().toString());
    }
}
