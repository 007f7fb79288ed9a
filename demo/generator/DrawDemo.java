import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.io.BufferedOutputStream;
import java.io.OutputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;

/** Draws one demo clip of the invented harbour as raw BGR0 frames on standard output. */
public final class DrawDemo {
    interface Picture {
        /** @param t seconds; {@code length} of the whole clip */
        void draw(Draw d, double t, double length);
    }

    public static void main(String[] args) throws Exception {
        Picture picture = switch (args[0]) {
            case "last-ferry" -> new Ferry();
            case "tide-pool" -> new TidePool();
            default -> new Harbour();
        };
        String[] size = args[1].split("x");
        String[] rate = args[2].split("/");
        int width = Integer.parseInt(size[0]);
        int height = Integer.parseInt(size[1]);
        double fps = Double.parseDouble(rate[0]) / (rate.length > 1 ? Double.parseDouble(rate[1]) : 1);
        double length = Double.parseDouble(args[3]);
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        int[] pixels = ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
        byte[] bytes = new byte[pixels.length * 4];
        OutputStream out = new BufferedOutputStream(System.out, 1 << 20);
        for (int frame = 0; frame < Math.ceil(length * fps); frame++) {
            Graphics2D g = image.createGraphics();
            g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
            g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
            picture.draw(new Draw(g, width, height), frame / fps, length);
            g.dispose();
            ByteBuffer.wrap(bytes).order(ByteOrder.LITTLE_ENDIAN).asIntBuffer().put(pixels);
            out.write(bytes);
        }
        out.flush();
    }
}
