package saltdrum.e2e;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Size;
import saltdrum.core.cue.Track;
import saltdrum.core.format.CaptionFormats;
import saltdrum.core.format.ass.AssStyles;
import saltdrum.core.look.Face;
import saltdrum.core.look.Facets;
import saltdrum.core.look.Ink;
import saltdrum.core.look.LookPatch;
import saltdrum.core.style.Style;
import saltdrum.core.word.Word;
import saltdrum.core.word.WordSource;
import saltdrum.media.font.FontShelf;
import saltdrum.media.font.SkijaTypesetter;

/** Letters in ASS files are as tall as ours: held against libass, as ffmpeg's filter of that name runs it. */
class AssLettersTest {
    private static final Size SIZE = new Size(1080, 1920);
    private static final double EM = 200;

    @TempDir
    Path folder;

    private final SkijaTypesetter typesetter = new SkijaTypesetter(FontShelf.shipped());

    @ParameterizedTest
    @CsvSource({"Anton", "Caveat Brush", "Titan One", "Archivo Black", "Permanent Marker"})
    void libassSetsThemAsTallAsWeDo(String family) throws Exception {
        LookPatch look = LookPatch.of(Facets.TYPEFACE, family)
                .with(Facets.WEIGHT, 400d)
                .with(Facets.SIZE, EM)
                .with(Facets.FILL, Ink.of("#ffffff"));
        Style style = new Style("test", null, look, List.of());
        Track track = Track.of("en", Recipe.PHRASE, "test", List.of(Word.of(1, "HEH", 0, 900, WordSource.ALIGNED)));
        String text = CaptionFormats.ASS.write(track, style, SIZE, typesetter);
        Path file = folder.resolve("letters.ass");
        Files.writeString(file, text);
        String font = family.replace(" ", "") + "_400Regular.ttf";
        try (InputStream in = FontShelf.class.getResourceAsStream("/saltdrum/media/fonts/" + font)) {
            Files.copy(in, folder.resolve(font));
        }
        double ours = typesetter.shape("HEH", new Face(family, 400), "en").ink().height() / 1000 * EM;
        // The bounds of a glyph reach a little beyond its ink. By the em these letters would be off by 18 to 73 rows.
        assertThat((double) inkRows(file)).isCloseTo(ours, within(5.0));
        assertThat(AssStyles.read(text, typesetter).get(0).look().get(Facets.SIZE))
                .isCloseTo(EM, within(0.6));
    }

    /** How many rows of a frame are lit at half a second. */
    private int inkRows(Path ass) throws Exception {
        Process ffmpeg = new ProcessBuilder(
                        "ffmpeg",
                        "-v",
                        "error",
                        "-f",
                        "lavfi",
                        "-i",
                        "color=black:s=1080x1920:r=10:d=0.6",
                        "-vf",
                        "ass=" + ass + ":fontsdir=" + folder + ",format=gray,select=eq(n\\,5)",
                        "-frames:v",
                        "1",
                        "-f",
                        "rawvideo",
                        "pipe:1")
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .start();
        byte[] frame = ffmpeg.getInputStream().readAllBytes();
        assertThat(frame).hasSize(1080 * 1920);
        int rows = 0;
        for (int y = 0; y < 1920; y++) {
            boolean lit = false;
            for (int x = 0; x < 1080 && !lit; x++) {
                lit = (frame[y * 1080 + x] & 255) > 100;
            }
            rows += lit ? 1 : 0;
        }
        return rows;
    }
}
