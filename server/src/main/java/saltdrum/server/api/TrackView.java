package saltdrum.server.api;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.List;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.CueTime;
import saltdrum.core.cue.Frame;
import saltdrum.core.cue.ReadingSpeed;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Size;
import saltdrum.core.word.Word;
import saltdrum.server.store.StoredTrack;

/** A track with everything the bench shows of it. Times are milliseconds. */
record TrackView(
        @Schema(requiredMode = Schema.RequiredMode.REQUIRED) long version,
        @Schema(requiredMode = Schema.RequiredMode.REQUIRED) String language,
        @Schema(requiredMode = Schema.RequiredMode.REQUIRED) String style,
        @Schema(requiredMode = Schema.RequiredMode.REQUIRED) Recipe recipe,
        @Schema(requiredMode = Schema.RequiredMode.REQUIRED) Frame frame,
        @Schema(requiredMode = Schema.RequiredMode.REQUIRED, description = "Size of the finished picture") Size output,
        @Schema(description = "What undo would undo") String undo,
        @Schema(description = "What redo would do again") String redo,
        @Schema(requiredMode = Schema.RequiredMode.REQUIRED) List<CueView> cues) {

    record CueView(
            @Schema(requiredMode = Schema.RequiredMode.REQUIRED) long id,
            @Schema(requiredMode = Schema.RequiredMode.REQUIRED) int showMs,
            @Schema(requiredMode = Schema.RequiredMode.REQUIRED) int hideMs,
            @Schema(requiredMode = Schema.RequiredMode.REQUIRED, description = "Characters a second") double speed,
            @Schema(requiredMode = Schema.RequiredMode.REQUIRED) boolean locked,
            @Schema(requiredMode = Schema.RequiredMode.REQUIRED) List<Integer> lineStarts,
            @Schema(requiredMode = Schema.RequiredMode.REQUIRED) List<Word> words) {}

    static TrackView of(StoredTrack stored, Size clip) {
        List<CueTime> times = CueTime.of(stored.track());
        List<CueView> cues = new ArrayList<>(times.size());
        for (int i = 0; i < times.size(); i++) {
            Cue cue = stored.track().cues().get(i);
            CueTime time = times.get(i);
            cues.add(new CueView(
                    cue.id(),
                    time.showMs(),
                    time.hideMs(),
                    Math.round(ReadingSpeed.of(cue, time) * 10) / 10.0,
                    cue.locked(),
                    cue.lineStarts(),
                    cue.words()));
        }
        return new TrackView(
                stored.version(),
                stored.track().language(),
                stored.track().style(),
                stored.track().recipe(),
                stored.track().frame(),
                stored.track().frame().output(clip),
                stored.steps().undo(),
                stored.steps().redo(),
                cues);
    }
}
