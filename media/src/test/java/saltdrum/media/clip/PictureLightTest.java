package saltdrum.media.clip;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import io.github.humbleui.skija.Bitmap;
import io.github.humbleui.skija.Image;
import io.github.humbleui.skija.Surface;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import saltdrum.core.check.PictureText;
import saltdrum.core.check.light.EdgeContrast;
import saltdrum.core.check.light.FramedLight;
import saltdrum.core.check.light.LightSamples;
import saltdrum.core.cue.Frame;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Size;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.ChangeLook;
import saltdrum.core.format.words.WordsFile;
import saltdrum.core.layout.SceneMaker;
import saltdrum.core.look.Facets;
import saltdrum.core.look.Ink;
import saltdrum.core.look.LookPatch;
import saltdrum.core.motion.Transition;
import saltdrum.core.scene.Part;
import saltdrum.core.scene.Scene;
import saltdrum.core.scene.Timeline;
import saltdrum.core.style.ShippedStyles;
import saltdrum.core.word.Word;
import saltdrum.core.word.WordSource;
import saltdrum.media.TestClips;
import saltdrum.media.burn.Burn;
import saltdrum.media.burn.BurnOrder;
import saltdrum.media.font.FontShelf;
import saltdrum.media.font.SkijaTypesetter;
import saltdrum.media.paint.ScenePainter;

class PictureLightTest {
    private static final Size SIZE = new Size(540, 960);

    @TempDir
    static Path made;

    @TempDir
    Path folder;

    private static Path clip;
    private static ClipInfo info;
    private static LightSamples samples;

    /** From dark to light across and in time. */
    @BeforeAll
    static void aClipThatGrowsLight() {
        clip = TestClips.make(
                made.resolve("light.mp4"),
                "-f",
                "lavfi",
                "-i",
                "color=c=gray:s=540x960:d=3:r=25,format=yuv420p,geq=lum='30+120*X/W+25*T':cb=110+20*Y/H:cr=140",
                "-c:v",
                "libx264",
                "-crf",
                "6");
        info = Probe.of(clip);
        Path out = made.resolve("samples.light");
        PictureLight.sample(clip, info, out, done -> {}, () -> false);
        samples = PictureLight.open(out);
    }

    @Test
    void samplesAreFourASecondAndAsLightAsThePicture() throws Exception {
        assertThat(samples.count()).isBetween(12, 13);
        assertThat(samples.width()).isEqualTo(144);
        for (double x : new double[] {0.1, 0.5, 0.9}) {
            int[] rgb = pixel(frame(1000), (int) (x * 540), 480);
            String colour = String.format(Locale.ROOT, "#%02x%02x%02x", rgb[0], rgb[1], rgb[2]);
            assertThat((double) samples.at(4, x, 0.5)).isCloseTo(LightSamples.code(colour), within(3.0));
        }
    }

    /**
     * Against a computation that shares nothing with ours but the painter: the letters as they are painted, the decoded
     * frame at full size, and of the pixels within three of a letter's edge the worst tenth left out (WCAG 2.2).
     */
    @Test
    void contrastIsThatOfTheDecodedFrameAroundTheLetters() throws Exception {
        List<Word> words = List.of(
                Word.of(1, "Row", 600, 1300, WordSource.TYPED), Word.of(2, "home", 1300, 2400, WordSource.TYPED));
        LookPatch bare = LookPatch.of(Facets.FILL, Ink.of("#f4f1e8"))
                .with(Facets.OUTLINES, List.of())
                .with(Facets.SHADOWS, List.of())
                .with(Facets.SPOKEN, List.of())
                .with(Facets.ENTRANCE, Transition.NONE)
                .with(Facets.EXIT, Transition.NONE);
        Track track = ChangeLook.ofTrack(bare)
                .on(Track.of("en", Recipe.PHRASE, "Lantern", words).withLength(3000));
        Scene scene = new SceneMaker(new SkijaTypesetter(FontShelf.shipped()))
                .make(track, new ShippedStyles().get("Lantern"), SIZE);
        Part part = scene.parts().get(0);
        FramedLight light = new FramedLight(samples, null, Frame.OWN, Frame.OWN.layout(SIZE));
        EdgeContrast.Worst worst = EdgeContrast.of(part, scene.width(), scene.height(), light);
        assertThat(worst.ms()).as("it grows light").isGreaterThan(1900);
        assertThat(worst.wordId())
                .as("the right one stands where it is lighter")
                .isEqualTo(track.words().toList().get(1).id());
        double there = aroundTheLetters(scene, worst.ms(), 0xf4f1e8);
        assertThat(worst.ratio()).isCloseTo(there, within(0.08 * there));
    }

    @ParameterizedTest
    @ValueSource(strings = {"three-coats", "last-ferry", "tide-pool"})
    void captionsThatAreInThePictureAreSeen(String name) throws Exception {
        Path demo = TestClips.make(
                folder.resolve("demo.mp4"), "-i", "../demo/clips/" + name + ".mp4", "-t", "6", "-c", "copy");
        assertThat(text(demo).captions()).isFalse();
        ClipInfo of = Probe.of(demo);
        List<Word> words = WordsFile.read(Files.readString(Path.of("../demo/clips/" + name + ".words.json")))
                .toWords();
        Track track = Track.of("en", Recipe.PHRASE, "Harbour wire", words);
        Scene scene = new SceneMaker(new SkijaTypesetter(FontShelf.shipped()))
                .make(track, new ShippedStyles().get("Harbour wire"), of.size());
        Path burned = folder.resolve("burned.mp4");
        new Burn(demo, of, Frame.OWN, null, scene, new BurnOrder("ultrafast", 28)).to(burned, done -> {}, () -> false);
        assertThat(text(burned).captions()).isTrue();
    }

    private PictureText text(Path video) {
        Path out = folder.resolve("text.light");
        PictureLight.sample(video, Probe.of(video), out, done -> {}, () -> false);
        return PictureText.of(PictureLight.open(out));
    }

    private double aroundTheLetters(Scene scene, int ms, int fill) throws Exception {
        boolean[] letters = new boolean[540 * 960];
        try (Surface surface = Surface.makeRasterN32Premul(540, 960);
                ScenePainter painter = new ScenePainter(scene, 540.0 / scene.width())) {
            painter.paint(surface.getCanvas(), new Timeline(scene).at(ms), 0, 0, 540, 960);
            try (Image image = surface.makeImageSnapshot();
                    Bitmap bitmap = Bitmap.makeFromImage(image)) {
                for (int i = 0; i < letters.length; i++) {
                    letters[i] = bitmap.getColor(i % 540, i / 540) >>> 24 > 10;
                }
            }
        }
        byte[] frame = frame(ms);
        double word = secondWordFrom(letters);
        List<Double> ratios = new ArrayList<>();
        for (int i = 0; i < letters.length; i++) {
            if (!letters[i] && i % 540 >= word && near(letters, i % 540, i / 540)) {
                ratios.add(ratio(luminance(pixel(frame, i % 540, i / 540)), luminance(rgb(fill))));
            }
        }
        ratios.sort(null);
        assertThat(ratios).hasSizeGreaterThan(500);
        return ratios.get(ratios.size() / 10);
    }

    /** Where the widest gap between letters ends. */
    private static int secondWordFrom(boolean[] letters) {
        int best = 0;
        int widest = 0;
        int empty = 0;
        boolean begun = false;
        for (int x = 0; x < 540; x++) {
            boolean ink = false;
            for (int y = 0; y < 960; y++) {
                ink |= letters[y * 540 + x];
            }
            if (ink) {
                if (begun && empty > widest) {
                    widest = empty;
                    best = x;
                }
                empty = 0;
                begun = true;
            } else {
                empty++;
            }
        }
        return best;
    }

    private static boolean near(boolean[] letters, int x, int y) {
        for (int dy = -3; dy <= 3; dy++) {
            for (int dx = -3; dx <= 3; dx++) {
                int at = (y + dy) * 540 + x + dx;
                if (x + dx >= 0 && x + dx < 540 && at >= 0 && at < letters.length && letters[at]) {
                    return true;
                }
            }
        }
        return false;
    }

    private byte[] frame(int ms) throws Exception {
        Path raw = folder.resolve("frame.rgb");
        Files.deleteIfExists(raw);
        Process ffmpeg = new ProcessBuilder(
                        "ffmpeg",
                        "-loglevel",
                        "error",
                        "-i",
                        clip.toString(),
                        "-ss",
                        Double.toString(ms / 1000.0),
                        "-frames:v",
                        "1",
                        "-pix_fmt",
                        "rgb24",
                        "-f",
                        "rawvideo",
                        raw.toString())
                .redirectError(ProcessBuilder.Redirect.INHERIT)
                .start();
        assertThat(ffmpeg.waitFor()).isZero();
        return Files.readAllBytes(raw);
    }

    private static int[] pixel(byte[] frame, int x, int y) {
        int at = 3 * (y * 540 + x);
        return new int[] {frame[at] & 255, frame[at + 1] & 255, frame[at + 2] & 255};
    }

    private static int[] rgb(int colour) {
        return new int[] {colour >> 16, colour >> 8 & 255, colour & 255};
    }

    /** As the standard writes it. */
    private static double luminance(int[] rgb) {
        double[] linear = new double[3];
        for (int i = 0; i < 3; i++) {
            double s = rgb[i] / 255.0;
            linear[i] = s <= 0.04045 ? s / 12.92 : Math.pow((s + 0.055) / 1.055, 2.4);
        }
        return 0.2126 * linear[0] + 0.7152 * linear[1] + 0.0722 * linear[2];
    }

    private static double ratio(double a, double b) {
        return (Math.max(a, b) + 0.05) / (Math.min(a, b) + 0.05);
    }
}
