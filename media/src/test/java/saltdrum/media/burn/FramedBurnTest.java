package saltdrum.media.burn;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import io.github.humbleui.skija.Bitmap;
import io.github.humbleui.skija.Image;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import saltdrum.core.cue.Bars;
import saltdrum.core.cue.Frame;
import saltdrum.core.cue.Frame.Aspect;
import saltdrum.core.cue.Frame.Focus;
import saltdrum.core.cue.Frame.Sit;
import saltdrum.core.cue.FrameLayout;
import saltdrum.core.cue.Size;
import saltdrum.core.plane.Box;
import saltdrum.core.scene.Scene;
import saltdrum.media.TestClips;
import saltdrum.media.clip.ClipInfo;
import saltdrum.media.clip.FrameTimes;
import saltdrum.media.clip.Pictures;
import saltdrum.media.clip.Probe;
import saltdrum.media.ffmpeg.ToolRun;
import saltdrum.media.paint.BarsPicture;

/** Pixels of burned frames against where the layout says that they lie. */
class FramedBurnTest {
    private static final String BAR = "#b0482f";
    private static final Size OUT = new Size(360, 640);

    @TempDir
    Path folder;

    private Path clip;
    private ClipInfo info;

    /** 640x360 for two seconds; how light a column is tells which it is. */
    @BeforeEach
    void aClipWhoseColumnsTellTheirPlace() {
        clip = columns("h.mp4", "640x360");
        info = Probe.of(clip);
    }

    private Path columns(String name, String size) {
        return TestClips.make(
                folder.resolve(name),
                "-f",
                "lavfi",
                "-i",
                "color=c=gray:s=" + size + ":d=2:r=25,format=yuv420p,geq=lum='40+160*X/W':cb=128:cr=128",
                "-c:v",
                "libx264",
                "-crf",
                "4");
    }

    private Frame frame(Sit sit, Bars bars, Focus... focus) {
        return new Frame(Aspect.TALL, sit, BAR, null, 0, List.of(focus), bars);
    }

    private Path burned(Frame frame) throws Exception {
        Path bars = Files.write(folder.resolve("bars.png"), BarsPicture.png(frame, frame.output(info.size()), null));
        Path out = folder.resolve("out.mp4");
        Scene nothing = new Scene(1080, 1920, java.util.Map.of(), java.util.Map.of(), List.of());
        new Burn(clip, info, frame, bars, nothing, new BurnOrder("ultrafast", 8)).to(out, done -> {}, () -> false);
        return out;
    }

    /** A frame's pixels, three bytes each. */
    private record Rgb(int width, byte[] bytes) {
        /** Means of red, green and blue of a part. */
        double[] mean(Box part) {
            double[] sums = new double[3];
            int right = (int) Math.round(part.right());
            int bottom = (int) Math.round(part.bottom());
            int count = 0;
            for (int y = (int) Math.round(part.y()); y < bottom; y++) {
                for (int x = (int) Math.round(part.x()); x < right; x++, count++) {
                    for (int c = 0; c < 3; c++) {
                        sums[c] += bytes[3 * (y * width + x) + c] & 255;
                    }
                }
            }
            return new double[] {sums[0] / count, sums[1] / count, sums[2] / count};
        }
    }

    /** The frame half a second in. */
    private static Rgb decoded(Path video, String matrix) throws Exception {
        List<String> command = List.of(
                "ffmpeg",
                "-nostdin",
                "-v",
                "error",
                "-ss",
                "0.5",
                "-i",
                video.toString(),
                "-vf",
                "scale=in_color_matrix=" + matrix + ",format=rgb24",
                "-frames:v",
                "1",
                "-f",
                "rawvideo",
                "pipe:1");
        try (ToolRun run = new ToolRun(command, 60);
                InputStream in = run.output()) {
            return new Rgb(Probe.of(video).width(), in.readAllBytes());
        }
    }

    /** Luma of the leftmost columns of every frame, stretched to 0 to 255. */
    private static byte[] leftLuma(Path video) throws Exception {
        List<String> command = List.of(
                "ffmpeg",
                "-nostdin",
                "-v",
                "error",
                "-i",
                video.toString(),
                "-vf",
                "crop=4:200:0:200,scale=1:1:flags=area,format=gray",
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

    @Test
    void everyFrameShowsThePartThatTheLayoutNamesForItsTime() throws Exception {
        Frame frame = frame(
                Sit.FILL, Bars.PLAIN, new Focus(300, 0.1, 0.5), new Focus(1000, 0.9, 0.5), new Focus(1700, 0.4, 0.5));
        FrameLayout layout = frame.layout(info.size());
        Path out = burned(frame);
        byte[] luma = leftLuma(out);
        FrameTimes times = FrameTimes.of(clip, info);
        assertThat(luma).hasSize(times.count());
        for (int i = 0; i < luma.length; i++) {
            double left = -layout.at(times.us(i) / 1000.0).x() + 2;
            double expected = (40 + 160 * left / layout.picture().width() - 16) * 255 / 219;
            assertThat((luma[i] & 255) - expected).as("frame " + i).isCloseTo(0, within(1.2));
        }
    }

    /** 720 lines are BT.709 where a file says nothing, 360 are BT.601. */
    @ParameterizedTest
    @CsvSource({"COLOUR, 1280x720, bt709", "COLOUR, 640x360, bt601", "GRADIENT, 1280x720, bt709"})
    void barsHaveTheColoursThatWereChosen(Bars.Kind kind, String size, String matrix) throws Exception {
        clip = TestClips.make(
                folder.resolve("flat.mp4"),
                "-f",
                "lavfi",
                "-i",
                "color=c=gray:s=" + size + ":d=1:r=25",
                "-c:v",
                "libx264",
                "-pix_fmt",
                "yuv420p");
        info = Probe.of(clip);
        Frame frame = frame(Sit.FIT, new Bars(kind, "#20406f", null, null, null, 0.4, null));
        FrameLayout layout = frame.layout(info.size());
        int height = layout.output().height();
        Rgb out = decoded(burned(frame), matrix);
        for (Box bar : layout.bars()) {
            for (double at : new double[] {0.05, 0.5, 0.95}) {
                double y = Math.floor(bar.y() + at * (bar.height() - 4));
                double way = kind == Bars.Kind.GRADIENT ? (y + 2) / height : 0;
                double[] seen = out.mean(new Box(150, y, 40, 4));
                double[] wanted = {0xb0 + way * (0x20 - 0xb0), 0x48 + way * (0x40 - 0x48), 0x2f + way * (0x6f - 0x2f)};
                for (int c = 0; c < 3; c++) {
                    assertThat(seen[c]).as(kind + " " + y + " channel " + c).isCloseTo(wanted[c], within(4.0));
                }
            }
        }
        double middle = layout.picture().y() + layout.picture().height() / 2;
        assertThat(out.mean(new Box(180, middle, 4, 4))[0]).as("the clip").isBetween(100.0, 150.0);
    }

    /** Bars of the clip itself: its middle part, darkened, and as light from left to right as that is. */
    @Test
    void blurredBarsShowTheClipDarkened() throws Exception {
        Frame frame = frame(Sit.FIT, new Bars(Bars.Kind.BLUR, null, 0.02, 0.5, null, null, null));
        FrameLayout layout = frame.layout(info.size());
        Rgb out = decoded(burned(frame), "bt601");
        Box part = layout.backdrop().part();
        for (double x : new double[] {40, 180, 320}) {
            double source = part.x() + x / OUT.width() * part.width();
            double luma = 40 + 160 * source / 640;
            double wanted = (luma - 16) * 255 / 219 * 0.5;
            assertThat(out.mean(new Box(x - 4, 50, 8, 8))[1]).as("at " + x).isCloseTo(wanted, within(4.0));
        }
    }

    @ParameterizedTest
    @ValueSource(ints = {90, 180, 270})
    void aTurnedClipComesOutTurned(int turn) throws Exception {
        Frame frame = new Frame(Aspect.OWN, Sit.FILL, BAR, null, turn, null, null);
        Path out = burned(frame);
        ClipInfo made = Probe.of(out);
        assertThat(made.size()).isEqualTo(turn == 180 ? new Size(640, 360) : OUT);
        // Light is at the right of the clip: after a turn to the right it is at the bottom.
        Rgb seen = decoded(out, "bt601");
        double[] dark = seen.mean(corner(made.size(), turn, false));
        double[] light = seen.mean(corner(made.size(), turn, true));
        assertThat(light[1] - dark[1]).isGreaterThan(130);
    }

    private static Box corner(Size size, int turn, boolean light) {
        boolean far = light == (turn == 90);
        return switch (turn) {
            case 180 -> new Box(light ? 0 : size.width() - 16, 150, 16, 16);
            default -> new Box(150, far ? size.height() - 16 : 0, 16, 16);
        };
    }

    /** A still seeks: its timestamps restart, and the frame has moved on all the same. */
    @Test
    void aStillLiesWhereTheBurnedFrameDoes() throws Exception {
        Frame frame = frame(Sit.FILL, Bars.PLAIN, new Focus(0, 0.1, 0.5), new Focus(1500, 0.9, 0.5));
        Scene nothing = new Scene(1080, 1920, java.util.Map.of(), java.util.Map.of(), List.of());
        byte[] png = Pictures.still(clip, info, frame, null, () -> nothing, 1000);
        FrameLayout layout = frame.layout(info.size());
        double expected =
                40 + 160 * (2 - layout.at(1000).x()) / layout.picture().width();
        try (Image image = Image.makeDeferredFromEncodedBytes(png);
                Bitmap bitmap = Bitmap.makeFromImage(image)) {
            int green = bitmap.getColor(2, 300) >> 8 & 255;
            assertThat(green * 219 / 255.0 + 16).isCloseTo(expected, within(2.5));
        }
    }
}
