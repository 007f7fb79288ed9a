package saltdrum.core.check.light;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import saltdrum.core.BadInputException;
import saltdrum.core.colour.Contrast;

/**
 * The lightness of the clip's upright picture over time: small pictures of one byte a pixel, row by row. A byte is
 * the relative luminance of WCAG 2.2 in the sRGB transfer function. The buffer may be a mapped file and is never
 * changed.
 *
 * @param stepMs time between pictures; the first is at time 0
 */
public record LightSamples(int width, int height, int stepMs, int count, ByteBuffer light) {
    private static final int MAGIC = 0x53444c31;
    public static final int HEAD = 16;
    /** Relative luminance of each code. */
    private static final double[] LUMINANCE = new double[256];

    static {
        for (int code = 0; code < LUMINANCE.length; code++) {
            LUMINANCE[code] = Contrast.linear(code);
        }
    }

    public LightSamples {
        if (width < 1 || height < 1 || stepMs < 1 || light.limit() < (long) width * height * count) {
            throw new BadInputException("These samples of a picture are incomplete.");
        }
    }

    /** The same samples: what they hold is large, and never changes. */
    @Override
    public boolean equals(Object other) {
        return this == other;
    }

    @Override
    public int hashCode() {
        return System.identityHashCode(this);
    }

    /** One picture that never changes. @param light one byte a pixel, row by row */
    public static LightSamples still(int width, int height, byte[] light) {
        return new LightSamples(width, height, 1, 1, ByteBuffer.wrap(light));
    }

    /** As a file holds them: a head of {@link #HEAD} bytes, then the pictures. */
    public static LightSamples read(ByteBuffer file) {
        ByteBuffer head = file.duplicate().order(ByteOrder.BIG_ENDIAN);
        if (head.limit() < HEAD || head.getInt(0) != MAGIC) {
            throw new BadInputException("This is not a file of samples.");
        }
        int width = Short.toUnsignedInt(head.getShort(4));
        int height = Short.toUnsignedInt(head.getShort(6));
        ByteBuffer light = file.slice(HEAD, file.limit() - HEAD);
        return new LightSamples(width, height, head.getInt(8), light.limit() / Math.max(1, width * height), light);
    }

    public static byte[] head(int width, int height, int stepMs) {
        return ByteBuffer.allocate(HEAD)
                .putInt(MAGIC)
                .putShort((short) width)
                .putShort((short) height)
                .putInt(stepMs)
                .putInt(0)
                .array();
    }

    /** Number of the picture that is nearest to a time. */
    public int nearest(double ms) {
        return (int) Math.max(0, Math.min(count - 1L, Math.round(ms / stepMs)));
    }

    /**
     * The coded lightness, 0 to 255, at a point given in parts of the picture. Points outside take the value of the
     * nearest edge.
     */
    public int at(int picture, double x, double y) {
        int column = Math.max(0, Math.min(width - 1, (int) (x * width)));
        int row = Math.max(0, Math.min(height - 1, (int) (y * height)));
        return light.get((picture * height + row) * width + column) & 255;
    }

    /** Relative luminance of a coded lightness, 0 to 1. @param code 0 to 255, whole or between */
    public static double luminance(double code) {
        int low = (int) Math.max(0, Math.min(254, code));
        return LUMINANCE[low] + (LUMINANCE[low + 1] - LUMINANCE[low]) * Math.min(1, Math.max(0, code - low));
    }

    /** The coded lightness of a colour, 0 to 255. */
    public static double code(String colour) {
        return Contrast.coded(Contrast.luminance(colour));
    }
}
