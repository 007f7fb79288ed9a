package saltdrum.media.clip;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.zip.CRC32;
import java.util.zip.DeflaterOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import saltdrum.core.BadInputException;

/** Pictures for bars, from anybody. */
class OwnPictureTest {
    private static final int RGB = 2;
    private static final int RGBA = 6;

    @TempDir
    private Path folder;

    /** A PNG (PNG specification, 11.2) whose head tells so much, with rows of zeros. */
    private Path png(int width, int height, int depth, int colour, int rows) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.writeBytes(new byte[] {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1a, '\n'});
        ByteBuffer head = ByteBuffer.allocate(13).putInt(width).putInt(height);
        head.put((byte) depth).put((byte) colour);
        chunk(out, "IHDR", head.array());
        ByteArrayOutputStream packed = new ByteArrayOutputStream();
        try (DeflaterOutputStream deflated = new DeflaterOutputStream(packed)) {
            byte[] row = rows == 0 ? new byte[0] : new byte[1 + width * (colour == RGB ? 3 : 4) * depth / 8];
            for (int i = 0; i < rows; i++) {
                deflated.write(row);
            }
        }
        chunk(out, "IDAT", packed.toByteArray());
        chunk(out, "IEND", new byte[0]);
        return Files.write(folder.resolve(width + "x" + height + ".png"), out.toByteArray());
    }

    private static void chunk(ByteArrayOutputStream out, String type, byte[] data) {
        byte[] name = type.getBytes(StandardCharsets.US_ASCII);
        CRC32 sum = new CRC32();
        sum.update(name);
        sum.update(data);
        out.writeBytes(ByteBuffer.allocate(4).putInt(data.length).array());
        out.writeBytes(name);
        out.writeBytes(data);
        out.writeBytes(ByteBuffer.allocate(4).putInt((int) sum.getValue()).array());
    }

    @Test
    void aLargePhotographIsMadeSmaller() throws IOException {
        OwnPicture picture = OwnPicture.read(png(4000, 3000, 8, RGB, 3000), folder.resolve("out.png"));
        assertThat(picture).isEqualTo(new OwnPicture(2160, 1620));
    }

    /** Half a megabyte that unpacks to half a gigabyte: refused by its head, before anything is unpacked. */
    @Test
    void aPictureThatUnpacksToTooMuchIsRefusedByItsHead() throws IOException {
        Path out = folder.resolve("out.png");
        for (Path bomb : new Path[] {
            png(8192, 8192, 16, RGBA, 1), png(7000, 7000, 16, RGBA, 1), png(Integer.MAX_VALUE, 2, 8, RGB, 0)
        }) {
            assertThatThrownBy(() -> OwnPicture.read(bomb, out))
                    .isInstanceOf(BadInputException.class)
                    .hasMessageContaining("too large");
            assertThat(out).doesNotExist();
        }
    }

    @Test
    void whatIsNoPictureIsRefused() throws IOException {
        Path text = Files.writeString(folder.resolve("a.png"), "row home");
        assertThatThrownBy(() -> OwnPicture.read(text, folder.resolve("out.png")))
                .isInstanceOf(BadInputException.class)
                .hasMessageContaining("not a readable picture");
        Path cut =
                Files.write(folder.resolve("b.png"), new byte[] {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1a, '\n'});
        assertThatThrownBy(() -> OwnPicture.read(cut, folder.resolve("out.png")))
                .isInstanceOf(BadInputException.class);
    }
}
