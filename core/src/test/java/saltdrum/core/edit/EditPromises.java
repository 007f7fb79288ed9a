package saltdrum.core.edit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import saltdrum.core.BadInputException;
import saltdrum.core.RefusedEditException;
import saltdrum.core.Words;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.CueTime;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Track;
import saltdrum.core.draft.Policy;
import saltdrum.core.word.Word;

/**
 * Edits drawn by dice, and what they promise: time stays in order and in the clip, words are conserved, locked cues stand,
 * unchanged words keep their time.
 */
final class EditPromises {
    private static final String TEXT =
            "Sand it first or you will be back by Friday. Three coats thin as tea. Let each one dry until the bell.";

    private static final int LENGTH_MS = 12_000;

    private EditPromises() {}

    /** What the dice say; which word and cue it lands on depends on the track at that moment. */
    record Throw(int kind, int place, int other, boolean flag, int ms) {}

    static Arbitrary<List<Throw>> sequences() {
        Arbitrary<Throw> one = Combinators.combine(
                        Arbitraries.integers().between(0, 24),
                        Arbitraries.integers().between(0, 1000),
                        Arbitraries.integers().between(0, 1000),
                        Arbitraries.of(true, false),
                        Arbitraries.integers().between(-900, 9000))
                .as(Throw::new);
        return one.list().ofMinSize(1).ofMaxSize(60);
    }

    /** Does them one after the other. @throws AssertionError when a promise is broken */
    static void assertKept(List<Throw> dice) {
        Track track = Words.track(Recipe.PHRASE, TEXT).withLength(LENGTH_MS);
        for (Throw die : dice) {
            if (track.cues().isEmpty()) {
                return;
            }
            track = after(die, track);
        }
    }

    private static Track after(Throw die, Track track) {
        Edit edit = edit(die, track);
        Track after;
        try {
            after = Edits.apply(track, edit);
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
        assertThat(EditWords.describe(track, edit)).isNotBlank();
        assertOrder(after);
        assertLockedStand(track, after, edit);
        if (!changesText(edit)) {
            assertConserved(track, after);
        }
        if (!changesTime(edit)) {
            assertTimesKept(track, after);
        }
        return after;
    }

    private static void assertOrder(Track track) {
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
        if (edit instanceof Edit.Lock) {
            return;
        }
        Set<Cue> now = new HashSet<>(after.cues());
        assertThat(before.cues().stream().filter(Cue::locked)).allMatch(now::contains, "still there, unchanged");
    }

    private static void assertConserved(Track before, Track after) {
        assertThat(after.words().map(w -> w.id() + w.text()).toList())
                .isEqualTo(before.words().map(w -> w.id() + w.text()).toList());
    }

    /** Unchanged words keep their start; their end too, unless a new word stands right behind them. */
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

    private static boolean changesText(Edit edit) {
        return edit instanceof Edit.RetypeCue
                || edit instanceof Edit.DropWords
                || edit instanceof Edit.DeleteCues
                || edit instanceof Edit.AddCue
                || edit instanceof Edit.ReplaceText
                || edit instanceof Edit.Redraft;
    }

    private static boolean changesTime(Edit edit) {
        return edit instanceof Edit.MoveEdge
                || edit instanceof Edit.NudgeWords
                || edit instanceof Edit.ShiftAfter
                || edit instanceof Edit.StretchCues
                || edit instanceof Edit.SetCueTime
                || edit instanceof Edit.ShiftCues
                || edit instanceof Edit.RetimeWord;
    }

    /** The edit that a throw stands for on this track. Kinds keep their numbers: examples are told by them. */
    private static Edit edit(Throw die, Track track) {
        int c = die.place % track.cues().size();
        Cue cue = track.cues().get(c);
        Word word = cue.words().get(die.other % cue.words().size());
        List<Long> run = track.cues().subList(c, Math.min(track.cues().size(), c + 1 + die.other % 3)).stream()
                .map(Cue::id)
                .toList();
        List<Long> chosen = die.flag ? run : null;
        Push push = Push.values()[die.other % 3];
        Recipe recipe = Recipe.BUILT_IN.get(die.other % 3);
        return switch (die.kind) {
            case 0 -> new Edit.SplitCue(word.id());
            case 1 -> new Edit.JoinCues(cue.id());
            case 2 -> new Edit.MoveWord(word.id(), die.flag);
            case 3 -> new Edit.Rebreak(recipe, die.ms % 4 == 0, chosen);
            case 4 -> new Edit.SetEmphasis(List.of(word.id()), die.other % 5);
            case 5 -> new Edit.Lock(run, die.ms % 3 == 0);
            case 6 -> new Edit.MoveEdge(word.id(), die.flag, die.ms, push);
            case 7 -> new Edit.NudgeWords(cue.words().stream().map(Word::id).toList(), die.ms / 10, push);
            case 8 -> new Edit.ShiftAfter(cue.id(), die.ms / 20);
            case 9 -> new Edit.StretchCues(run, cue.firstWordMs(), cue.lastWordMs() + die.ms / 30);
            case 10 -> new Edit.SetCueTime(cue.id(), die.flag ? die.ms : null, die.flag ? null : die.ms);
            case 11 -> new Edit.BridgeGaps(chosen, 1 + die.other);
            case 12 -> new Edit.TrimToSpeech(chosen);
            case 13 -> new Edit.HoldAtLeast(chosen, 1 + die.other);
            case 14 -> new Edit.AddCue(Math.abs(die.ms), Math.abs(die.ms) + 1500, "low tide");
            case 15 -> new Edit.ReplaceText(word.text(), die.flag ? "lantern" : "three old oars", null);
            case 16 -> new Edit.BreakLine(word.id(), die.flag);
            case 17 -> new Edit.BalanceLines(run);
            case 18 -> new Edit.ReleaseBreaks(run);
            case 19 -> new Edit.JoinRun(run);
            case 20 -> new Edit.Redraft(Policy.values()[die.other % Policy.values().length]);
            case 21 -> new Edit.RetypeCue(cue.id(), mutated(die, cue));
            case 22 -> new Edit.RetypeCue(cue.id(), withMore(die, cue));
            case 23 -> new Edit.ShiftCues(run, die.ms / 10);
            default -> new Edit.RetimeWord(word.id(), die.ms, die.ms + 1 + die.other);
        };
    }

    /** Drops, changes or adds a word, never before the first. */
    private static String mutated(Throw die, Cue cue) {
        List<String> texts =
                new ArrayList<>(cue.words().stream().map(Word::text).toList());
        int at = die.other % texts.size();
        switch (Math.abs(die.ms) % 3) {
            case 0 -> texts.set(at, "lantern" + die.other);
            case 1 -> texts.add(at + 1, "tide" + die.other);
            default -> {
                if (texts.size() > 1) {
                    texts.remove(at);
                }
            }
        }
        return String.join(" ", texts);
    }

    /** Adds one to three words anywhere, or splits one in two. */
    private static String withMore(Throw die, Cue cue) {
        List<String> texts =
                new ArrayList<>(cue.words().stream().map(Word::text).toList());
        if (die.flag) {
            int at = die.other % (texts.size() + 1);
            for (int n = 0; n <= Math.abs(die.ms) % 3; n++) {
                texts.add(at, "oar" + die.other + n);
            }
        } else {
            int at = die.other % texts.size();
            String text = texts.get(at);
            int half = text.offsetByCodePoints(0, text.codePointCount(0, text.length()) / 2);
            if (half > 0) {
                texts.set(at, text.substring(0, half) + " " + text.substring(half));
            }
        }
        return String.join(" ", texts);
    }
}
