package saltdrum.core.edit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import saltdrum.core.BadInputException;
import saltdrum.core.RefusedEditException;
import saltdrum.core.Words;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.CueTime;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Track;
import saltdrum.core.delivery.ChangesSince;
import saltdrum.core.delivery.RenderedContent;
import saltdrum.core.edit.BreakEdit.Rebreak;
import saltdrum.core.edit.FlaggedEdit.AcceptUnscripted;
import saltdrum.core.edit.FlaggedEdit.DropWords;
import saltdrum.core.edit.ImportEdit.BringInCues;
import saltdrum.core.edit.ImportEdit.ReplaceWords;
import saltdrum.core.edit.MarkEdit.DeleteCues;
import saltdrum.core.edit.MarkEdit.Lock;
import saltdrum.core.edit.ShowingEdit.SetCueTime;
import saltdrum.core.edit.TextEdit.AddCue;
import saltdrum.core.edit.TextEdit.ReplaceText;
import saltdrum.core.edit.TextEdit.RetypeCue;
import saltdrum.core.edit.TextEdit.RewriteByPolicy;
import saltdrum.core.edit.TimingEdit.MoveEdge;
import saltdrum.core.edit.TimingEdit.NudgeWords;
import saltdrum.core.edit.TimingEdit.RetimeWord;
import saltdrum.core.edit.TimingEdit.ShiftAfter;
import saltdrum.core.edit.TimingEdit.ShiftCues;
import saltdrum.core.edit.TimingEdit.StretchCues;
import saltdrum.core.merge.Change;
import saltdrum.core.word.Word;

/**
 * The promises of every edit: times stay in order and inside the clip, words are conserved, locked cues do not
 * change, unchanged words keep their time.
 */
public final class EditPromises {
    private static final String TEXT =
            "Sand it first or you will be back by Friday. Three coats thin as tea. Let each one dry until the bell.";

    public static final int LENGTH_MS = 12_000;

    private EditPromises() {}

    /** Does them one after the other. @throws AssertionError when a promise is broken */
    static void assertKept(List<EditDice.Throw> dice) {
        Track track = Words.track(Recipe.PHRASE, TEXT).withLength(LENGTH_MS);
        for (EditDice.Throw die : dice) {
            if (track.cues().isEmpty()) {
                return;
            }
            track = after(die, track);
        }
    }

    private static Track after(EditDice.Throw die, Track track) {
        Edit edit = EditDice.edit(die, track);
        Track after;
        try {
            after = edit.on(track);
        } catch (RefusedEditException refused) {
            return track;
        } catch (BadInputException impossible) {
            // What the dice ask for may be nonsense; a track out of order would be a fault of ours.
            assertThat(impossible).hasMessageNotContaining("would start before");
            return track;
        }
        Change change = Change.between(track, after);
        assertThat(change.applyTo(track)).isEqualTo(after);
        assertThat(change.reversed().applyTo(after)).isEqualTo(track);
        assertThat(edit.said(track)).isNotBlank();
        assertOrder(after);
        assertThat(ChangesSince.of(track, after).isEmpty())
                .as("what is said to have changed is what would be rendered otherwise, after " + edit)
                .isEqualTo(RenderedContent.hash(track).equals(RenderedContent.hash(after)));
        assertLockedStand(track, after, edit);
        if (!CHANGE_TEXT.contains(edit.getClass())) {
            assertConserved(track, after);
        }
        if (!CHANGE_TIME.contains(edit.getClass())) {
            assertTimesKept(track, after);
        }
        return after;
    }

    public static void assertOrder(Track track) {
        int before = 0;
        for (Word word : track.words().toList()) {
            assertThat(word.startMs()).isGreaterThanOrEqualTo(before).isLessThan(word.endMs());
            before = word.endMs();
        }
        assertThat(before).isLessThanOrEqualTo(LENGTH_MS);
        assertThat(track.words().map(Word::id)).doesNotHaveDuplicates();
        assertThat(track.cues()).extracting(Cue::id).doesNotHaveDuplicates();
        List<CueTime> times = CueTime.of(track);
        for (int t = 0; t < times.size(); t++) {
            assertThat(times.get(t).showMs())
                    .isGreaterThanOrEqualTo(0)
                    .isLessThan(times.get(t).hideMs());
            assertThat(times.get(t).hideMs()).isLessThanOrEqualTo(LENGTH_MS);
            assertThat(t == 0 ? 0 : times.get(t - 1).hideMs())
                    .isLessThanOrEqualTo(times.get(t).showMs());
        }
    }

    private static void assertLockedStand(Track before, Track after, Edit edit) {
        if (edit instanceof Lock) {
            return;
        }
        Function<Cue, Cue> kept = edit instanceof Rebreak ? cue -> cue.withGiven(null) : cue -> cue;
        Set<Cue> now = after.cues().stream().map(kept).collect(Collectors.toSet());
        assertThat(before.cues().stream().filter(Cue::locked).map(kept))
                .allMatch(now::contains, "still there, unchanged");
        if (edit instanceof Rebreak) {
            assertShownAsBefore(before, after);
        }
    }

    /** Not earlier and not longer, but for a cue after it that shows earlier by another recipe. */
    private static void assertShownAsBefore(Track before, Track after) {
        for (int i = 0; i < before.cues().size(); i++) {
            Cue cue = before.cues().get(i);
            if (cue.locked()) {
                CueTime then = CueTime.of(before).get(i);
                CueTime now = CueTime.of(after).get(after.indexOfCue(cue.id()));
                assertThat(now.showMs()).isEqualTo(then.showMs());
                assertThat(now.hideMs()).isLessThanOrEqualTo(then.hideMs());
            }
        }
    }

    private static void assertConserved(Track before, Track after) {
        assertThat(after.words().map(w -> w.id() + w.text()).toList())
                .isEqualTo(before.words().map(w -> w.id() + w.text()).toList());
    }

    /** Unchanged words keep their start, and their end unless a new word follows directly. */
    private static void assertTimesKept(Track before, Track after) {
        Map<Long, Word> old = before.words().collect(Collectors.toMap(Word::id, word -> word));
        List<Word> now = after.words().toList();
        for (int i = 0; i < now.size(); i++) {
            Word word = now.get(i);
            Word was = old.get(word.id());
            if (was == null || !was.text().equals(word.text())) {
                continue;
            }
            assertThat(word.startMs()).as(word.text()).isEqualTo(was.startMs());
            boolean newBehind =
                    i + 1 < now.size() && !old.containsKey(now.get(i + 1).id());
            if (!newBehind) {
                assertThat(word.endMs()).as(word.text()).isEqualTo(was.endMs());
            }
        }
    }

    private static final Set<Class<?>> CHANGE_TEXT = Set.of(
            RetypeCue.class,
            DropWords.class,
            DeleteCues.class,
            ApplyRemedies.class,
            Shorten.class,
            AddCue.class,
            ReplaceText.class,
            RewriteByPolicy.class,
            ReplaceWords.class,
            BringInCues.class,
            AcceptUnscripted.class);

    private static final Set<Class<?>> CHANGE_TIME = Set.of(
            FollowVoice.class,
            ApplyRemedies.class,
            MoveEdge.class,
            NudgeWords.class,
            ShiftAfter.class,
            StretchCues.class,
            SetCueTime.class,
            ShiftCues.class,
            RetimeWord.class,
            ReplaceWords.class,
            BringInCues.class);
}
