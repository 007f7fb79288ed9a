package saltdrum.media.burn;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.InputStream;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import saltdrum.core.SaltDrumException;
import saltdrum.core.cue.Frame;
import saltdrum.core.plane.Box;
import saltdrum.core.scene.Part;
import saltdrum.core.scene.Scene;
import saltdrum.core.scene.Timeline;
import saltdrum.core.track.Easing;
import saltdrum.core.track.Keyframe;
import saltdrum.core.track.NumberTrack;
import saltdrum.core.track.Property;
import saltdrum.core.track.Tracks;
import saltdrum.media.Plates;
import saltdrum.media.TestClips;
import saltdrum.media.clip.ClipInfo;
import saltdrum.media.clip.FrameTimes;
import saltdrum.media.clip.Probe;
import saltdrum.media.ffmpeg.ToolRun;

class BurnTest {
    @TempDir
    Path folder;

    private Burn.Result burn(Path clip, Frame frame, Scene scene, Path out) {
        return new Burn(clip, Probe.of(clip), frame, scene, new BurnOrder("ultrafast", 18))
                .to(out, done -> {}, () -> false);
    }

    private static String frames(Path clip) {
        return TestClips.probe(
                clip,
                "-count_frames",
                "-select_streams",
                "v:0",
                "-show_entries",
                "stream=nb_read_frames",
                "-of",
                "csv=p=0");
    }

    /** Luma of the middle of every frame. */
    private static byte[] middles(Path video) throws Exception {
        List<String> command = List.of(
                "ffmpeg",
                "-nostdin",
                "-v",
                "error",
                "-i",
                video.toString(),
                "-vf",
                "crop=2:2,scale=1:1:flags=area,format=gray",
                "-fps_mode",
                "passthrough",
                "-f",
                "rawvideo",
                "pipe:1");
        try (ToolRun run = new ToolRun(command, 60);
                InputStream in = run.output()) {
            return in.readAllBytes();
        }
    }

    private void everyFrameCarriesTheStateOfItsOwnTime(Path clip) throws Exception {
        ClipInfo info = Probe.of(clip);
        FrameTimes times = FrameTimes.of(clip, info);
        // Spans that begin and end exactly on frames, and just before and after them.
        int a = (int) Math.ceil(times.us(7) / 1000.0);
        int b = (int) (times.us(15) / 1000);
        int c = (int) (times.us(22) / 1000) + 1;
        Scene scene = Plates.plate(320, 240, new int[] {a, b}, new int[] {b + 40, c}, new int[] {c + 5, c + 300});
        Path out = folder.resolve("burned.mp4");
        burn(clip, Frame.OWN, scene, out);
        byte[] middles = middles(out);
        assertThat(middles).hasSize(times.count());
        for (int i = 0; i < times.count(); i++) {
            boolean lit = !new Timeline(scene).at(times.us(i) / 1000.0).isEmpty();
            assertThat((middles[i] & 0xff) > 128)
                    .as("frame %s at %s us", i, times.us(i))
                    .isEqualTo(lit);
        }
        FrameTimes after = FrameTimes.of(out, Probe.of(out));
        for (int i = 0; i < times.count(); i++) {
            assertThat(after.us(i) - after.us(0))
                    .isBetween(times.us(i) - times.us(0) - 70, times.us(i) - times.us(0) + 70);
        }
    }

    @Test
    void everyFrameOfA2997ClipCarriesItsOwnState() throws Exception {
        everyFrameCarriesTheStateOfItsOwnTime(TestClips.make(
                folder.resolve("a.mp4"),
                "-f",
                "lavfi",
                "-i",
                "color=black:s=320x240:r=30000/1001:d=2",
                "-c:v",
                "libx264",
                "-bf",
                "2"));
    }

    @Test
    void everyFrameOfAVariableRateClipCarriesItsOwnState() throws Exception {
        Path clip = TestClips.make(
                folder.resolve("a.mp4"),
                "-f",
                "lavfi",
                "-i",
                "color=black:s=320x240:r=50:d=2",
                "-vf",
                "select='not(mod(n,2))+lt(mod(n,17),4)',setpts=PTS+0.004*mod(N\\,5)/TB",
                "-fps_mode",
                "vfr",
                "-c:v",
                "libx264");
        assertThat(Probe.of(clip).variableRate()).isTrue();
        everyFrameCarriesTheStateOfItsOwnTime(clip);
    }

    @Test
    void aClipThatStartsLateKeepsItsClock() throws Exception {
        Path clip = TestClips.make(
                folder.resolve("a.mkv"),
                "-f",
                "lavfi",
                "-i",
                "color=black:s=320x240:r=25:d=2",
                "-f",
                "lavfi",
                "-i",
                "sine=d=2",
                "-c:v",
                "libx264",
                "-c:a",
                "aac",
                "-output_ts_offset",
                "1.2");
        everyFrameCarriesTheStateOfItsOwnTime(clip);
    }

    @Test
    void theSoundIsCopiedBitForBit() {
        Path clip = TestClips.sounding(folder.resolve("a.mp4"), "aac");
        Path out = folder.resolve("b.mp4");
        Burn.Result result = burn(clip, Frame.OWN, Plates.plate(320, 240, new int[] {200, 500}), out);
        assertThat(TestClips.soundHash(out)).isEqualTo(TestClips.soundHash(clip));
        assertThat(frames(out)).isEqualTo(frames(clip)).isEqualTo("" + result.frames());
        assertThat(result.painted()).isEqualTo(3);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "libx265,yuv420p10le,mp4",
                "libx264,yuv444p,mp4",
                "libvpx-vp9,yuv420p,webm",
                "libx264,yuv420p,mov",
                "libx264,yuv420p,mkv"
            })
    void otherCodecsAndContainersBurnToo(String kind) {
        String[] parts = kind.split(",");
        Path clip = TestClips.make(
                folder.resolve("a." + parts[2]),
                "-f",
                "lavfi",
                "-i",
                "testsrc=s=320x240:d=1:r=25",
                "-c:v",
                parts[0],
                "-pix_fmt",
                parts[1]);
        Path out = folder.resolve("b.mp4");
        burn(clip, Frame.OWN, Plates.plate(320, 240, new int[] {200, 500}), out);
        assertThat(frames(out)).isEqualTo("25");
        assertThat(TestClips.probe(
                        out, "-select_streams", "v", "-show_entries", "stream=codec_name,pix_fmt", "-of", "csv=p=0"))
                .isEqualTo("h264,yuv420p");
    }

    @Test
    void anOddPictureLosesItsLastRowAndColumn() {
        Path clip = TestClips.make(
                folder.resolve("a.mp4"),
                "-f",
                "lavfi",
                "-i",
                "testsrc=s=359x639:d=1:r=25",
                "-c:v",
                "libx264",
                "-pix_fmt",
                "yuv444p");
        Path out = folder.resolve("b.mp4");
        burn(clip, Frame.OWN, Plates.plate(1080, 1920, new int[] {200, 500}), out);
        assertThat(TestClips.probe(
                        out, "-select_streams", "v", "-show_entries", "stream=width,height", "-of", "csv=p=0"))
                .isEqualTo("358,638");
    }

    @ParameterizedTest
    @ValueSource(strings = {"9:16", "9:16,fit", "1:1", "4:5,fit", "16:9"})
    void everyFrameShapeComesOut(String shape) {
        Path clip = TestClips.make(
                folder.resolve("a.mp4"), "-f", "lavfi", "-i", "testsrc=s=640x360:d=1:r=25", "-c:v", "libx264");
        Frame frame = Frame.parse(shape);
        var size = frame.output(Probe.of(clip).size());
        Path out = folder.resolve("b.mp4");
        burn(clip, frame, Plates.plate(size.width(), size.height(), new int[] {200, 500}), out);
        assertThat(TestClips.probe(
                        out, "-select_streams", "v", "-show_entries", "stream=width,height", "-of", "csv=p=0"))
                .isEqualTo(size.width() + "," + size.height());
    }

    @Test
    void aTurnedPictureComesOutUpright() {
        Path flat = TestClips.make(
                folder.resolve("flat.mp4"),
                "-f",
                "lavfi",
                "-i",
                "testsrc=s=640x360:d=1:r=25",
                "-c:v",
                "libx264",
                "-pix_fmt",
                "yuv420p");
        Path turned = TestClips.make(
                folder.resolve("turned.mp4"), "-i", flat.toString(), "-c", "copy", "-metadata:s:v:0", "rotate=90");
        Path out = folder.resolve("b.mp4");
        burn(turned, Frame.OWN, Plates.plate(1080, 1920, new int[] {200, 500}), out);
        assertThat(Probe.of(out).rotation()).isZero();
        assertThat(Probe.of(out).width()).isEqualTo(360);
        assertThat(Probe.of(out).height()).isEqualTo(640);
        assertThat(frames(out)).isEqualTo("25");
    }

    @Test
    void colourTagsAreKept() {
        Path clip = TestClips.make(
                folder.resolve("a.mp4"),
                "-f",
                "lavfi",
                "-i",
                "testsrc=s=320x240:d=1",
                "-c:v",
                "libx264",
                "-pix_fmt",
                "yuv420p",
                "-colorspace",
                "smpte170m",
                "-color_primaries",
                "smpte170m",
                "-color_trc",
                "smpte170m");
        Path out = folder.resolve("b.mp4");
        burn(clip, Frame.OWN, Plates.plate(320, 240, new int[] {200, 500}), out);
        assertThat(Probe.of(out).colour()).isEqualTo(Probe.of(clip).colour());
    }

    /** Some screen recorders write red, green and blue; that tag is wrong for the burned file. */
    @Test
    void aClipOfRedGreenAndBlueIsBurnedInItsColours() throws Exception {
        Path clip = TestClips.make(
                folder.resolve("a.mp4"),
                "-f",
                "lavfi",
                "-i",
                "color=c=0xc04020:s=320x240:d=1",
                "-c:v",
                "libx264rgb",
                "-crf",
                "4");
        assertThat(Probe.of(clip).colour().rgb()).isTrue();
        Path out = folder.resolve("b.mp4");
        burn(clip, Frame.OWN, Plates.plate(320, 240, new int[] {200, 500}), out);
        assertThat(Probe.of(out).colour().space()).isEqualTo("bt709");
        Process ffmpeg = new ProcessBuilder(
                        "ffmpeg",
                        "-v",
                        "error",
                        "-i",
                        out.toString(),
                        "-ss",
                        "0.8",
                        "-frames:v",
                        "1",
                        "-vf",
                        "crop=2:2",
                        "-pix_fmt",
                        "yuv420p",
                        "-f",
                        "rawvideo",
                        "-")
                .start();
        byte[] pixel = ffmpeg.getInputStream().readAllBytes();
        // #c04020 by the matrix of BT.709, in the range of television: worked out by hand.
        assertThat(pixel[0] & 255).isCloseTo(91, org.assertj.core.api.Assertions.within(2));
        assertThat(pixel[4] & 255).isCloseTo(102, org.assertj.core.api.Assertions.within(2));
        assertThat(pixel[5] & 255).isCloseTo(186, org.assertj.core.api.Assertions.within(2));
    }

    @Test
    void aStoppedBurnLeavesNoProcess() {
        Path clip = TestClips.make(
                folder.resolve("a.mp4"), "-f", "lavfi", "-i", "testsrc=s=320x240:d=2", "-c:v", "libx264");
        NumberTrack across =
                NumberTrack.of(Property.X, new Keyframe(0, 0, Easing.LINEAR), new Keyframe(2000, 200, Easing.HOLD));
        Part part = new Part(
                1, 0, 2000, 0, new Box(0, 0, 320, 240), 1, List.of(Plates.white(0, 0, 99, 99, Tracks.of(across))));
        Scene moving = new Scene(320, 240, Map.of(), Map.of(), List.of(part));
        Burn burn = new Burn(clip, Probe.of(clip), Frame.OWN, moving, new BurnOrder("veryslow", 18));
        assertThatThrownBy(() -> burn.to(folder.resolve("b.mp4"), done -> {}, () -> true))
                .isInstanceOf(SaltDrumException.class)
                .hasMessageContaining("stopped");
        assertThat(ProcessHandle.current().descendants().filter(ProcessHandle::isAlive))
                .isEmpty();
    }
}
