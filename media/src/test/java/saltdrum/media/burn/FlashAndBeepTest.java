package saltdrum.media.burn;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import saltdrum.core.cue.Frame;
import saltdrum.core.scene.Scene;
import saltdrum.media.TestClips;
import saltdrum.media.clip.ClipInfo;
import saltdrum.media.clip.Probe;
import saltdrum.media.ffmpeg.ToolRun;

/** A clip that flashes and beeps at once: in what is made of it both are found by ffmpeg within a frame of each other. */
class FlashAndBeepTest {
    private static final Pattern BLACK_END = Pattern.compile("black_end:([\\d.]+)");
    private static final Pattern SILENCE_END = Pattern.compile("silence_end: ([\\d.]+)");

    @TempDir
    Path folder;

    private static List<Double> found(Path film, Pattern what, String... filter) {
        List<String> command = new ArrayList<>(List.of("ffmpeg", "-nostdin", "-hide_banner", "-i", film.toString()));
        command.addAll(List.of(filter));
        command.addAll(List.of("-f", "null", "-"));
        List<Double> times = new ArrayList<>();
        try (ToolRun run = new ToolRun(command, 60)) {
            run.await();
            Matcher said = what.matcher(run.errors());
            while (said.find()) {
                times.add(Double.valueOf(said.group(1)));
            }
        }
        return times;
    }

    /** Two seconds apart, a fifth of a second long; the rate is of the clip, and of what is made of it. */
    @ParameterizedTest
    @CsvSource({
        "24000/1001, ",
        "25, ",
        "30000/1001, ",
        "50, ",
        "60000/1001, ",
        "60, ",
        "vary, ",
        "24000/1001, 30",
        "25, 29.97",
        "60, 23.976",
        "vary, 25"
    })
    void bothComeTogether(String rate, Double wanted) {
        boolean vary = rate.equals("vary");
        Path clip = TestClips.make(
                folder.resolve("clip.mp4"),
                "-f",
                "lavfi",
                "-i",
                "color=black:s=160x120:r=" + (vary ? "50" : rate)
                        + ":d=6,drawbox=color=white:t=fill:enable='lt(mod(t,2)-1,0.2)*gte(mod(t,2),1)'"
                        + (vary ? ",select='not(mod(n,2))+lt(mod(n,17),4)'" : ""),
                "-f",
                "lavfi",
                "-i",
                "sine=1000:r=48000:d=6,volume='lt(mod(t,2)-1,0.2)*gte(mod(t,2),1)':eval=frame",
                "-fps_mode",
                "vfr",
                "-c:v",
                "libx264",
                "-pix_fmt",
                "yuv420p",
                "-c:a",
                "aac");
        ClipInfo info = Probe.of(clip);
        assertThat(info.variableRate()).isEqualTo(vary);
        Path out = folder.resolve("out.mp4");
        Scene nothing = new Scene(160, 120, Map.of(), Map.of(), List.of());
        new Burn(clip, info, Frame.OWN, nothing, new BurnOrder("ultrafast", 20, false, wanted, null))
                .to(out, done -> {}, () -> false);
        List<Double> flashes = found(out, BLACK_END, "-vf", "blackdetect=d=0.1:pix_th=0.2", "-an");
        List<Double> beeps = found(out, SILENCE_END, "-af", "silencedetect=n=-30dB:d=0.3", "-vn");
        assertThat(flashes).as("flashes").hasSizeGreaterThanOrEqualTo(3);
        assertThat(beeps).as("beeps").hasSizeGreaterThanOrEqualTo(3);
        double frame = 1 / (wanted != null ? Math.min(wanted, info.frameRate()) : vary ? 20.0 : info.frameRate());
        for (int i = 0; i < 3; i++) {
            // A sound is cut up into blocks of 1024 samples, 21 ms, whose loudness is set as one.
            assertThat(Math.abs(flashes.get(i) - beeps.get(i)))
                    .as("flash %d at %s, beep at %s", i, flashes.get(i), beeps.get(i))
                    .isLessThanOrEqualTo(frame + 1024 / 48_000.0);
        }
        assertThat(Probe.of(out).durationMs()).isCloseTo(info.durationMs(), org.assertj.core.data.Offset.offset(90L));
    }
}
