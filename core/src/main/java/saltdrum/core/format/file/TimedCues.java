package saltdrum.core.format.file;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import saltdrum.core.cue.Cue;
import saltdrum.core.cue.CueOverrides;
import saltdrum.core.format.file.CaptionFile.Repair;
import saltdrum.core.word.Pin;
import saltdrum.core.word.Syllables;
import saltdrum.core.word.Word;
import saltdrum.core.word.WordSource;

/** The cues of a caption file with a time for every word. */
public final class TimedCues {
    private static final int DAY_MS = 86_400_000;

    private TimedCues() {}

    /**
     * The file's cues with a time for every word: times given by the file, others shared by syllable weight. Cues are
     * in order of time; one that overlaps the next is shortened. Ids count from 1.
     *
     * @param repairs collects what had to be changed
     */
    public static List<Cue> of(CaptionFile file, List<Repair> repairs) {
        List<FileCue> sorted =
                new ArrayList<>(file.cues().stream().map(FileCue::inWords).toList());
        sorted.sort(Comparator.comparingInt(FileCue::startMs));
        if (!sorted.stream()
                .map(FileCue::startMs)
                .toList()
                .equals(file.cues().stream().map(FileCue::startMs).toList())) {
            repairs.add(new Repair(0, "The cues were not in order of time; they are now."));
        }
        List<Cue> cues = new ArrayList<>();
        long id = 1;
        int floor = 0;
        for (int i = 0; i < sorted.size(); i++) {
            FileCue cue = sorted.get(i);
            if (cue.startMs() >= DAY_MS) {
                repairs.add(new Repair(cue.line(), "a cue later than a day was left out"));
                continue;
            }
            int ceiling = i + 1 < sorted.size() ? Math.max(sorted.get(i + 1).startMs(), cue.startMs() + 1) : DAY_MS;
            int end = Math.min(
                    cue.endMs(),
                    Math.max(
                            ceiling,
                            Math.max(floor, cue.startMs()) + cue.words().size()));
            if (end < cue.endMs() || floor > cue.startMs()) {
                repairs.add(new Repair(cue.line(), "the cue overlapped its neighbour and was shortened"));
            }
            int start = Math.max(floor, cue.startMs());
            end = Math.max(end, start + cue.words().size());
            List<Word> words = timed(cue, start, end, id);
            id += words.size();
            // Line 0 marks a words file, which has no times of cues.
            boolean hand = cue.line() > 0;
            CueOverrides given = hand || cue.settings() != null
                    ? new CueOverrides(hand ? start : null, hand ? end : null, cue.settings())
                    : null;
            cues.add(new Cue(id++, words, cue.lineStarts(), false, given, cue.look()));
            floor = words.get(words.size() - 1).endMs();
        }
        return cues;
    }

    private static List<Word> timed(FileCue cue, int start, int end, long firstId) {
        List<FileWord> from = cue.words();
        int count = from.size();
        Integer[] starts = new Integer[count];
        Integer[] ends = new Integer[count];
        for (int i = 0; i < count; i++) {
            starts[i] = inside(from.get(i).startMs(), start, end);
            ends[i] = inside(from.get(i).endMs(), start, end);
        }
        if (starts[0] == null) {
            starts[0] = start;
        }
        List<Word> words = new ArrayList<>();
        int floor = start;
        for (int i = 0; i < count; ) {
            int next = i + 1;
            while (next < count && starts[next] == null && ends[next - 1] == null) {
                next++;
            }
            // Words i to next - 1 share the time before the next known time.
            int left = count - next;
            int first = Math.min(Math.max(floor, starts[i] == null ? floor : starts[i]), end - left - (next - i));
            int last =
                    ends[next - 1] != null ? ends[next - 1] : next < count && starts[next] != null ? starts[next] : end;
            last = Math.max(first + next - i, Math.min(last, end - left));
            int[] edges = Syllables.share(
                    from.subList(i, next).stream().map(FileWord::text).toList(), first, last);
            for (int w = i; w < next; w++) {
                words.add(word(from.get(w), firstId + w, edges[w - i], edges[w - i + 1]));
            }
            floor = last;
            i = next;
        }
        return words;
    }

    private static Word word(FileWord word, long id, int startMs, int endMs) {
        return new Word(
                id,
                word.text(),
                startMs,
                endMs,
                word.confidence(),
                WordSource.IMPORTED,
                word.emphasis(),
                Pin.FREE,
                word.look(),
                0);
    }

    private static Integer inside(Integer ms, int start, int end) {
        return ms == null || ms < start || ms > end ? null : ms;
    }
}
