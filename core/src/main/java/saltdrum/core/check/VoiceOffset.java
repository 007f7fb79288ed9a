package saltdrum.core.check;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import saltdrum.core.cue.Track;
import saltdrum.core.word.Word;

/**
 * How far words are from where the aligner heard them.
 *
 * @param measured whether the voice was measured
 * @param words how many of them were heard; with none, the other figures are 0
 * @param of how many there are
 * @param byMs the median of what each word would have to move by, ms; positive is later
 * @param spreadMs half of the words differ from that median by no more than this, ms
 */
public record VoiceOffset(boolean measured, int words, int of, int byMs, int spreadMs) {

    /**
     * @param onsets null if the voice was not measured
     * @param fromCue id of the first cue that counts
     */
    public static VoiceOffset of(Track track, Onsets onsets, long fromCue) {
        List<Word> words = track
                .cues()
                .subList(track.indexOfCue(fromCue), track.cues().size())
                .stream()
                .flatMap(cue -> cue.words().stream())
                .toList();
        Map<Long, Onsets.Heard> heard = onsets == null ? Map.of() : onsets.of(track);
        int[] offsets = words.stream()
                .filter(word -> heard.containsKey(word.id()))
                .mapToInt(word -> heard.get(word.id()).startMs() - word.startMs())
                .toArray();
        int by = median(offsets);
        int spread = median(IntStream.of(offsets).map(ms -> Math.abs(ms - by)).toArray());
        return new VoiceOffset(onsets != null, offsets.length, words.size(), by, spread);
    }

    /** The upper one of two in the middle; 0 of none. */
    private static int median(int[] values) {
        int[] sorted = values.clone();
        Arrays.sort(sorted);
        return sorted.length == 0 ? 0 : sorted[sorted.length / 2];
    }
}
