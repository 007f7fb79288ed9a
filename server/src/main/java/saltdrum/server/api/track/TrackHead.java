package saltdrum.server.api.track;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.stream.IntStream;
import saltdrum.core.cue.CueTime;
import saltdrum.core.cue.Frame;
import saltdrum.core.cue.FrameLayout;
import saltdrum.core.cue.Headline;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Size;
import saltdrum.core.cue.Track;
import saltdrum.core.cue.TrackExtras.Unscripted;
import saltdrum.core.look.Facets;
import saltdrum.core.look.Ink;
import saltdrum.core.look.Styling;
import saltdrum.server.store.track.StoredTrack;
import saltdrum.server.store.track.UndoSteps;

/** Everything about a track except its cues. */
record TrackHead(
        long version,
        @Schema(description = "Which of the tracks that have had this id") String incarnation,
        String language,
        String style,
        @Schema(description = "How it uses its style, and what it has otherwise") Styling styling,
        Recipe recipe,
        Frame frame,
        @Schema(description = "Positions of everything in the finished picture") FrameLayout layout,
        @Schema(description = "Room for a cue after the last one, ms; 0 where there is none") int endRestMs,
        @Schema(description = "Speech that was heard and is not in the script") List<Unscripted> unscripted,
        @Schema(description = "Fixed texts, in the order in which they are drawn") List<Headline> headlines,
        @Schema(description = "Who speaks; none where no speakers are named") List<SpeakerView> speakers,
        @Schema(description = "What undo would undo") String undo,
        @Schema(description = "What redo would do again") String redo) {

    /** @param colour of all that the speaker says, where it is one flat colour of its own; null for the style's */
    record SpeakerView(String name, String colour) {
        static List<SpeakerView> of(Track track) {
            List<String> names = track.beside().speakers().names();
            return IntStream.rangeClosed(1, names.size())
                    .mapToObj(speaker -> new SpeakerView(
                            names.get(speaker - 1),
                            colour(track.styling().speaker(speaker).get(Facets.FILL))))
                    .toList();
        }

        private static String colour(Ink fill) {
            return fill == null ? null : fill.colour();
        }
    }

    static TrackHead of(StoredTrack stored, UndoSteps steps, Size clip) {
        Track track = stored.track();
        return new TrackHead(
                stored.version(),
                stored.incarnation(),
                track.language(),
                track.style(),
                track.styling(),
                track.recipe(),
                track.frame(),
                track.frame().layout(clip),
                CueTime.restAtEnd(CueTime.of(track), track.endMs()),
                track.beside().unscripted(),
                track.beside().headlines(),
                SpeakerView.of(track),
                steps.undo(),
                steps.redo());
    }
}
