package saltdrum.core.motion;

import java.util.Random;
import saltdrum.core.parts.Label;

/** The order in which several things move. */
public enum StaggerOrder {
    /** Each when it is said. */
    @Label("With the voice")
    VOICE,
    @Label("From the first")
    FORWARD,
    @Label("From the last")
    BACKWARD,
    @Label("From the middle")
    MIDDLE,
    @Label("At random")
    RANDOM;

    private static final long SEED = 7_311;

    /** For each of n in reading order which it is to go, the first being 0; the same for the same n. */
    public int[] ranks(int n) {
        int[] ranks = new int[n];
        for (int i = 0; i < n; i++) {
            ranks[i] = switch (this) {
                case VOICE, FORWARD, RANDOM -> i;
                case BACKWARD -> n - 1 - i;
                // Those in the middle go together: both of two, or the one.
                case MIDDLE -> (int) Math.floor(Math.abs(i - (n - 1) / 2.0));
            };
        }
        if (this == RANDOM) {
            Random random = new Random(SEED);
            for (int i = n - 1; i > 0; i--) {
                int other = random.nextInt(i + 1);
                int kept = ranks[i];
                ranks[i] = ranks[other];
                ranks[other] = kept;
            }
        }
        return ranks;
    }
}
