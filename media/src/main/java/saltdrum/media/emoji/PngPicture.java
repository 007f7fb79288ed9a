package saltdrum.media.emoji;

import io.github.humbleui.skija.Bitmap;
import io.github.humbleui.skija.ColorAlphaType;
import io.github.humbleui.skija.EncoderPNG;
import io.github.humbleui.skija.FilterMipmap;
import io.github.humbleui.skija.FilterMode;
import io.github.humbleui.skija.Image;
import io.github.humbleui.skija.ImageInfo;
import io.github.humbleui.skija.MipmapMode;
import io.github.humbleui.skija.Surface;
import io.github.humbleui.types.Rect;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Base64;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import saltdrum.core.BadInputException;
import saltdrum.core.scene.Pixels;

/**
 * A picture of pixels from a PNG file (ISO/IEC 15948), in the middle of a clear square, at halving sizes. Colours are
 * taken as sRGB; of the file nothing but its pixels is kept.
 *
 * @param sizes the largest first
 * @param pixels the largest as 0xAARRGGBB by row, premultiplied
 */
record PngPicture(List<Pixels> sizes, int[] pixels) {
    static final int MOST_SIDE = 4096;
    /** As large as captions show it on a finished picture of 1080 by 1920. */
    private static final int MOST_KEPT = 512;

    /** Of a larger one not every pixel is read: it is shrunk all the same, and takes less memory. */
    private static final int MOST_READ = 4 * MOST_KEPT;

    private static final int LEAST_KEPT = 32;
    private static final byte[] BEGINNING = {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1a, '\n'};
    private static final FilterMipmap SHRUNK = new FilterMipmap(FilterMode.LINEAR, MipmapMode.LINEAR);

    static boolean isOne(byte[] file) {
        return file.length > BEGINNING.length
                && Arrays.equals(BEGINNING, 0, BEGINNING.length, file, 0, BEGINNING.length);
    }

    /** @throws BadInputException when it is broken, too large, or shows nothing */
    static PngPicture read(byte[] file) {
        BufferedImage image = decoded(file);
        int largest = Math.min(MOST_KEPT, Math.max(image.getWidth(), image.getHeight()));
        try (Image whole = image(image);
                Image square = square(whole, largest)) {
            int[] pixels = pixels(square);
            if (Arrays.stream(pixels).allMatch(pixel -> pixel == 0)) {
                throw new BadInputException("This picture is empty: all of it is transparent.");
            }
            // The smaller ones are made of the largest, so that it alone says all of them.
            List<Pixels> sizes = new ArrayList<>();
            for (int side = largest; side >= Math.min(LEAST_KEPT, largest); side /= 2) {
                sizes.add(new Pixels(side, png(square, side)));
            }
            return new PngPicture(List.copyOf(sizes), pixels);
        }
    }

    private static BufferedImage decoded(byte[] file) {
        Iterator<ImageReader> readers = ImageIO.getImageReadersByFormatName("png");
        ImageReader reader = readers.next();
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
            // Texts and other remarks are not looked at.
            reader.setInput(in, true, true);
            int width = reader.getWidth(0);
            int height = reader.getHeight(0);
            if (Math.max(width, height) > MOST_SIDE) {
                throw new BadInputException(String.format(
                        Locale.ROOT,
                        "This picture is %,d by %,d pixels; a sticker's sides are at most %,d.",
                        width,
                        height,
                        MOST_SIDE));
            }
            ImageReadParam sparse = reader.getDefaultReadParam();
            int step = Math.max(1, Math.max(width, height) / MOST_READ);
            sparse.setSourceSubsampling(step, step, 0, 0);
            return reader.read(0, sparse);
        } catch (IOException | RuntimeException e) {
            if (e instanceof BadInputException told) {
                throw told;
            }
            throw new BadInputException("This picture is broken or incomplete.", e);
        } finally {
            reader.dispose();
        }
    }

    private static Image image(BufferedImage from) {
        int width = from.getWidth();
        int height = from.getHeight();
        int[] straight = from.getRGB(0, 0, width, height, null, 0, width);
        byte[] bgra = new byte[4 * straight.length];
        for (int i = 0; i < straight.length; i++) {
            bgra[4 * i] = (byte) straight[i];
            bgra[4 * i + 1] = (byte) (straight[i] >> 8);
            bgra[4 * i + 2] = (byte) (straight[i] >> 16);
            bgra[4 * i + 3] = (byte) (straight[i] >> 24);
        }
        return Image.makeRasterFromBytes(ImageInfo.makeN32(width, height, ColorAlphaType.UNPREMUL), bgra, 4L * width);
    }

    private static Image square(Image whole, int side) {
        float scale = (float) side / Math.max(whole.getWidth(), whole.getHeight());
        float width = scale * whole.getWidth();
        float height = scale * whole.getHeight();
        Rect there = Rect.makeXYWH(Math.round((side - width) / 2), Math.round((side - height) / 2), width, height);
        try (Surface square = Surface.makeRasterN32Premul(side, side)) {
            Rect all = Rect.makeWH(whole.getWidth(), whole.getHeight());
            square.getCanvas().drawImageRect(whole, all, there, SHRUNK, null, true);
            return square.makeImageSnapshot();
        }
    }

    private static String png(Image whole, int side) {
        try (Image image = square(whole, side)) {
            return Base64.getEncoder().encodeToString(EncoderPNG.encode(image).getBytes());
        }
    }

    private static int[] pixels(Image square) {
        int side = square.getWidth();
        try (Bitmap bitmap = new Bitmap()) {
            bitmap.allocPixels(ImageInfo.makeN32(side, side, ColorAlphaType.PREMUL));
            square.readPixels(bitmap);
            int[] pixels = new int[side * side];
            ByteBuffer.wrap(bitmap.readPixels())
                    .order(ByteOrder.LITTLE_ENDIAN)
                    .asIntBuffer()
                    .get(pixels);
            return pixels;
        }
    }
}
