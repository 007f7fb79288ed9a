package saltdrum.media.clip;

import io.github.humbleui.skija.ColorAlphaType;
import io.github.humbleui.skija.Image;
import io.github.humbleui.skija.ImageInfo;
import java.nio.charset.StandardCharsets;

/** Pictures as ffmpeg writes them quickest: binary PPM, 8 bits a channel, nothing packed (netpbm's format “P6”). */
final class PortablePixels {
    private PortablePixels() {}

    /** @throws IllegalArgumentException where the bytes are no such picture */
    static Image image(byte[] ppm) {
        int[] at = {0};
        String magic = token(ppm, at);
        int width = Integer.parseInt(token(ppm, at));
        int height = Integer.parseInt(token(ppm, at));
        String most = token(ppm, at);
        if (!magic.equals("P6") || !most.equals("255") || ppm.length - at[0] < 3L * width * height) {
            throw new IllegalArgumentException("no PPM of 8 bits: " + magic + " " + width + "x" + height + " " + most);
        }
        byte[] bgra = new byte[width * height * 4];
        for (int from = at[0], to = 0; to < bgra.length; from += 3, to += 4) {
            bgra[to] = ppm[from + 2];
            bgra[to + 1] = ppm[from + 1];
            bgra[to + 2] = ppm[from];
            bgra[to + 3] = (byte) 255;
        }
        ImageInfo info = ImageInfo.makeN32(width, height, ColorAlphaType.OPAQUE);
        return Image.makeRasterFromBytes(info, bgra, width * 4L);
    }

    /** The next word of the head, of which one blank follows. */
    private static String token(byte[] ppm, int[] at) {
        int from = at[0];
        int to = from;
        while (to < ppm.length && to < from + 12 && ppm[to] > ' ') {
            to++;
        }
        at[0] = to + 1;
        return new String(ppm, from, to - from, StandardCharsets.US_ASCII);
    }
}
