package saltdrum.speech.lettersound;

import java.util.Arrays;
import java.util.List;

/** How often up to {@link LetterToSound#ORDER} graphones follow one another. */
final class Grams {
    private static final int LENGTH_BITS = 3;
    private static final int LENGTH = (1 << LENGTH_BITS) - 1;

    private long[] seen = new long[1 << 20];
    private int count;

    /** @param sequence ids of a word's graphones between two edges */
    void add(int[] sequence) {
        for (int end = 1; end < sequence.length; end++) {
            for (int n = 1; n <= LetterToSound.ORDER && end - n + 1 >= 0; n++) {
                if (count == seen.length) {
                    seen = Arrays.copyOf(seen, 2 * count);
                }
                seen[count++] = LetterToSound.pack(sequence, end - n + 1, end + 1);
            }
        }
    }

    /** The ids before the last one, packed as well. */
    private static long history(long gram) {
        return gram >> LENGTH_BITS + LetterToSound.BITS << LENGTH_BITS | (gram & LENGTH) - 1;
    }

    LetterToSound model(List<String> names) {
        Arrays.sort(seen, 0, count);
        long[] grams = distinct(seen, count);
        long[] both = Arrays.copyOf(grams, 2 * grams.length);
        for (int i = 0; i < grams.length; i++) {
            both[grams.length + i] = history(grams[i]);
        }
        Arrays.sort(both);
        long[] all = distinct(both, both.length);
        int[] counts = new int[all.length];
        int[] followers = new int[all.length];
        int[] kinds = new int[all.length];
        for (int i = 0, at = 0; i < count; i++) {
            while (all[at] != seen[i]) {
                at++;
            }
            counts[at]++;
        }
        for (int i = 0; i < all.length; i++) {
            if (counts[i] > 0) {
                int before = Arrays.binarySearch(all, history(all[i]));
                followers[before] += counts[i];
                kinds[before]++;
            }
        }
        return kept(names, all, counts, followers, kinds);
    }

    private static long[] distinct(long[] sorted, int count) {
        long[] distinct = new long[count];
        int kept = 0;
        for (int i = 0; i < count; i++) {
            if (i == 0 || sorted[i] != sorted[i - 1]) {
                distinct[kept++] = sorted[i];
            }
        }
        return Arrays.copyOf(distinct, kept);
    }

    /** Long ones that were seen once carry little and are most of the size. */
    private static LetterToSound kept(List<String> names, long[] all, int[] counts, int[] followers, int[] kinds) {
        int kept = 0;
        for (int i = 0; i < all.length; i++) {
            if ((all[i] & LENGTH) != LetterToSound.ORDER || counts[i] >= 2) {
                all[kept] = all[i];
                counts[kept] = counts[i];
                followers[kept] = followers[i];
                kinds[kept++] = kinds[i];
            }
        }
        return new LetterToSound(
                names.toArray(String[]::new),
                Arrays.copyOf(all, kept),
                Arrays.copyOf(counts, kept),
                Arrays.copyOf(followers, kept),
                Arrays.copyOf(kinds, kept));
    }
}
