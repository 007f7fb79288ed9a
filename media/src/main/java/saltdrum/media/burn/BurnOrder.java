package saltdrum.media.burn;

import java.util.List;
import saltdrum.core.BadInputException;
import saltdrum.core.text.Quoted;

/**
 * How the finished video is encoded.
 *
 * @param preset of x264: the faster, the larger the file
 * @param crf x264's constant rate factor, 0 (lossless) to 51
 * @param keepCaptions whether caption streams of the clip are copied into the video
 * @param rate frames a second; null for the clip's own frames, each at its time
 * @param mostBytes target size of the file, used instead of the rate factor; null for no target
 */
public record BurnOrder(String preset, int crf, boolean keepCaptions, Double rate, Long mostBytes) {
    private static final double SLOWEST = 5;
    private static final double FASTEST = 120;

    private static final List<String> PRESETS =
            List.of("ultrafast", "superfast", "veryfast", "faster", "fast", "medium", "slow", "slower", "veryslow");

    /** Of a draft film: made in little time, and good enough to be looked at. */
    public static final BurnOrder DRAFT = new BurnOrder("ultrafast", 26);

    /** Of a draft film's picture at most, pixels. */
    public static final int DRAFT_SHORT_SIDE = 720;

    public static final BurnOrder USUAL = Quality.GOOD.order(false, null, null);

    public BurnOrder(String preset, int crf) {
        this(preset, crf, false, null, null);
    }

    public BurnOrder {
        if (!PRESETS.contains(preset)) {
            throw new BadInputException(
                    "There is no preset " + Quoted.of(preset) + ". There are: " + String.join(", ", PRESETS) + ".");
        }
        if (crf < 0 || crf > 51) {
            throw new BadInputException("The rate factor is between 0 and 51, not " + crf + ".");
        }
        if (rate != null && !(rate >= SLOWEST && rate <= FASTEST)) {
            throw new BadInputException("A video has 5 to 120 frames a second, not " + rate + ".");
        }
        if (mostBytes != null && mostBytes <= 0) {
            throw new BadInputException("A file of " + mostBytes + " bytes cannot be made.");
        }
    }

    /** Whether it comes out the same when a piece of it is made alone. */
    public boolean inPieces() {
        return rate == null && mostBytes == null;
    }
}
