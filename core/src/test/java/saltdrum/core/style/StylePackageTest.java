package saltdrum.core.style;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Arrays;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import saltdrum.core.BadInputException;
import saltdrum.core.style.StylePackage.PackedFont;
import saltdrum.core.style.StylePackage.PackedSticker;

class StylePackageTest {
    private static final Style STYLE = new ShippedStyles().get("Mallet");

    @Test
    void aStyleAndItsFontsComeBack() {
        byte[] zip = new StylePackage(
                        STYLE,
                        List.of(new PackedFont("Quay.ttf", new byte[] {1, 2}, "Ours.")),
                        List.of(
                                new PackedSticker("abc.svg", new byte[] {3}),
                                new PackedSticker("def.PNG", new byte[] {4}),
                                new PackedSticker("a note.txt", new byte[] {5})))
                .zip();
        StylePackage back = StylePackage.read(zip);
        assertThat(StylePackage.isOne(zip)).isTrue();
        assertThat(back.style()).isEqualTo(STYLE);
        assertThat(back.fonts()).hasSize(1);
        assertThat(back.fonts().get(0).name()).isEqualTo("Quay.ttf");
        assertThat(back.fonts().get(0).file()).containsExactly(1, 2);
        assertThat(back.fonts().get(0).licence()).isEqualTo("Ours.");
        assertThat(back.stickers()).extracting(PackedSticker::name).containsExactly("abc.svg", "def.PNG");
        assertThat(back.stickers().get(1).file()).containsExactly(4);
    }

    @Test
    void theSameStyleGivesTheSameFile() {
        assertThat(new StylePackage(STYLE, List.of(), List.of()).zip())
                .isEqualTo(new StylePackage(STYLE, List.of(), List.of()).zip());
    }

    private static byte[] zip(String name, byte[] bytes, int times) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            for (int i = 0; i < times; i++) {
                zip.putNextEntry(new ZipEntry(times == 1 ? name : name + i));
                zip.write(bytes);
                zip.closeEntry();
            }
        }
        return out.toByteArray();
    }

    private static void assertRefused(byte[] zip, String why) {
        assertThatThrownBy(() -> StylePackage.read(zip))
                .isInstanceOf(BadInputException.class)
                .hasMessageContaining(why)
                .hasMessageContaining("Nothing of it was kept.");
    }

    @Test
    void aBombAPathAndAHeapOfFilesAreRefused() throws IOException {
        assertRefused(zip("style.json", new byte[70_000_000], 1), "larger than 60 MB");
        assertRefused(zip("../../etc/passwd", new byte[3], 1), "points outside of it");
        assertRefused(zip("C:\\fonts\\a.ttf", new byte[3], 1), "points outside of it");
        assertRefused(zip("f", new byte[1], 70), "more than 64 files");
        assertRefused(zip("look.json", new byte[3], 1), "no style.json");
    }

    /** What a folder's entry holds was unpacked and not counted: eight of 4 GB took 42 s. */
    @Test
    void whatAFolderHoldsIsCounted() throws IOException {
        assertRefused(zip("folder/", new byte[70_000_000], 1), "larger than 60 MB");
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            for (int i = 0; i < 70; i++) {
                zip.putNextEntry(new ZipEntry("folder" + i + "/"));
                zip.closeEntry();
            }
        }
        assertRefused(out.toByteArray(), "more than 64 files");
    }

    @Test
    void oneThatIsCutOffIsRefused() {
        byte[] zip = new StylePackage(STYLE, List.of(), List.of()).zip();
        for (int length = 5; length < zip.length; length += 37) {
            byte[] cut = Arrays.copyOf(zip, length);
            try {
                assertThat(StylePackage.read(cut).style()).isEqualTo(STYLE);
            } catch (BadInputException e) {
                assertThat(e.getMessage()).isNotBlank();
            }
        }
    }
}
