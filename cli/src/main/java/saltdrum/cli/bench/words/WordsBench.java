package saltdrum.cli.bench.words;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import saltdrum.cli.bench.measure.BenchReport;
import saltdrum.core.SaltDrumException;
import saltdrum.core.sound.Sound;
import saltdrum.media.clip.SoundChoice;
import saltdrum.media.clip.SoundTrack;
import saltdrum.media.ffmpeg.ToolRun;
import saltdrum.speech.SpeechDesk;
import saltdrum.speech.recognise.Recogniser;

/** Time of recognition against real time, warm; and the most memory of a process that places or recognises words. */
public final class WordsBench {
    private static final Path DEMO = Path.of("demo/clips");
    private static final List<String> CLIPS = List.of("three-coats", "last-ferry", "three-coats", "tide-pool");

    private WordsBench() {}

    public static void run(BenchReport report) throws IOException {
        Path folder = Files.createTempDirectory("salt-drum-bench");
        recognition(report);
        String script = Files.readString(DEMO.resolve("three-coats.txt"));
        for (int turns : new int[] {4, 34}) {
            Path clip = repeated(folder, turns);
            Path text = folder.resolve("script.txt");
            Files.writeString(text, String.join(" ", java.util.Collections.nCopies(turns, script)));
            placed(report, clip, text, turns * 17.5, folder);
        }
        long peak = peakKb(List.of("words", DEMO.resolve("three-coats.mp4").toString(), "-o", folder + "/o.json"));
        report.line("memory of a recognition", peak / 1024.0, "MB", "<= 1100", "a process of its own, -Xmx900m");
    }

    private static void recognition(BenchReport report) {
        SpeechDesk desk = new SpeechDesk();
        boolean warm = false;
        for (String name : CLIPS) {
            Sound sound = SoundTrack.speech(DEMO.resolve(name + ".mp4"), SoundChoice.parse("0"));
            long start = System.nanoTime();
            double[] first = {0};
            int words = desk.recognise(
                            sound,
                            new Recogniser.Asked("en", name, List.of()),
                            heard -> first[0] = first[0] > 0 ? first[0] : (System.nanoTime() - start) / 1e9,
                            () -> false)
                    .words()
                    .size();
            double seconds = (System.nanoTime() - start) / 1e9;
            double length = sound.seconds();
            report.line(
                    "recognition of " + name + (warm ? "" : ", cold"),
                    seconds / length,
                    "x",
                    warm ? "<= 0.5" : "",
                    String.format(
                            Locale.ROOT,
                            "%.1f s for %.1f s, %d words, the first after %.1f s",
                            seconds,
                            length,
                            words,
                            first[0]));
            warm = true;
        }
    }

    /** The demo clip's sound over and over beside a small grey picture. */
    private static Path repeated(Path folder, int turns) {
        Path clip = folder.resolve("repeated.mp4");
        ToolRun.text(
                List.of(
                        "ffmpeg",
                        "-v",
                        "error",
                        "-y",
                        "-f",
                        "lavfi",
                        "-i",
                        "color=c=gray:s=64x64:r=5",
                        "-stream_loop",
                        String.valueOf(turns - 1),
                        "-i",
                        DEMO.resolve("three-coats.mp4").toString(),
                        "-map",
                        "0:v",
                        "-map",
                        "1:a",
                        "-t",
                        String.valueOf(turns * 17.5),
                        "-c:v",
                        "libx264",
                        "-preset",
                        "ultrafast",
                        "-c:a",
                        "aac",
                        clip.toString()),
                120,
                failed -> {
                    throw new SaltDrumException("The material could not be made: " + failed.errors());
                });
        return clip;
    }

    private static void placed(BenchReport report, Path clip, Path script, double length, Path folder)
            throws IOException {
        long start = System.nanoTime();
        long peak = peakKb(List.of(
                "words",
                clip.toString(),
                "--script",
                script.toString(),
                "-o",
                folder.resolve("o.json").toString()));
        double seconds = (System.nanoTime() - start) / 1e9;
        String what = Math.round(length) + " s of script";
        report.line("memory of placing " + what, peak / 1024.0, "MB", "<= 400", "a process of its own, -Xmx900m");
        report.line(
                "time of placing " + what,
                seconds / length,
                "x",
                "<= 0.2",
                String.format(Locale.ROOT, "%.1f s, JVM start and models included", seconds));
    }

    /** Runs one of our commands in a separate process and measures its peak resident memory. */
    private static long peakKb(List<String> arguments) throws IOException {
        List<String> command = new ArrayList<>(List.of(
                System.getProperty("java.home") + "/bin/java",
                "-XX:+UseSerialGC",
                "-Xmx900m",
                "-Xmn64m",
                "-cp",
                System.getProperty("java.class.path"),
                "saltdrum.cli.SaltDrumCommand"));
        command.addAll(arguments);
        Process process = new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .start();
        Path status = Path.of("/proc", String.valueOf(process.pid()), "status");
        long peak = 0;
        while (process.isAlive()) {
            try {
                peak = Files.readAllLines(status).stream()
                        .filter(line -> line.startsWith("VmHWM:"))
                        .mapToLong(line -> Long.parseLong(line.replaceAll("\\D", "")))
                        .findFirst()
                        .orElse(peak);
                Thread.sleep(50);
            } catch (IOException ended) {
                break;
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                break;
            }
        }
        if (process.onExit().join().exitValue() != 0) {
            throw new SaltDrumException("The measured command failed: " + String.join(" ", arguments));
        }
        return peak;
    }
}
