package saltdrum.core.edit.styled;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.Track;
import saltdrum.core.look.LookPatch;
import saltdrum.core.style.Cascade;
import saltdrum.core.style.Style;
import saltdrum.core.style.StyleShelf;
import saltdrum.core.word.Word;

/**
 * Keeps the look of locked cues through a change of the track's style or of its overrides. Facets that would become
 * others are written into the cue and its words, and stay there when it is unlocked.
 */
public final class LockedLooks {
    private LockedLooks() {}

    /**
     * The track after an edit, with its locked cues as they looked before.
     *
     * @param after has the same cues
     * @param styles where the styles of both are found
     */
    public static Track kept(Track before, Track after, StyleShelf styles) {
        boolean same = after.style().equals(before.style())
                && after.styling().equals(before.styling())
                && after.beside().speakers().equals(before.beside().speakers());
        return same || after.lockedCues() == 0 ? after : kept(before, styles.of(before), after, styles.of(after));
    }

    private static Track kept(Track before, Style styleBefore, Track after, Style styleAfter) {
        Cascade looks = new Cascade(styleBefore, before.styling());
        Cascade newLooks = new Cascade(styleAfter, after.styling());
        Map<Long, Cue> were = new HashMap<>();
        before.cues().forEach(cue -> were.put(cue.id(), cue));
        List<Cue> cues = new ArrayList<>();
        for (Cue cue : after.cues()) {
            cues.add(cue.locked() ? kept(were.getOrDefault(cue.id(), cue), cue, looks, newLooks) : cue);
        }
        return after.withCues(cues, after.nextId());
    }

    /** @param was the same cue before: its speaker may have another number now */
    private static Cue kept(Cue was, Cue cue, Cascade looks, Cascade newLooks) {
        LookPatch own =
                LookDifference.between(looks.ofCue(was), newLooks.ofCue(cue)).over(cue.look());
        Cue kept = cue.withLook(own);
        List<Word> words = new ArrayList<>();
        for (Word word : cue.words()) {
            LookPatch change = LookDifference.between(looks.ofWord(was, word), newLooks.ofWord(kept, word));
            words.add(change.isEmpty() ? word : word.withLook(change.over(word.look())));
        }
        return kept.withWords(words);
    }
}
