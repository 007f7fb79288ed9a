package saltdrum.core.merge;

import java.util.ArrayList;
import java.util.List;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.Track;
import saltdrum.core.word.Word;

/** The times of all words of a track in one array, for moving them and writing them back. */
public final class WordTimes {
    /** No edge is dragged so near to a word's other one. */
    public static final int LEAST_MS = 20;

    public final List<Word> words;
    public final int[] start;
    public final int[] end;
    private final boolean[] locked;
    private final Track track;

    public WordTimes(Track track) {
        this.track = track;
        words = track.words().toList();
        start = words.stream().mapToInt(Word::startMs).toArray();
        end = words.stream().mapToInt(Word::endMs).toArray();
        locked = new boolean[words.size()];
        int i = 0;
        for (Cue cue : track.cues()) {
            for (int w = 0; w < cue.words().size(); w++) {
                locked[i++] = cue.locked();
            }
        }
    }

    public int indexOf(long wordId) {
        for (int i = 0; i < words.size(); i++) {
            if (words.get(i).id() == wordId) {
                return i;
            }
        }
        throw new saltdrum.core.BadInputException("That word no longer exists. Nothing was changed.");
    }

    public boolean exists(int i) {
        return i >= 0 && i < words.size();
    }

    public boolean free(int i) {
        return exists(i) && !locked[i];
    }

    /** How near its other edge a word's edge may come. */
    public int least(int i) {
        return Math.min(LEAST_MS, words.get(i).durationMs());
    }

    /** Latest time to which the words from {@code i} on can be pushed, as the start of word {@code i}. */
    public int latestStart(int i) {
        long room = 0;
        for (int k = i; ; k++) {
            if (!exists(k)) {
                return k == i ? endMs() : (int) (start[i] + room + endMs() - end[k - 1]);
            }
            if (locked[k]) {
                return (int) (start[i] + room);
            }
            if (exists(k + 1)) {
                room += start[k + 1] - end[k];
            }
        }
    }

    /** As late as any time may be. */
    public int endMs() {
        return track.endMs();
    }

    /** Earliest time to which the words up to {@code i} can be pushed, as the end of word {@code i}. */
    public int earliestEnd(int i) {
        long room = 0;
        for (int k = i; k >= 0; k--) {
            if (locked[k]) {
                return (int) (end[i] - room);
            }
            room += start[k] - (k == 0 ? 0 : end[k - 1]);
        }
        return (int) (end[i] - room);
    }

    /** Pushes words from {@code i} on until they no longer overlap the one before. */
    public void pushOn(int i) {
        for (int k = i; exists(k) && k > 0 && start[k] < end[k - 1]; k++) {
            int by = end[k - 1] - start[k];
            start[k] += by;
            end[k] += by;
        }
    }

    /** Pushes words from {@code i} back until they no longer overlap the one after. */
    public void pushBack(int i) {
        for (int k = i; k >= 0 && exists(k + 1) && end[k] > start[k + 1]; k--) {
            int by = end[k] - start[k + 1];
            start[k] -= by;
            end[k] -= by;
        }
    }

    /** The track with these times. Times given to a cue by hand move with it when all its words move alike. */
    public Track back() {
        List<Cue> cues = new ArrayList<>();
        int i = 0;
        for (Cue cue : track.cues()) {
            List<Word> timed = new ArrayList<>();
            boolean alike = true;
            boolean changed = false;
            int by = start[i] - cue.words().get(0).startMs();
            for (Word word : cue.words()) {
                changed |= word.startMs() != start[i] || word.endMs() != end[i];
                alike &= start[i] - word.startMs() == by && end[i] - word.endMs() == by;
                timed.add(changed || by != 0 ? word.withTime(start[i], end[i]) : word);
                i++;
            }
            Cue moved = changed ? cue.withWords(timed) : cue;
            boolean carries = changed && alike && cue.given() != null;
            cues.add(carries ? moved.withGiven(cue.given().moved(by)) : moved);
        }
        return track.withCues(cues, track.nextId());
    }
}
