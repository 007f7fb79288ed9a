package saltdrum.core.style;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.management.ManagementFactory;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Random;
import java.util.function.Function;
import org.junit.jupiter.api.Test;
import saltdrum.core.BadInputException;
import saltdrum.core.Broken;
import saltdrum.core.Words;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Size;
import saltdrum.core.cue.Track;
import saltdrum.core.format.CaptionFormats;
import saltdrum.core.format.file.CaptionFormat;
import saltdrum.core.layout.BlockTypesetter;
import saltdrum.core.layout.SceneMaker;
import saltdrum.core.scene.Scene;
import saltdrum.core.scene.Timeline;

/** Styles that somebody made to do harm, or that something broke: taken and drawn, or refused in a sentence, and soon. */
class HostileStylesTest {
    private static final int FILES = 2000;
    private static final long MOST_NS = 5_000_000_000L;
    private static final Size SIZE = new Size(1080, 1920);

    private final SceneMaker scenes = new SceneMaker(new BlockTypesetter());
    private final Track track = Words.track(Recipe.TWO_LINES, "Sand it first or you will be back by Friday.");

    @Test
    void brokenStylesAreTakenWholeOrRefused() {
        List<Style> shipped = new ShippedStyles().all();
        tryAll(
                i -> StyleFile.write(shipped.get(i % shipped.size())).getBytes(StandardCharsets.UTF_8),
                file -> StyleCheck.read(new String(file, StandardCharsets.UTF_8)),
                20);
    }

    @Test
    void brokenPackagesAreTakenWholeOrRefused() {
        byte[] zip = new StylePackage(new ShippedStyles().get("Parcel"), List.of(), List.of()).zip();
        tryAll(i -> zip, file -> StylePackage.read(file).style(), 1);
    }

    private void tryAll(Function<Integer, byte[]> whole, Function<byte[], Style> reader, int leastRead) {
        Random random = new Random(20261127);
        int read = 0;
        for (int i = 0; i < FILES; i++) {
            byte[] file = Broken.of(whole.apply(i), random);
            long begun = cpu();
            try {
                use(reader.apply(file));
                read++;
            } catch (BadInputException refused) {
                assertThat(refused.getMessage())
                        .hasSizeBetween(10, 700)
                        .endsWith(".")
                        .doesNotContain("java", "`saltdrum");
            } catch (RuntimeException fault) {
                throw new AssertionError(new String(file, StandardCharsets.UTF_8), fault);
            }
            assertThat(cpu() - begun).isLessThan(MOST_NS);
        }
        assertThat(read).as("some breaks leave a style").isGreaterThan(leastRead);
    }

    /** What is taken can be written, read again, laid out at any moment, and handed on in every format. */
    private void use(Style style) {
        assertThat(StyleFile.read(StyleFile.write(style))).isEqualTo(style);
        Scene scene = scenes.make(track, style, SIZE);
        for (int ms = 0; ms < 3000; ms += 130) {
            new Timeline(scene).at(ms);
        }
        for (CaptionFormat format : CaptionFormats.ALL) {
            assertThat(format.write(track, style, SIZE)).isNotEmpty();
        }
    }

    private static long cpu() {
        return ManagementFactory.getThreadMXBean().getCurrentThreadCpuTime();
    }
}
