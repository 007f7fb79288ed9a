package saltdrum.core.check.trial;

import saltdrum.core.check.light.LightSamples;

/** Pictures that are hard on captions, and never change. */
public enum MadePicture {
    WHITE("white") {
        @Override
        int code(int x, int y) {
            return 255;
        }
    },
    BLACK("black") {
        @Override
        int code(int x, int y) {
            return 0;
        }
    },
    GREY("mid-grey") {
        @Override
        int code(int x, int y) {
            return 128;
        }
    },
    /** Light and dark squares, somewhat smaller than letters. */
    BUSY("busy") {
        @Override
        int code(int x, int y) {
            return (x / SQUARE + y / SQUARE) % 2 == 0 ? 235 : 20;
        }
    };

    private static final int WIDTH = 90;
    private static final int HEIGHT = 160;
    private static final int SQUARE = 4;

    /** As a person says it. */
    public final String label;

    MadePicture(String label) {
        this.label = label;
    }

    /** Lightness at a point, 0 to 255. */
    abstract int code(int x, int y);

    public LightSamples samples() {
        byte[] light = new byte[WIDTH * HEIGHT];
        for (int i = 0; i < light.length; i++) {
            light[i] = (byte) code(i % WIDTH, i / WIDTH);
        }
        return LightSamples.still(WIDTH, HEIGHT, light);
    }
}
