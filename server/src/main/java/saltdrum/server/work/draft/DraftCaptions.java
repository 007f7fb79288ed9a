package saltdrum.server.work.draft;

import java.util.List;
import org.springframework.stereotype.Component;
import saltdrum.core.cue.Range;
import saltdrum.core.cue.Size;
import saltdrum.core.cue.Track;
import saltdrum.core.firstdraft.DraftSettings;
import saltdrum.core.firstdraft.FirstDraft;
import saltdrum.core.layout.SceneMaker;
import saltdrum.core.sound.Sound;
import saltdrum.core.style.StyleShelf;
import saltdrum.core.word.Word;
import saltdrum.server.store.clip.ClipRow;
import saltdrum.server.store.style.StyleStore;
import saltdrum.server.store.track.TrackStore;
import saltdrum.server.work.FindingsService;
import saltdrum.server.work.run.JobContext;
import saltdrum.server.work.speech.ClipSound;

/** Breaks, styles, emphasises and mends the words of a first draft, as one step of the history. */
@Component
class DraftCaptions {
    private final TrackStore tracks;
    private final StyleStore rows;
    private final StyleShelf styles;
    private final SceneMaker scenes;
    private final ClipSound sounds;
    private final FindingsService findings;

    DraftCaptions(
            TrackStore tracks,
            StyleStore rows,
            StyleShelf styles,
            SceneMaker scenes,
            ClipSound sounds,
            FindingsService findings) {
        this.tracks = tracks;
        this.rows = rows;
        this.styles = styles;
        this.scenes = scenes;
        this.sounds = sounds;
        this.findings = findings;
    }

    /** @param words that this work has brought into the track */
    void finish(ClipRow clip, DraftSettings settings, List<Word> words, JobContext watch) {
        Sound sound = sounds.part(clip, Range.ALL);
        Size size = clip.info().size();
        FirstDraft draft = new FirstDraft(
                settings.withStyle(null),
                size,
                track -> scenes.measure(track, styles.of(track), size),
                findings.inputs(clip.id()));
        String[] said = {""};
        tracks.amendAsGiven(clip.id(), watch.attempt(), track -> said[0], (track, anew) -> {
            Track styled = settings.style() == null
                    ? track
                    : rows.restyle(settings.style()).on(track);
            // Where a person has changed something meanwhile, the words stay as they left them.
            FirstDraft.Result result = anew ? draft.of(styled, words, sound) : draft.finished(styled, sound);
            said[0] = result.said();
            return result.track();
        });
        // What it needs of a person is kept for the list of clips.
        findings.look(clip.id());
    }
}
