package saltdrum.media.burn;

import java.util.List;
import saltdrum.core.BadInputException;
import saltdrum.core.text.Quoted;

/**
 * How the finished video is encoded.
 *
 * @param preset of x264: the faster, the larger the file
 * @param crf x264's constant rate factor, 0 (lossless) to 51
 * @param keepCaptions whether caption streams of the clip go into the video as well
 */
public record BurnOrder(String preset, int crf, boolean keepCaptions) {
    private static final List<String> PRESETS =
            List.of("ultrafast", "superfast", "veryfast", "faster", "fast", "medium", "slow", "slower", "veryslow");

    public static final BurnOrder USUAL = Quality.GOOD.order(false);

    public BurnOrder(String preset, int crf) {
        this(preset, crf, false);
    }

    public BurnOrder {
        if (!PRESETS.contains(preset)) {
            throw new BadInputException(
                    "There is no preset " + Quoted.of(preset) + ". There are: " + String.join(", ", PRESETS) + ".");
        }
        if (crf < 0 || crf > 51) {
            throw new BadInputException("The rate factor lies between 0 and 51, not " + crf + ".");
        }
    }
}
