package saltdrum.media.paint;

import io.github.humbleui.skija.Canvas;
import io.github.humbleui.skija.EncoderPNG;
import io.github.humbleui.skija.Image;
import io.github.humbleui.skija.Paint;
import io.github.humbleui.skija.SamplingMode;
import io.github.humbleui.skija.Shader;
import io.github.humbleui.skija.Surface;
import io.github.humbleui.types.Rect;
import saltdrum.core.BadInputException;
import saltdrum.core.cue.Bars;
import saltdrum.core.cue.Frame;
import saltdrum.core.cue.Size;

/** Makes the PNG from which the bars of a fitted clip are cut, the same for stage and burn. */
public final class BarsPicture {
    private static final int OPAQUE = 0xff000000;

    private BarsPicture() {}

    /**
     * @param own the encoded picture of one's own, where the bars show one; it covers the output from its middle
     * @throws BadInputException when that cannot be read
     */
    public static byte[] png(Frame frame, Size output, byte[] own) {
        try (Surface surface = Surface.makeRasterN32Premul(output.width(), output.height())) {
            Canvas canvas = surface.getCanvas();
            Rect all = Rect.makeWH(output.width(), output.height());
            canvas.clear(OPAQUE | rgb(frame.barColour()));
            if (frame.bars().kind() == Bars.Kind.GRADIENT) {
                gradient(canvas, all, frame);
            } else if (own != null) {
                cover(canvas, all, own);
            }
            try (Image image = surface.makeImageSnapshot()) {
                return EncoderPNG.encode(image).getBytes();
            }
        }
    }

    private static void gradient(Canvas canvas, Rect all, Frame frame) {
        int[] colours = {
            OPAQUE | rgb(frame.barColour()), OPAQUE | rgb(frame.bars().to())
        };
        try (Shader shader = Shader.makeLinearGradient(0, 0, 0, all.getHeight(), colours);
                Paint paint = new Paint().setShader(shader).setDither(true)) {
            canvas.drawRect(all, paint);
        }
    }

    private static void cover(Canvas canvas, Rect all, byte[] own) {
        try (Image picture = Image.makeDeferredFromEncodedBytes(own)) {
            float scale = Math.max(all.getWidth() / picture.getWidth(), all.getHeight() / picture.getHeight());
            float width = all.getWidth() / scale;
            float height = all.getHeight() / scale;
            Rect part =
                    Rect.makeXYWH((picture.getWidth() - width) / 2, (picture.getHeight() - height) / 2, width, height);
            canvas.drawImageRect(picture, part, all, SamplingMode.MITCHELL, null, true);
        } catch (IllegalArgumentException unreadable) {
            throw new BadInputException("The bars' picture cannot be read. Choose another one.", unreadable);
        }
    }

    private static int rgb(String hex) {
        return Integer.parseInt(hex.substring(1), 16);
    }
}
