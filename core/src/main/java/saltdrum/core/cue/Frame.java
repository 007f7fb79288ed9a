package saltdrum.core.cue;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Collectors;
import saltdrum.core.BadInputException;
import saltdrum.core.MayBeMissing;
import saltdrum.core.text.Quoted;

/**
 * The shape of the finished picture and how the clip is placed in it.
 *
 * @param barColour {@code #RRGGBB} of the bars when the clip is fitted, and under transparent pictures
 * @param typed the size of a custom frame, both sides even; null for every other one
 * @param turn degrees clockwise by which the clip is turned before anything else: 0, 90, 180 or 270; null is 0
 * @param focus the visible area of a clip that fills the frame, in order of time; empty is the middle. The frame
 * moves between two points and is still before the first and after the last
 * @param bars what the bars of a fitted clip show, and their height
 * @param zones what a phone lays over the picture; null for the usual
 */
public record Frame(
        Aspect aspect,
        Sit sit,
        String barColour,
        @MayBeMissing Size typed,
        @MayBeMissing Integer turn,
        @MayBeMissing List<Focus> focus,
        @MayBeMissing Bars bars,
        @MayBeMissing SafeZones zones) {
    public static final Frame OWN = new Frame(Aspect.OWN, Sit.FILL, "#0f2a2e");
    /** The shapes offered by label, in addition to the clip's own. */
    public static final List<Aspect> SHAPES =
            Arrays.stream(Aspect.values()).filter(aspect -> aspect.width > 0).toList();
    /** Of pictures that platforms take: common practice, no source. */
    public static final List<Integer> SHORT_SIDES = List.of(720, 1080, 1440, 2160);

    private static final int LEAST_SIDE = 64;
    private static final int MOST_SIDE = 4096;
    private static final int MOST_POINTS = 200;

    /** Width to height; {@code OWN} is the clip's own, {@code TYPED} a size in pixels. */
    public enum Aspect {
        OWN("own", 0, 0),
        TALL("9:16", 9, 16),
        PORTRAIT("4:5", 4, 5),
        SQUARE("1:1", 1, 1),
        WIDE("16:9", 16, 9),
        TYPED("typed", 0, 0);

        public final String label;
        public final int width;
        public final int height;

        Aspect(String label, int width, int height) {
            this.label = label;
            this.width = width;
            this.height = height;
        }
    }

    /** {@code FILL} crops what hangs over; {@code FIT} shows all, with bars. */
    public enum Sit {
        FILL,
        FIT
    }

    /**
     * A point of the clip's upright picture that is to stay in sight, from a time on.
     *
     * @param ms clip time
     * @param x 0 at its left to 1 at its right
     * @param y 0 at its top to 1 at its bottom
     */
    public record Focus(int ms, double x, double y) {
        public Focus {
            if (ms < 0 || !(x >= 0 && x <= 1) || !(y >= 0 && y <= 1)) {
                throw new BadInputException("A point of interest has a time from 0 on and is inside the picture.");
            }
        }
    }

    /** By its label: {@code 9:16}. */
    public static Aspect aspect(String label) {
        return Arrays.stream(Aspect.values())
                .filter(aspect -> aspect.label.equals(label) && aspect != Aspect.TYPED)
                .findFirst()
                .orElseThrow(() -> new BadInputException("There is no frame " + Quoted.of(label) + ". There are: "
                        + labels() + ", or a size like 720x900."));
    }

    public Frame(Aspect aspect, Sit sit, String barColour) {
        this(aspect, sit, barColour, null, 0, List.of(), Bars.PLAIN);
    }

    public Frame(Aspect aspect, Sit sit, String barColour, Size typed, Integer turn, List<Focus> focus, Bars bars) {
        this(aspect, sit, barColour, typed, turn, focus, bars, null);
    }

    public Frame {
        if (aspect == null || sit == null) {
            throw new BadInputException("A frame needs an aspect and a fit.");
        }
        if (barColour == null || !barColour.matches("#[0-9a-fA-F]{6}")) {
            throw new BadInputException("The bars' colour must be written #RRGGBB, not " + Quoted.of(barColour) + ".");
        }
        if (aspect == Aspect.TYPED ? typed == null : typed != null) {
            throw new BadInputException("A typed frame, and no other, has a size in pixels.");
        }
        if (typed != null
                && (Math.min(typed.width(), typed.height()) < LEAST_SIDE
                        || Math.max(typed.width(), typed.height()) > MOST_SIDE
                        || !typed.equals(typed.even()))) {
            throw new BadInputException("A frame of " + typed.width() + "×" + typed.height()
                    + " is not possible: both sides must be even, and between " + LEAST_SIDE + " and " + MOST_SIDE
                    + ".");
        }
        // Frames from before clips could be turned say nothing of it.
        turn = turn == null ? Integer.valueOf(0) : turn;
        if (turn % 90 != 0 || turn < 0 || turn > 270) {
            throw new BadInputException("A clip is turned by 0, 90, 180 or 270 degrees, not by " + turn + ".");
        }
        focus = focus == null ? List.of() : ordered(focus);
        bars = bars == null ? Bars.PLAIN : bars;
        zones = SafeZones.USUAL.equals(zones) ? null : zones;
    }

    private static List<Focus> ordered(List<Focus> focus) {
        List<Focus> ordered =
                focus.stream().sorted(Comparator.comparingInt(Focus::ms)).toList();
        if (ordered.size() > MOST_POINTS) {
            throw new BadInputException("A frame moves between " + MOST_POINTS + " points at most.");
        }
        for (int i = 1; i < ordered.size(); i++) {
            if (ordered.get(i).ms == ordered.get(i - 1).ms) {
                throw new BadInputException("Two points of interest cannot have the same time.");
            }
        }
        return ordered;
    }

    /** The same way to sit, in another shape; {@code TYPED} is none. */
    public Frame shaped(Aspect shape) {
        return new Frame(shape, sit, barColour, null, turn, focus, bars, zones);
    }

    /**
     * The same frame with a finished picture of another size.
     *
     * @param clip size of the clip's upright picture
     * @param shortSide pixels, 64 to 4096; the long side follows, even
     */
    public Frame sized(Size clip, int shortSide) {
        Size now = output(clip);
        double scale = (double) shortSide / Math.min(now.width(), now.height());
        Size wanted = new Size(even(now.width() * scale), even(now.height() * scale));
        return wanted.equals(now) ? this : new Frame(Aspect.TYPED, sit, barColour, wanted, turn, focus, bars, zones);
    }

    private static int even(double length) {
        return 2 * (int) Math.round(length / 2);
    }

    /**
     * Reads {@code own}, {@code 9:16}, {@code 4:5}, {@code 1:1}, {@code 16:9} or a size like {@code 720x900}; after commas
     * {@code fit} for bars, {@code blur} for bars of the clip itself, and {@code turn=90}.
     */
    public static Frame parse(String text) {
        String[] parts = text.trim().split(",");
        String shape = parts[0].trim();
        Size typed = size(shape);
        Aspect aspect = typed != null ? Aspect.TYPED : aspect(shape);
        Sit sit = Sit.FILL;
        Bars bars = Bars.PLAIN;
        int turn = 0;
        for (int i = 1; i < parts.length; i++) {
            String part = parts[i].trim();
            if (part.equals("fit")) {
                sit = Sit.FIT;
            } else if (part.equals("blur")) {
                sit = Sit.FIT;
                bars = Bars.BLURRED;
            } else if (part.matches("turn=(90|180|270)")) {
                turn = Integer.parseInt(part.substring(5));
            } else {
                throw new BadInputException(
                        "A frame has no " + Quoted.of(part) + ". It has: fit, blur, turn=90, turn=180, turn=270.");
            }
        }
        return new Frame(aspect, sit, OWN.barColour, typed, turn, List.of(), bars);
    }

    private static Size size(String text) {
        return text.matches("\\d{2,4}x\\d{2,4}")
                ? new Size(
                        Integer.parseInt(text.substring(0, text.indexOf('x'))),
                        Integer.parseInt(text.substring(text.indexOf('x') + 1)))
                : null;
    }

    private static String labels() {
        return Arrays.stream(Aspect.values())
                .filter(a -> a != Aspect.TYPED)
                .map(a -> a.label)
                .collect(Collectors.joining(", "));
    }

    public FrameLayout layout(Size clip) {
        return FrameLayout.of(this, clip, covered());
    }

    /** What a phone lays over the picture. */
    public SafeZones covered() {
        return zones == null ? SafeZones.USUAL : zones;
    }

    /** @param other null for the usual */
    public Frame withZones(SafeZones other) {
        return new Frame(aspect, sit, barColour, typed, turn, focus, bars, other);
    }

    public Frame withFocus(List<Focus> other) {
        return new Frame(aspect, sit, barColour, typed, turn, other, bars, zones);
    }

    /** The clip's picture once it is turned. */
    public Size turned(Size clip) {
        return turn % 180 == 0 ? clip : new Size(clip.height(), clip.width());
    }

    /** Size of the output for a clip of that size: even, no larger than the clip in the side that fills. */
    public Size output(Size clip) {
        if (aspect == Aspect.TYPED) {
            return typed;
        }
        Size turned = turned(clip);
        if (aspect == Aspect.OWN) {
            return turned.even();
        }
        int shortSide = Math.min(turned.width(), turned.height());
        int least = Math.min(aspect.width, aspect.height);
        return new Size(
                        Math.round((float) shortSide * aspect.width / least),
                        Math.round((float) shortSide * aspect.height / least))
                .even();
    }
}
