package saltdrum.media.output;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import saltdrum.core.cue.Frame;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Track;
import saltdrum.core.layout.SceneMaker;
import saltdrum.core.style.ShippedStyles;
import saltdrum.core.word.Word;
import saltdrum.core.word.WordSource;
import saltdrum.media.TestClips;
import saltdrum.media.burn.BurnOrder;
import saltdrum.media.clip.ClipInfo;
import saltdrum.media.clip.Probe;
import saltdrum.media.font.FontShelf;
import saltdrum.media.font.SkijaTypesetter;
import saltdrum.media.pieces.PiecedBurn;

/** Of a film of kept pieces the captions are looked at where it was encoded, and nowhere else. */
class KeptPiecesReceiptTest {
    private static final SceneMaker MAKER = new SceneMaker(new SkijaTypesetter(FontShelf.shipped()));

    @TempDir
    Path folder;

    private Path clip;
    private ClipInfo info;

    @BeforeEach
    void aClipOfThreePieces() {
        clip = TestClips.make(
                folder.resolve("clip.mp4"), "-f", "lavfi", "-i", "testsrc2=s=270x480:r=25:d=12", "-c:v", "libx264");
        info = Probe.of(clip);
    }

    private Delivery delivery(String second, List<PiecedBurn.Earlier> earlier) {
        Track track = Track.of(
                        "en",
                        Recipe.PHRASE,
                        "Tidemark",
                        List.of(
                                Word.of(1, "Row", 1000, 2500, WordSource.TYPED),
                                Word.of(2, second, 5000, 6500, WordSource.TYPED),
                                Word.of(3, "home", 9000, 10_500, WordSource.TYPED)))
                .withLength((int) info.durationMs());
        return new Delivery(
                clip,
                info,
                Frame.OWN,
                null,
                MAKER.make(track, new ShippedStyles().get("Tidemark"), info.size()),
                List.of(track),
                new BurnOrder("ultrafast", 20),
                null,
                new Delivery.Kept("clip", earlier, null),
                null);
    }

    private static String captions(Receipt receipt) {
        return receipt.lines().stream()
                .filter(line -> line.what().equals("Captions in the picture"))
                .map(Receipt.Line::measured)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void onlyWhatWasEncodedIsLookedAt() {
        Path first = folder.resolve("first.mp4");
        Delivery before = delivery("her", List.of());
        PiecedBurn.Made whole = before.make(OutputKind.BURNED, first, done -> {}, () -> false);
        assertThat(captions(OutputVerifier.of(before, OutputKind.BURNED, first, whole, done -> {})))
                .isEqualTo("seen in 3 of 3 looks");

        Path second = folder.resolve("second.mp4");
        Delivery after = delivery("him", List.of(new PiecedBurn.Earlier(first, whole.pieces())));
        PiecedBurn.Made kept = after.make(OutputKind.BURNED, second, done -> {}, () -> false);
        assertThat(kept.encoded()).singleElement().satisfies(range -> {
            assertThat(range.holds(5750)).isTrue();
            assertThat(range.holds(1750) || range.holds(9750)).isFalse();
        });
        Receipt receipt = OutputVerifier.of(after, OutputKind.BURNED, second, kept, done -> {});
        assertThat(receipt.good()).as(receipt.toString()).isTrue();
        assertThat(captions(receipt)).isEqualTo("seen in 1 of 1 looks");
        assertThat(receipt.lines()).extracting(Receipt.Line::measured).contains("1 of 3 encoded, the others reused");
        assertThat(OutputVerifier.of(after, OutputKind.BURNED, clip, kept, done -> {})
                        .good())
                .as("a film without captions")
                .isFalse();
    }
}
