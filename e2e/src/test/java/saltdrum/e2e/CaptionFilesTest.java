package saltdrum.e2e;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Page;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import saltdrum.core.cue.CueTime;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Size;
import saltdrum.core.cue.Track;
import saltdrum.core.format.CaptionFormats;
import saltdrum.core.format.file.CaptionFormat;
import saltdrum.core.style.ShippedStyles;
import saltdrum.core.word.Word;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Caption files that we write, read by others: Chromium's WebVTT parser, imsc.js, ffmpeg and libass. */
class CaptionFilesTest {
    private static final Size SIZE = new Size(1080, 1920);

    @TempDir
    Path folder;

    private static Track track() throws Exception {
        return Demo.track("three-coats", Recipe.TWO_LINES, "Mallet");
    }

    private Path written(CaptionFormat format, Track track) throws Exception {
        Path file = folder.resolve("captions." + format.endings().get(0));
        Files.writeString(file, format.write(track, new ShippedStyles().get("Mallet"), SIZE));
        return file;
    }

    private static String lines(saltdrum.core.cue.Cue cue) {
        StringBuilder text = new StringBuilder();
        for (int w = 0; w < cue.words().size(); w++) {
            text.append(w == 0 ? "" : cue.lineStarts().contains(w) ? "\n" : " ")
                    .append(cue.words().get(w).text());
        }
        return text.toString();
    }

    private static String run(String... command) throws Exception {
        Process process = new ProcessBuilder(command)
                .redirectError(ProcessBuilder.Redirect.INHERIT)
                .start();
        String text = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(process.waitFor()).as(String.join(" ", command)).isZero();
        return text;
    }

    @Test
    void chromiumReadsOurWebVttCueByCue() throws Exception {
        Track track = track();
        String vtt = Base64.getEncoder().encodeToString(Files.readAllBytes(written(CaptionFormats.WEBVTT, track)));
        Object answer;
        try (Page page = Browser.chromium().newPage()) {
            answer = page.evaluate(
                    """
                    vtt => new Promise((done, failed) => {
                      const video = document.createElement('video');
                      const track = document.createElement('track');
                      track.kind = 'captions'; track.src = 'data:text/vtt;base64,' + vtt; track.default = true;
                      track.onload = () => done([...track.track.cues].map(c => {
                        const times = [];
                        const walk = document.createTreeWalker(c.getCueAsHTML(), NodeFilter.SHOW_PROCESSING_INSTRUCTION);
                        while (walk.nextNode()) times.push(walk.currentNode.data);
                        return [Math.round(c.startTime * 1000), Math.round(c.endTime * 1000), c.getCueAsHTML().textContent, times];
                      }));
                      track.onerror = () => failed('not read');
                      video.append(track); document.body.append(video); track.track.mode = 'showing';
                    })
                    """,
                    vtt);
        }
        List<?> cues = (List<?>) answer;
        List<CueTime> times = CueTime.of(track);
        assertThat(cues).hasSameSizeAs(track.cues());
        for (int i = 0; i < cues.size(); i++) {
            List<?> cue = (List<?>) cues.get(i);
            assertThat(((Number) cue.get(0)).intValue()).isEqualTo(times.get(i).showMs());
            assertThat(((Number) cue.get(1)).intValue()).isEqualTo(times.get(i).hideMs());
            assertThat(cue.get(2)).isEqualTo(lines(track.cues().get(i)));
            for (Word word : track.cues().get(i).words()) {
                if (word.startMs() == times.get(i).showMs()) {
                    // A stamp in a cue is later than its start (WebVTT, §4.2.1).
                    continue;
                }
                // Chromium holds times as floating point numbers and cuts their ends off.
                assertThat(List.of(stamp(word.startMs()), stamp(word.startMs() - 1)))
                        .as("%s in %s", word.text(), cue.get(3))
                        .anyMatch(((List<?>) cue.get(3))::contains);
            }
        }
    }

    private static String stamp(int ms) {
        return String.format("00:00:%02d.%03d", ms / 1000, ms % 1000);
    }

    @Test
    void imscJsReadsOurTtml() throws Exception {
        Track track = track();
        List<String> shown = new ArrayList<>();
        List<Double> from = new ArrayList<>();
        for (String line : run(
                        "node",
                        "../web/scripts/read-imsc.mjs",
                        written(CaptionFormats.TTML, track).toString())
                .split("\n")) {
            JsonNode event = JsonMapper.shared().readTree(line);
            from.add(event.path("from").asDouble());
            shown.add(event.path("text").asString().replaceAll("\\s+", " ").strip());
        }
        for (int i = 0; i < track.cues().size(); i++) {
            for (int w = 0; w < track.cues().get(i).words().size(); w++) {
                Word word = track.cues().get(i).words().get(w);
                int at = 0;
                while (at + 1 < from.size() && from.get(at + 1) * 1000 <= word.startMs() + 0.5) {
                    at++;
                }
                assertThat(from.get(at) * 1000).as(word.text()).isCloseTo(word.startMs(), within(0.6));
                assertThat(shown.get(at)).as("at %d ms", word.startMs()).contains(word.text());
            }
        }
    }

    @Test
    void ffmpegReadsOurSrtAndAss() throws Exception {
        Track track = track();
        List<CueTime> times = CueTime.of(track);
        for (CaptionFormat format : List.of(CaptionFormats.SRT, CaptionFormats.ASS)) {
            String packets = run(
                    "ffprobe",
                    "-v",
                    "error",
                    "-show_entries",
                    "packet=pts_time,duration_time",
                    "-of",
                    "csv=p=0",
                    written(format, track).toString());
            String[] rows = packets.strip().split("\n");
            assertThat(rows).as(format.label()).hasSameSizeAs(track.cues());
            for (int i = 0; i < rows.length; i++) {
                String[] fields = rows[i].split(",");
                double start = Double.parseDouble(fields[0]) * 1000;
                double end = start + Double.parseDouble(fields[1]) * 1000;
                double rounding = format == CaptionFormats.ASS ? 5.01 : 0.51;
                assertThat(start).isCloseTo(times.get(i).showMs(), within(rounding));
                assertThat(end).isCloseTo(times.get(i).hideMs(), within(2 * rounding));
            }
        }
    }

    /** Each word turns from the waiting to the spoken colour; the frame in which libass shows it is that of our time. */
    @Test
    void libassChangesEveryWordWithinOneFrameOfItsTime() throws Exception {
        Track track = track();
        Path ass = written(CaptionFormats.ASS, track);
        int rate = 100;
        int seconds = 9;
        Process ffmpeg = new ProcessBuilder(
                        "ffmpeg",
                        "-v",
                        "error",
                        "-f",
                        "lavfi",
                        "-i",
                        "color=black:s=1080x1920:r=" + rate + ":d=" + seconds,
                        "-vf",
                        "ass=" + ass + ",crop=1080:480:0:720,scale=270:120,format=gray",
                        "-f",
                        "rawvideo",
                        "pipe:1")
                .redirectError(ProcessBuilder.Redirect.INHERIT)
                .start();
        byte[] frames = ffmpeg.getInputStream().readAllBytes();
        int size = 270 * 120;
        int count = frames.length / size;
        assertThat(count).isEqualTo(rate * seconds);
        double[] light = new double[count];
        for (int f = 0; f < count; f++) {
            long sum = 0;
            for (int i = 0; i < size; i++) {
                sum += frames[f * size + i] & 255;
            }
            light[f] = sum / (double) size;
        }
        int looked = 0;
        for (var cue : track.cues()) {
            // The first word is lit with its cue.
            for (Word word : cue.words().subList(1, cue.words().size())) {
                int at = (int) Math.round(word.startMs() * rate / 1000.0);
                if (at + 3 >= count) {
                    continue;
                }
                int changed = at - 3;
                for (int f = at - 3; f <= at + 3; f++) {
                    if (change(light, f) > change(light, changed)) {
                        changed = f;
                    }
                }
                assertThat(change(light, changed)).as("%s changes", word.text()).isGreaterThan(0.05);
                assertThat(Math.abs(changed - at))
                        .as("%s at %d ms", word.text(), word.startMs())
                        .isLessThanOrEqualTo(1);
                looked++;
            }
        }
        assertThat(looked).isGreaterThan(12);
    }

    private static double change(double[] light, int frame) {
        return Math.abs(light[frame] - light[frame - 1]);
    }
}
