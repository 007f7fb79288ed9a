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
        long version,
        String language,
        String style,
        Recipe recipe,
        Frame frame,
        @Schema(description = "Size of the finished picture") Size output,
        @Schema(description = "What undo would undo") String undo,
        @Schema(description = "What redo would do again") String redo,
        List<CueView> cues) {

    record CueView(
            long id,
            int showMs,
            int hideMs,
            @Schema(description = "Characters a second") double speed,
            boolean locked,
            List<Integer> lineStarts,
            List<Word> words) {}

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
