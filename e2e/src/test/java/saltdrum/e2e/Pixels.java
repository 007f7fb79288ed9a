package saltdrum.e2e;

/** Two pictures of one size, compared. Each is RGBA, 4 bytes a pixel. */
final class Pixels {
    private Pixels() {}

    /** Largest difference of any colour channel, 0 to 255. */
    static int largestDifference(byte[] a, byte[] b) {
        int most = 0;
        for (int i = 0; i < a.length; i++) {
            if (i % 4 != 3) {
                most = Math.max(most, Math.abs((a[i] & 0xff) - (b[i] & 0xff)));
            }
        }
        return most;
    }

    /** Pixels of which a colour channel differs by more than that. */
    static int differing(byte[] a, byte[] b, int most) {
        int count = 0;
        for (int i = 0; i < a.length; i += 4) {
            boolean differs = false;
            for (int c = 0; c < 3; c++) {
                differs |= Math.abs((a[i + c] & 0xff) - (b[i + c] & 0xff)) > most;
            }
            count += differs ? 1 : 0;
        }
        return count;
    }

    /**
     * Mean structural similarity of the luma, 8 by 8 windows every 4 pixels (Wang, Bovik, Sheikh and Simoncelli, IEEE
     * Trans. Image Processing 13, 2004; constants K1 = 0.01, K2 = 0.03).
     */
    static double ssim(byte[] a, byte[] b, int width, int height) {
        double c1 = Math.pow(0.01 * 255, 2);
        double c2 = Math.pow(0.03 * 255, 2);
        double sum = 0;
        int count = 0;
        for (int y = 0; y + 8 <= height; y += 4) {
            for (int x = 0; x + 8 <= width; x += 4) {
                double ma = 0;
                double mb = 0;
                double aa = 0;
                double bb = 0;
                double ab = 0;
                for (int j = 0; j < 8; j++) {
                    for (int i = 0; i < 8; i++) {
                        double p = luma(a, (y + j) * width + x + i);
                        double q = luma(b, (y + j) * width + x + i);
                        ma += p;
                        mb += q;
                        aa += p * p;
                        bb += q * q;
                        ab += p * q;
                    }
                }
                ma /= 64;
                mb /= 64;
                double va = aa / 64 - ma * ma;
                double vb = bb / 64 - mb * mb;
                double cov = ab / 64 - ma * mb;
                sum += (2 * ma * mb + c1) * (2 * cov + c2) / ((ma * ma + mb * mb + c1) * (va + vb + c2));
                count++;
            }
        }
        return count == 0 ? 1 : sum / count;
    }

    private static double luma(byte[] rgba, int pixel) {
        int i = pixel * 4;
        return 0.2126 * (rgba[i] & 0xff) + 0.7152 * (rgba[i + 1] & 0xff) + 0.0722 * (rgba[i + 2] & 0xff);
    }
}
