package saltdrum.core.edit;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import saltdrum.core.BadInputException;
import saltdrum.core.RefusedEditException;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.CueOverrides;
import saltdrum.core.cue.CueTime;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.ShowingEdit.BridgeGaps;
import saltdrum.core.edit.ShowingEdit.HoldAtLeast;
import saltdrum.core.edit.ShowingEdit.SetCueTime;
import saltdrum.core.edit.ShowingEdit.TrimToSpeech;
import saltdrum.core.text.Quoted;
import saltdrum.core.word.Word;

/** Implements edits of how long cues are shown. Edits of many cues skip locked ones. */
final class ShowingEdits {
    private ShowingEdits() {}

    /** Sets when a cue is shown or hidden. If the time is inside its first or last word, that word is shortened. */
    static Track set(Track track, SetCueTime e) {
        int index = track.indexOfCue(e.cueId());
        Cue cue = Edits.unlocked(track.cues().get(index));
        CueOverrides given = cue.given() == null ? new CueOverrides(null, null, null) : cue.given();
        Integer show = given.showMs();
        Integer hide = given.hideMs();
        List<Word> words = new ArrayList<>(cue.words());
        if (e.showMs() != null) {
            show = follows(e.showMs()) ? null : e.showMs();
            if (show != null && show > cue.firstWordMs()) {
                Word first = words.get(0);
                if (show > first.endMs() - 1) {
                    throw new RefusedEditException("The cue would show after " + Quoted.of(first.text())
                            + " was said. Move the word first, or send it to the cue before.");
                }
                words.set(0, first.withTime(show, first.endMs()));
            }
        }
        if (e.hideMs() != null) {
            hide = follows(e.hideMs()) ? null : e.hideMs();
            Word last = words.get(words.size() - 1);
            if (hide != null && hide < last.endMs()) {
                if (hide <= last.startMs()) {
                    throw new RefusedEditException("The cue would go before " + Quoted.of(last.text())
                            + " is said. Move the word first, or send it to the next cue.");
                }
                words.set(words.size() - 1, last.withTime(last.startMs(), hide));
            }
        }
        Cue set = cue.withWords(words).withGiven(given(show, hide, given.settings()));
        return Edits.replace(track, index, 1, List.of(set), track.nextId());
    }

    /** Locked cues are shown and hidden when they were, where another recipe would have moved that. */
    static Track lockedAsBefore(Track before, Track after) {
        if (before.lockedCues() == 0) {
            return after;
        }
        Map<Long, CueTime> old = new HashMap<>();
        List<CueTime> times = CueTime.of(before);
        for (int i = 0; i < times.size(); i++) {
            old.put(before.cues().get(i).id(), times.get(i));
        }
        List<CueTime> now = CueTime.of(after);
        List<Cue> cues = new ArrayList<>();
        for (int i = 0; i < now.size(); i++) {
            Cue cue = after.cues().get(i);
            boolean moved = cue.locked() && !now.get(i).equals(old.get(cue.id()));
            cues.add(moved ? shown(cue, now.get(i), old.get(cue.id())) : cue);
        }
        return after.withCues(cues, after.nextId());
    }

    private static Cue shown(Cue cue, CueTime now, CueTime wanted) {
        CueOverrides given = cue.given() == null ? new CueOverrides(null, null, null) : cue.given();
        return cue.withGiven(new CueOverrides(
                wanted.showMs() == now.showMs() ? given.showMs() : Integer.valueOf(wanted.showMs()),
                wanted.hideMs() == now.hideMs() ? given.hideMs() : Integer.valueOf(wanted.hideMs()),
                given.settings()));
    }

    /** A time below 0 says: as the words are heard. */
    private static boolean follows(int timeMs) {
        return timeMs < 0;
    }

    private static CueOverrides given(Integer show, Integer hide, String settings) {
        return show == null && hide == null && settings == null ? null : new CueOverrides(show, hide, settings);
    }

    private interface Rule {
        /** Returns the new times of the cue, or null to leave it unchanged. */
        CueTime of(int index, CueTime now, Integer nextShowMs);
    }

    private static Track each(Track track, List<Long> cueIds, Rule rule) {
        Set<Long> wanted = cueIds == null || cueIds.isEmpty() ? null : Edits.existing(track, cueIds);
        List<CueTime> times = CueTime.of(track);
        List<Cue> cues = new ArrayList<>();
        Set<Long> locked = new HashSet<>();
        for (int i = 0; i < track.cues().size(); i++) {
            Cue cue = track.cues().get(i);
            CueTime now = times.get(i);
            boolean chosen = wanted == null || wanted.contains(cue.id());
            CueTime given = chosen
                    ? rule.of(i, now, i + 1 < times.size() ? times.get(i + 1).showMs() : null)
                    : null;
            if (given == null || given.equals(now)) {
                cues.add(cue);
            } else if (cue.locked()) {
                locked.add(cue.id());
                cues.add(cue);
            } else {
                cues.add(shown(cue, now, given));
            }
        }
        Track after = track.withCues(cues, track.nextId());
        if (!locked.isEmpty() && after.equals(track)) {
            throw new RefusedEditException(
                    "Everything that this would change is locked. Unlock it first; nothing was changed.");
        }
        return after;
    }

    /** A cue that goes at most {@code upToMs} before the next shows stays until then. */
    static Track bridge(Track track, BridgeGaps e) {
        positive(e.upToMs());
        return each(track, e.cueIds(), (i, now, next) -> {
            boolean gap = next != null && next > now.hideMs() && next - now.hideMs() <= e.upToMs();
            return gap ? new CueTime(now.showMs(), next) : null;
        });
    }

    /**
     * A cue goes when its last word is over. The aligner's words end where speech does, so this follows the sound; cues
     * that run on into the next stay joined.
     */
    static Track trim(Track track, TrimToSpeech e) {
        return each(track, e.cueIds(), (i, now, next) -> {
            int over = track.cues().get(i).lastWordMs();
            boolean joined = next != null && next - over <= track.recipe().bridgeMs();
            return now.hideMs() > over && !joined ? new CueTime(now.showMs(), over) : null;
        });
    }

    /** A cue that is shown too shortly stays longer into free room, and where there is none shows earlier. */
    static Track hold(Track track, HoldAtLeast e) {
        positive(e.leastMs());
        List<CueTime> times = CueTime.of(track);
        int[] hides = times.stream().mapToInt(CueTime::hideMs).toArray();
        return each(track, e.cueIds(), (i, now, next) -> {
            if (now.hideMs() - now.showMs() >= e.leastMs()) {
                return null;
            }
            int hide = Math.min(next == null ? track.endMs() : next, now.showMs() + e.leastMs());
            int free = i == 0 ? 0 : hides[i - 1];
            int show = Math.max(free, Math.min(now.showMs(), hide - e.leastMs()));
            hides[i] = hide;
            return new CueTime(show, hide);
        });
    }

    private static void positive(int ms) {
        if (ms <= 0 || ms > 60_000) {
            throw new BadInputException("Choose a time between 1 ms and 60 s, not " + ms + " ms.");
        }
    }
}
