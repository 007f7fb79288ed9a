package saltdrum.media.paint;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Size;
import saltdrum.core.cue.Track;
import saltdrum.core.layout.SceneMaker;
import saltdrum.core.scene.Scene;
import saltdrum.core.scene.SceneAt;
import saltdrum.core.scene.SceneBook;
import saltdrum.core.scene.Timeline;
import saltdrum.core.style.ShippedStyles;
import saltdrum.core.word.Word;
import saltdrum.core.word.WordSource;
import saltdrum.media.font.FontShelf;
import saltdrum.media.font.SkijaTypesetter;

class BandTest {
    private static final VideoColours COLOURS = VideoColours.bt709(false);

    private static Scene scene(String style) {
        List<Word> words = new ArrayList<>();
        String[] texts = "Sand it first or you will be back by Friday with the same brush".split(" ");
        for (int i = 0; i < texts.length; i++) {
            words.add(Word.of(i + 1, texts[i], 200 + 300 * i, 480 + 300 * i, WordSource.ALIGNED)
                    .withEmphasis(i % 4 == 3 ? 1 : 0));
        }
        Track track = Track.of("en", Recipe.TWO_LINES, style, words);
        return new SceneMaker(new SkijaTypesetter(FontShelf.shipped()))
                .make(track, new ShippedStyles().get(style), new Size(540, 960));
    }

    static Stream<Scene> bookAndStyles() {
        return Stream.concat(
                SceneBook.pages().stream()
                        .filter(page -> page.times().size() > 1)
                        .map(SceneBook.Page::scene),
                Stream.of("Mallet", "Lantern", "Tidemark").map(BandTest::scene));
    }

    @ParameterizedTest
    @MethodSource("bookAndStyles")
    void paintingOnlyWhatChangedGivesTheSamePictureAsPaintingAll(Scene scene) {
        Timeline timeline = new Timeline(scene);
        int looked = 0;
        try (Band band = Band.of(scene, scene.width() / 2, scene.height() / 2, COLOURS)) {
            int end = scene.parts().get(scene.parts().size() - 1).endMs();
            for (int t = 0; t < end; t += 33) {
                SceneAt at = timeline.at(t);
                byte[] partly = band.paint(at);
                if (t % 4 != 0) {
                    continue;
                }
                try (Band fresh = Band.of(scene, scene.width() / 2, scene.height() / 2, COLOURS)) {
                    assertThat(largestDifference(seen(partly, band), seen(fresh.paint(at), fresh)))
                            .as("at %d ms", t)
                            .isLessThanOrEqualTo(1);
                    looked++;
                }
            }
        }
        assertThat(looked).isGreaterThanOrEqualTo(8);
    }

    /** The alpha plane, and luma as strongly as alpha lets it be seen. */
    private static byte[] seen(byte[] planes, Band band) {
        int size = band.width * band.height;
        byte[] seen = new byte[2 * size];
        for (int i = 0; i < size; i++) {
            seen[i] = planes[size * 3 / 2 + i];
            seen[size + i] = (byte) Math.round((planes[i] & 255) * (seen[i] & 255) / 255f);
        }
        return seen;
    }

    private static int largestDifference(byte[] a, byte[] b) {
        int largest = 0;
        for (int i = 0; i < a.length; i++) {
            largest = Math.max(largest, Math.abs((a[i] & 255) - (b[i] & 255)));
        }
        return largest;
    }
}
