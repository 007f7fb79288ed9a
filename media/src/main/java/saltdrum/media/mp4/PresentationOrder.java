package saltdrum.media.mp4;

import java.util.Comparator;
import java.util.stream.IntStream;

/** The number of each sample in the order in which they are shown. */
final class PresentationOrder {
    private PresentationOrder() {}

    static int[] of(long[] shown) {
        Integer[] order = IntStream.range(0, shown.length)
                .boxed()
                .sorted(Comparator.comparingLong(i -> shown[i]))
                .toArray(Integer[]::new);
        int[] ranks = new int[shown.length];
        for (int i = 0; i < order.length; i++) {
            ranks[order[i]] = i;
        }
        return ranks;
    }
}
