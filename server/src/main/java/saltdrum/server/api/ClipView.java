package saltdrum.server.api;

import io.swagger.v3.oas.annotations.media.Schema;
import saltdrum.core.Json;
import saltdrum.media.clip.ClipInfo;
import saltdrum.server.store.ClipRow;
import saltdrum.server.store.StoredTrack;

/** A clip for the list and the bench. */
record ClipView(
        @Schema(requiredMode = Schema.RequiredMode.REQUIRED) String id,
        @Schema(requiredMode = Schema.RequiredMode.REQUIRED) String name,
        @Schema(requiredMode = Schema.RequiredMode.REQUIRED) int width,
        @Schema(requiredMode = Schema.RequiredMode.REQUIRED) int height,
        @Schema(requiredMode = Schema.RequiredMode.REQUIRED) long durationMs,
        @Schema(requiredMode = Schema.RequiredMode.REQUIRED) double frameRate,
        @Schema(requiredMode = Schema.RequiredMode.REQUIRED) boolean variableRate,
        @Schema(requiredMode = Schema.RequiredMode.REQUIRED) int sounds,
        @Schema(
                        requiredMode = Schema.RequiredMode.REQUIRED,
                        description = "Poster and peaks are there and the clip plays here")
                boolean prepared,
        @Schema(requiredMode = Schema.RequiredMode.REQUIRED) int cues,
        @Schema(requiredMode = Schema.RequiredMode.REQUIRED) int words,
        @Schema(requiredMode = Schema.RequiredMode.REQUIRED) String style,
        @Schema(requiredMode = Schema.RequiredMode.REQUIRED) String created) {

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
