package saltdrum.media.output;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import io.github.humbleui.skija.Bitmap;
import io.github.humbleui.skija.Image;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import java.util.zip.ZipFile;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import saltdrum.core.BadInputException;
import saltdrum.core.cue.Frame;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Size;
import saltdrum.core.cue.Track;
import saltdrum.core.format.words.WordsFile;
import saltdrum.core.layout.SceneMaker;
import saltdrum.core.scene.Scene;
import saltdrum.core.style.ShippedStyles;
import saltdrum.core.word.Word;
import saltdrum.core.word.WordSource;
import saltdrum.media.TestClips;
import saltdrum.media.burn.BurnOrder;
import saltdrum.media.clip.ClipInfo;
import saltdrum.media.clip.FrameRate;
import saltdrum.media.clip.Probe;
import saltdrum.media.font.FontShelf;
import saltdrum.media.font.SkijaTypesetter;

/** What is made beside the burned video, looked at by ffprobe and ffmpeg. */
class OutputsTest {
    @TempDir
    static Path source;

    @TempDir
    Path folder;

    private static Path clip;
    private static ClipInfo info;
    private static Track track;
    private static Scene scene;

    @BeforeAll
    static void aClipWithCaptions() {
        clip = TestClips.make(
                source.resolve("clip.mp4"),
                "-f",
                "lavfi",
                "-i",
                "testsrc2=s=270x480:r=30000/1001:d=2",
                "-f",
                "lavfi",
                "-i",
                "sine=440:d=2",
                "-c:v",
                "libx264",
                "-pix_fmt",
                "yuv420p",
                "-c:a",
                "aac");
        info = Probe.of(clip);
        List<Word> words =
                List.of(Word.of(1, "Row", 500, 900, WordSource.TYPED), Word.of(2, "home", 900, 1400, WordSource.TYPED));
        track = Track.of("en", Recipe.PHRASE, "Tidemark", words).withLength((int) info.durationMs());
        scene = new SceneMaker(new SkijaTypesetter(FontShelf.shipped()))
                .make(track, new ShippedStyles().get("Tidemark"), info.size());
    }

    private static String run(String... command) throws Exception {
        Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(process.waitFor()).as(said).isZero();
        return said.strip();
    }

    private static String probe(Path file, String stream, String entries) throws Exception {
        return run(
                "ffprobe",
                "-v",
                "error",
                "-select_streams",
                stream,
                "-show_entries",
                entries,
                "-of",
                "default=nw=1:nk=1",
                file.toString());
    }

    private Overlay overlay() {
        return new Overlay(scene, new Size(270, 480), info.frameRate(), info.durationMs());
    }

    @ParameterizedTest
    @EnumSource(
            value = Overlay.Kind.class,
            names = {"PRORES", "VP9"})
    void overlaysHaveEveryFrameAndAlpha(Overlay.Kind kind) throws Exception {
        Path out = folder.resolve("overlay." + kind.ending);
        overlay().to(kind, out, done -> {}, () -> false);
        assertThat(probe(out, "v:0", "stream=codec_name")).isEqualTo(kind == Overlay.Kind.PRORES ? "prores" : "vp9");
        assertThat(probe(out, "v:0", "stream=r_frame_rate")).isEqualTo("30000/1001");
        List<Double> times = new ArrayList<>();
        for (String line : probe(out, "v:0", "packet=pts_time").split("\\s+")) {
            times.add(Double.parseDouble(line));
        }
        assertThat(times).hasSize(60).isSorted().doesNotHaveDuplicates();
        Path early = alpha(out, kind, 0.1);
        Path there = alpha(out, kind, 1.2);
        assertThat(opaque(early)).as("nothing before the first cue").isZero();
        assertThat(opaque(there)).as("a plate with two words").isBetween(3000, 60_000);
    }

    /** The alpha of a frame as a grey picture; VP9 keeps it where only libvpx looks. */
    private Path alpha(Path video, Overlay.Kind kind, double at) throws Exception {
        Path png = folder.resolve("alpha" + at + ".png");
        List<String> command = new ArrayList<>(List.of("ffmpeg", "-v", "error", "-y"));
        if (kind == Overlay.Kind.VP9) {
            command.addAll(List.of("-c:v", "libvpx-vp9"));
        }
        command.addAll(List.of("-i", video.toString(), "-ss", "" + at, "-frames:v", "1"));
        command.addAll(List.of("-vf", "alphaextract,format=gray", png.toString()));
        run(command.toArray(String[]::new));
        return png;
    }

    private static int opaque(Path png) throws Exception {
        int count = 0;
        try (Image image = Image.makeDeferredFromEncodedBytes(Files.readAllBytes(png));
                Bitmap bitmap = Bitmap.makeFromImage(image)) {
            for (int y = 0; y < bitmap.getHeight(); y++) {
                for (int x = 0; x < bitmap.getWidth(); x++) {
                    count += (bitmap.getColor(x, y) & 255) > 128 ? 1 : 0;
                }
            }
        }
        return count;
    }

    @Test
    void picturesOfEveryFrameInAZip() throws Exception {
        Path out = folder.resolve("frames.zip");
        overlay().to(Overlay.Kind.PNG, out, done -> {}, () -> false);
        try (ZipFile zip = new ZipFile(out.toFile())) {
            assertThat(zip.size()).isEqualTo(60);
            Path one = folder.resolve("one.png");
            Files.write(one, zip.getInputStream(zip.getEntry("frame-00037.png")).readAllBytes());
            try (Image image = Image.makeDeferredFromEncodedBytes(Files.readAllBytes(one))) {
                assertThat(image.getWidth()).isEqualTo(270);
            }
            assertThat(zip.getEntry("frame-00001.png").getSize())
                    .isLessThan(zip.getEntry("frame-00037.png").getSize());
        }
    }

    @Test
    void aCaptionStreamCanBeSwitchedAndThePictureIsTheSame() throws Exception {
        Path out = folder.resolve("captioned.mp4");
        Streams.captioned(clip, info, List.of(track), out, done -> {}, () -> false);
        assertThat(probe(out, "s:0", "stream=codec_name")).isEqualTo("mov_text");
        assertThat(probe(out, "s:0", "stream_tags=language")).isEqualTo("eng");
        assertThat(hashes(out)).isEqualTo(hashes(clip));
        Path text = folder.resolve("back.srt");
        run("ffmpeg", "-v", "error", "-i", out.toString(), "-map", "0:s:0", text.toString());
        assertThat(Files.readString(text)).contains("Row home", "00:00:00,460");
        Path clean = folder.resolve("clean.mp4");
        Streams.clean(out, Probe.of(out), clean, done -> {}, () -> false);
        assertThat(probe(clean, "s", "stream=codec_name")).isEmpty();
        assertThat(hashes(clean)).isEqualTo(hashes(clip));
        assertThatThrownBy(() -> Streams.captioned(
                        clip, info, List.of(Track.empty("en", "Mallet")), out, done -> {}, () -> false))
                .isInstanceOf(BadInputException.class)
                .hasMessageContaining("no cues");
    }

    /** Of every packet of picture and sound. */
    private static String hashes(Path video) throws Exception {
        return run(
                        "ffmpeg",
                        "-v",
                        "error",
                        "-i",
                        video.toString(),
                        "-map",
                        "0:v",
                        "-map",
                        "0:a",
                        "-c",
                        "copy",
                        "-f",
                        "streamhash",
                        "-")
                .replaceAll("(?m)^#.*$", "");
    }

    @Test
    void theSoundAloneIsTheSameSound() throws Exception {
        Path out = folder.resolve("sound.m4a");
        Streams.sound(clip, info, out, done -> {}, () -> false);
        assertThat(probe(out, "v", "stream=codec_name")).isEmpty();
        assertThat(run("ffmpeg", "-v", "error", "-i", out.toString(), "-map", "0:a", "-c", "copy", "-f", "hash", "-"))
                .isEqualTo(run(
                        "ffmpeg",
                        "-v",
                        "error",
                        "-i",
                        clip.toString(),
                        "-map",
                        "0:a",
                        "-c",
                        "copy",
                        "-f",
                        "hash",
                        "-"));
    }

    @ParameterizedTest
    @EnumSource(MovingPreview.Kind.class)
    void aPreviewStaysUnderItsSize(MovingPreview.Kind kind) throws Exception {
        Path out = folder.resolve("preview." + kind.ending);
        new MovingPreview(clip, info, 0, 600, kind).write(300_000, out, done -> {}, () -> false);
        assertThat(Files.size(out)).isBetween(1000L, 300_000L);
        byte[] head = java.util.Arrays.copyOf(Files.readAllBytes(out), 12);
        assertThat(new String(head, StandardCharsets.ISO_8859_1))
                .startsWith(kind == MovingPreview.Kind.GIF ? "GIF89a" : "RIFF");
        assertThatThrownBy(() -> new MovingPreview(clip, info, 0, 600, kind).write(500, out, done -> {}, () -> false))
                .hasMessageContaining("cannot be smaller");
        assertThat(out).doesNotExist();
    }

    @ParameterizedTest
    @EnumSource(mode = EnumSource.Mode.EXCLUDE, names = "SIDECAR")
    void whatWasMadeHasAReceipt(OutputKind kind) {
        Delivery delivery =
                new Delivery(clip, info, Frame.OWN, null, scene, List.of(track), new BurnOrder("ultrafast", 12));
        Path out = folder.resolve("made." + kind.ending);
        delivery.make(kind, out, done -> {}, () -> false);
        Receipt receipt = OutputVerifier.of(delivery, kind, out);
        assertThat(receipt.good()).as(receipt.toString()).isTrue();
        if (kind == OutputKind.BURNED) {
            assertThat(receipt.lines())
                    .extracting(Receipt.Line::what)
                    .contains("Picture", "Frames", "Times", "Sound", "Captions in the picture", "Around them");
            Receipt wrong = OutputVerifier.of(delivery, OutputKind.CLEAN, out);
            assertThat(wrong.lines())
                    .filteredOn(line -> !line.good())
                    .extracting(Receipt.Line::what)
                    .as("burned captions where there should be none")
                    .containsExactly("Captions in the picture");
        }
        if (kind == OutputKind.SOUND) {
            // A sine of an eighth of full scale, of one channel; ffmpeg's own meter says −21.
            assertThat(receipt.lines())
                    .anySatisfy(line -> assertThat(line.measured()).matches("-2[0-2]\\.\\d LUFS.*"));
        }
        if (kind == OutputKind.CLEAN) {
            assertThat(OutputVerifier.of(delivery, OutputKind.BURNED, out).good())
                    .as("no captions where there should be some")
                    .isFalse();
        }
    }

    static Stream<Arguments> sizes() {
        return Stream.of(
                        Arguments.of("three-coats", "own", "Mallet"),
                        Arguments.of("last-ferry", "9:16,blur", "Lantern"),
                        Arguments.of("last-ferry", "720x720", "Lantern"),
                        Arguments.of("tide-pool", "4:5,fit", "Chalk"),
                        Arguments.of("three-coats", "1:1", "Harbour wire"))
                .limit(Boolean.getBoolean("long") ? 5 : 2);
    }

    /**
     * Of three clips in five frames and four styles in {@code ./salt-drum test long}, of the first eight seconds of two at half
     * their size otherwise; the time is not asserted, the machine being what it is.
     */
    @ParameterizedTest
    @MethodSource("sizes")
    void sizesAreToldBeforeWithinFifteenPercent(String name, String frame, String style) throws Exception {
        Path demo = Path.of("../demo/clips/" + name + ".mp4").toAbsolutePath();
        if (!Boolean.getBoolean("long")) {
            demo = TestClips.make(
                    folder.resolve("half.mp4"),
                    "-i",
                    demo.toString(),
                    "-vf",
                    "scale=iw/2:ih/2",
                    "-t",
                    "8",
                    "-preset",
                    "ultrafast",
                    "-crf",
                    "18",
                    "-c:a",
                    "copy");
        }
        ClipInfo of = Probe.of(demo);
        List<Word> words = WordsFile.read(Files.readString(Path.of("../demo/clips/" + name + ".words.json")))
                .toWords();
        words = words.stream().filter(word -> word.endMs() < of.durationMs()).toList();
        Track spoken = Track.of("en", Recipe.PHRASE, style, words).withFrame(Frame.parse(frame));
        Scene burned = new SceneMaker(new SkijaTypesetter(FontShelf.shipped()))
                .make(spoken, new ShippedStyles().get(style), of.size());
        Delivery delivery = new Delivery(
                demo,
                of,
                spoken.frame(),
                null,
                burned,
                List.of(spoken),
                new BurnOrder("ultrafast", 20),
                null,
                new Delivery.Kept(name, List.of(), null),
                null);
        Estimate estimate = Estimate.of(delivery, OutputKind.BURNED);
        Path out = folder.resolve("burned.mp4");
        delivery.make(OutputKind.BURNED, out, done -> {}, () -> false);
        assertThat((double) estimate.bytes())
                .isCloseTo(Files.size(out), org.assertj.core.api.Assertions.withinPercentage(15));
        assertThat(estimate.seconds()).isPositive();
        assertThat(Estimate.of(delivery, OutputKind.PREVIEW_GIF)).isNull();
    }

    @Test
    void broadcastRatesAreFractions() {
        assertThat(FrameRate.of(29.97002997).written()).isEqualTo("30000/1001");
        assertThat(FrameRate.of(23.976).written()).isEqualTo("24000/1001");
        assertThat(FrameRate.of(25).frames(2000)).isEqualTo(50);
        assertThat(FrameRate.of(17.3).perSecond()).isCloseTo(17.3, within(1e-9));
    }
}
