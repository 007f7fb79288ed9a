package saltdrum.core.check;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import saltdrum.core.cue.Track;
import saltdrum.core.word.Tokens;
import saltdrum.core.word.Word;
import saltdrum.core.word.WordSource;

/**
 * When words are heard, as the aligner measured it, independent of the times they have in a track. A word that was changed
 * since has none.
 *
 * @param heard in order of time
 */
public record Onsets(List<Heard> heard) {
    private static final long MOST_COMPARED = 4_000_000;

    public record Heard(String text, int startMs, int endMs) {}

    public Onsets {
        heard = List.copyOf(heard);
    }

    /** Of words that an aligner placed; what it only estimated or did not hear is left out. */
    public static Onsets of(List<Word> placed) {
        return new Onsets(placed.stream()
                .filter(word -> word.source() == WordSource.ALIGNED)
                .map(word -> new Heard(word.text(), word.startMs(), word.endMs()))
                .toList());
    }

    /** By word id. Words are matched in their order by what they say: the longest run that both have in common. */
    public Map<Long, Heard> of(Track track) {
        List<Word> words = track.words().toList();
        List<String> a =
                words.stream().map(word -> Tokens.normalised(word.text())).toList();
        List<String> b = heard.stream().map(one -> Tokens.normalised(one.text)).toList();
        Map<Long, Heard> found = new HashMap<>();
        int head = 0;
        while (head < Math.min(a.size(), b.size()) && a.get(head).equals(b.get(head))) {
            found.put(words.get(head).id(), heard.get(head));
            head++;
        }
        int tail = 0;
        while (tail < Math.min(a.size(), b.size()) - head
                && a.get(a.size() - 1 - tail).equals(b.get(b.size() - 1 - tail))) {
            found.put(words.get(a.size() - 1 - tail).id(), heard.get(b.size() - 1 - tail));
            tail++;
        }
        for (int[] pair : common(a.subList(head, a.size() - tail), b.subList(head, b.size() - tail))) {
            found.put(words.get(head + pair[0]).id(), heard.get(head + pair[1]));
        }
        return found;
    }

    /** Longest common subsequence, as pairs of places; none where the two differ too much to be worth it. */
    private static List<int[]> common(List<String> a, List<String> b) {
        List<int[]> pairs = new ArrayList<>();
        if ((long) a.size() * b.size() > MOST_COMPARED) {
            return pairs;
        }
        int[][] best = new int[a.size() + 1][b.size() + 1];
        for (int i = a.size() - 1; i >= 0; i--) {
            for (int j = b.size() - 1; j >= 0; j--) {
                best[i][j] =
                        a.get(i).equals(b.get(j)) ? best[i + 1][j + 1] + 1 : Math.max(best[i + 1][j], best[i][j + 1]);
            }
        }
        int i = 0;
        int j = 0;
        while (i < a.size() && j < b.size()) {
            if (a.get(i).equals(b.get(j))) {
                pairs.add(new int[] {i++, j++});
            } else if (best[i + 1][j] >= best[i][j + 1]) {
                i++;
            } else {
                j++;
            }
        }
        return pairs;
    }
}
