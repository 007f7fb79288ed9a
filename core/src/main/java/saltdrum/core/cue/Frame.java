package saltdrum.core.cue;

import java.util.Arrays;
import java.util.stream.Collectors;
import saltdrum.core.BadInputException;
import saltdrum.core.text.Quoted;

/**
 * The shape of the finished picture and how the clip sits in it.
 *
 * @param barColour {@code #RRGGBB} of the bars when the clip is fitted
 */
public record Frame(Aspect aspect, Sit sit, String barColour) {
    public static final Frame OWN = new Frame(Aspect.OWN, Sit.FILL, "#0f2a2e");

    /** Width to height; {@code OWN} is the clip's own. */
    public enum Aspect {
        OWN("own", 0, 0),
        TALL("9:16", 9, 16),
        PORTRAIT("4:5", 4, 5),
        SQUARE("1:1", 1, 1),
        WIDE("16:9", 16, 9);

        public final String label;
        public final int width;
        public final int height;

        Aspect(String label, int width, int height) {
            this.label = label;
            this.width = width;
            this.height = height;
        }
    }

    /** {@code FILL} crops what hangs over; {@code FIT} shows all with bars in a colour. */
    public enum Sit {
        FILL,
        FIT
    }

    public Frame {
        if (aspect == null || sit == null) {
            throw new BadInputException("A frame needs an aspect and a way to sit.");
        }
        if (barColour == null || !barColour.matches("#[0-9a-fA-F]{6}")) {
            throw new BadInputException("The bars' colour must be written #RRGGBB, not " + Quoted.of(barColour) + ".");
        }
    }

    /** Reads {@code own}, {@code 9:16}, {@code 4:5}, {@code 1:1} or {@code 16:9}, with {@code ,fit} for bars. */
    public static Frame parse(String text) {
        String[] parts = text.trim().split(",");
        Aspect aspect = Arrays.stream(Aspect.values())
                .filter(a -> a.label.equals(parts[0].trim()))
                .findFirst()
                .orElseThrow(() -> new BadInputException("There is no frame " + Quoted.of(text) + ". There are: "
                        + Arrays.stream(Aspect.values()).map(a -> a.label).collect(Collectors.joining(", ")) + "."));
        boolean fit = parts.length > 1 && parts[1].trim().equals("fit");
        return new Frame(aspect, fit ? Sit.FIT : Sit.FILL, OWN.barColour);
    }

    public FrameLayout layout(Size clip) {
        return FrameLayout.of(this, clip);
    }

    /** Size of the output for a clip of that size: even, no larger than the clip in the side that fills. */
    public Size output(Size clip) {
        if (aspect == Aspect.OWN) {
            return clip.even();
        }
        int shortSide = Math.min(clip.width(), clip.height());
        int least = Math.min(aspect.width, aspect.height);
        return new Size(
                        Math.round((float) shortSide * aspect.width / least),
                        Math.round((float) shortSide * aspect.height / least))
                .even();
    }
}
