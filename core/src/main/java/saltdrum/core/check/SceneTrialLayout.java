package saltdrum.core.check;

import java.util.OptionalInt;
import java.util.function.Function;
import saltdrum.core.cue.CueTime;
import saltdrum.core.cue.Headline;
import saltdrum.core.cue.Size;
import saltdrum.core.cue.Track;
import saltdrum.core.layout.SceneMaker;
import saltdrum.core.scene.Part;
import saltdrum.core.style.Style;

/**
 * Lays out one cue or headline as the scene would.
 *
 * @param styles the style of a track
 * @param clip size of the clip's upright picture in pixels
 */
public record SceneTrialLayout(SceneMaker scenes, Function<Track, Style> styles, Size clip) implements TrialLayout {
    @Override
    public Part part(Track tried, long id) {
        OptionalInt at = seenAt(tried, id);
        return at.isEmpty()
                ? null
                : scenes.attempt(tried, styles.apply(tried), clip, at.getAsInt(), at.getAsInt() + 1).parts().stream()
                        .filter(part -> part.cueId() == id)
                        .findFirst()
                        .orElse(null);
    }

    private static OptionalInt seenAt(Track track, long id) {
        for (int i = 0; i < track.cues().size(); i++) {
            if (track.cues().get(i).id() == id) {
                CueTime time = CueTime.of(track).get(i);
                return OptionalInt.of((time.showMs() + time.hideMs()) / 2);
            }
        }
        return track.beside().headlines().stream()
                .filter(one -> one.id() == id)
                .mapToInt(Headline::fromMs)
                .findFirst();
    }
}
