package saltdrum.media.paint;

/**
 * Premultiplied BGRA pixels to planes of luma, two colour differences at half size, and straight alpha, which is what
 * ffmpeg blends fastest. The colour of a 2 by 2 block is the mean of what can be seen of it, so that clear pixels at a
 * letter's edge do not darken it.
 */
final class StraightYuv {
    private static final int ONE = 1 << 16;
    private static final int POINT = 40;

    /** Of the sum of a block's alphas: what makes its premultiplied colours the mean of the straight ones, in 1/2^24. */
    private static final long[] STRAIGHT = new long[4 * 255 + 1];

    static {
        for (int sum = 1; sum < STRAIGHT.length; sum++) {
            STRAIGHT[sum] = Math.round(255.0 * (1 << 24) / sum);
        }
    }

    private final int width;
    private final int height;
    private final byte[] planes;
    /** Shares of red, green and blue, in 1/65536. */
    private final int[] luma = new int[3];

    private final int[] u = new int[3];
    private final int[] v = new int[3];
    private final int black;

    StraightYuv(int width, int height, VideoColours colours) {
        this.width = width;
        this.height = height;
        this.planes = new byte[width * height * 5 / 2];
        double lumaRange = colours.fullRange() ? 1 : 219 / 255.0;
        double colourRange = colours.fullRange() ? 1 : 224 / 255.0;
        double green = 1 - colours.red() - colours.blue();
        double[] shares = {colours.red(), green, colours.blue()};
        for (int c = 0; c < 3; c++) {
            luma[c] = fixed(lumaRange * shares[c]);
            u[c] = fixed(colourRange * ((c == 2 ? 1 : 0) - shares[c]) / (2 - 2 * colours.blue()));
            v[c] = fixed(colourRange * ((c == 0 ? 1 : 0) - shares[c]) / (2 - 2 * colours.red()));
        }
        this.black = colours.fullRange() ? 0 : 16;
    }

    private static int fixed(double share) {
        return (int) Math.round(share * ONE);
    }

    /** All planes, in the order Y, U, V, A, rows without gaps. */
    byte[] planes() {
        return planes;
    }

    /**
     * Converts two rows of pixels.
     *
     * @param upper pixels of the even row {@code y}, as 0xAARRGGBB
     * @param lower pixels of row {@code y + 1}
     * @param from even column of the first pixel
     * @param count even number of pixels
     */
    void rows(int[] upper, int[] lower, int y, int from, int count) {
        if ((from & 1) != 0 || (y & 1) != 0) {
            throw new IllegalArgumentException("blocks begin at even pixels, not at " + from + ", " + y);
        }
        int colour = width * height + y / 2 * (width / 2) + from / 2;
        int half = width * height / 4;
        int alpha = width * height * 3 / 2;
        int top = y * width + from;
        for (int i = 0; i < count; i += 2, colour++) {
            int p0 = upper[i];
            int p1 = upper[i + 1];
            int p2 = lower[i];
            int p3 = lower[i + 1];
            if ((p0 | p1 | p2 | p3) == 0) {
                planes[alpha + top + i] = 0;
                planes[alpha + top + i + 1] = 0;
                planes[alpha + top + i + width] = 0;
                planes[alpha + top + i + width + 1] = 0;
                continue;
            }
            pixel(p0, top + i, alpha);
            pixel(p1, top + i + 1, alpha);
            pixel(p2, top + i + width, alpha);
            pixel(p3, top + i + width + 1, alpha);
            int red = (p0 >> 16 & 255) + (p1 >> 16 & 255) + (p2 >> 16 & 255) + (p3 >> 16 & 255);
            int green = (p0 >> 8 & 255) + (p1 >> 8 & 255) + (p2 >> 8 & 255) + (p3 >> 8 & 255);
            int blue = (p0 & 255) + (p1 & 255) + (p2 & 255) + (p3 & 255);
            long straight = STRAIGHT[(p0 >>> 24) + (p1 >>> 24) + (p2 >>> 24) + (p3 >>> 24)];
            planes[colour] = clamped(128, straight * (u[0] * red + u[1] * green + u[2] * blue));
            planes[colour + half] = clamped(128, straight * (v[0] * red + v[1] * green + v[2] * blue));
        }
    }

    private void pixel(int p, int at, int alphaPlane) {
        int a = p >>> 24;
        planes[alphaPlane + at] = (byte) a;
        if (a != 0) {
            int premultiplied = luma[0] * (p >> 16 & 255) + luma[1] * (p >> 8 & 255) + luma[2] * (p & 255);
            planes[at] = clamped(black, 4 * STRAIGHT[4 * a] * premultiplied);
        }
    }

    /** @param more in 1/2^40 */
    private static byte clamped(int base, long more) {
        int rounded = base + (int) (more + (1L << POINT - 1) >> POINT);
        return (byte) Math.max(0, Math.min(rounded, 255));
    }
}
