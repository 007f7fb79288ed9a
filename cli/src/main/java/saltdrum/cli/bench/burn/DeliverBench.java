package saltdrum.cli.bench.burn;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import saltdrum.cli.bench.measure.BenchClips;
import saltdrum.cli.bench.measure.BenchReport;
import saltdrum.cli.bench.measure.Cpu;
import saltdrum.core.SaltDrumException;
import saltdrum.core.cue.Frame;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Track;
import saltdrum.core.delivery.Pace;
import saltdrum.core.format.words.WordsFile;
import saltdrum.core.layout.SceneMaker;
import saltdrum.core.scene.Scene;
import saltdrum.core.style.ShippedStyles;
import saltdrum.core.word.Word;
import saltdrum.core.word.WordSource;
import saltdrum.media.burn.Burn;
import saltdrum.media.burn.BurnOrder;
import saltdrum.media.clip.ClipInfo;
import saltdrum.media.clip.Probe;
import saltdrum.media.ffmpeg.ToolRun;
import saltdrum.media.font.FontShelf;
import saltdrum.media.font.SkijaTypesetter;
import saltdrum.media.output.Delivery;
import saltdrum.media.output.Estimate;
import saltdrum.media.output.OutputKind;
import saltdrum.media.output.OutputVerifier;
import saltdrum.media.output.Receipt;
import saltdrum.media.pieces.PiecedBurn;

/** What a second render costs after one word was changed, and how true it is what was said before a render. */
public final class DeliverBench {
    private static final int SECONDS = 60;
    private static final int[] CHANGED = {25, 70, 115};

    private final BenchReport report;
    private final Path folder;
    private final SceneMaker maker = new SceneMaker(new SkijaTypesetter(FontShelf.shipped()));

    private DeliverBench(BenchReport report) throws IOException {
        this.report = report;
        this.folder = Files.createTempDirectory("salt-drum-bench");
    }

    public static void run(BenchReport report) throws IOException {
        DeliverBench bench = new DeliverBench(report);
        Path clip = BenchClips.clip(bench.folder, SECONDS);
        bench.forcedKeys(clip);
        Map<String, Path> clips = new LinkedHashMap<>();
        clips.put("its own keys", clip);
        for (int gop : new int[] {30, 240, 100_000}) {
            clips.put(
                    gop > SECONDS * 30 ? "one key in all" : "a key every " + gop / 30 + " s",
                    bench.withKeys(clip, gop));
        }
        for (Map.Entry<String, Path> one : clips.entrySet()) {
            bench.oneWord(one.getKey(), one.getValue());
        }
        bench.estimates();
    }

    private Path withKeys(Path clip, int gop) {
        Path out = folder.resolve("gop-" + gop + ".mp4");
        List<String> command = new ArrayList<>(List.of("ffmpeg", "-nostdin", "-v", "error", "-y", "-i"));
        command.addAll(List.of(clip.toString(), "-c:v", "libx264", "-preset", "veryfast", "-g", "" + gop));
        command.addAll(List.of("-x264-params", "scenecut=0", "-c:a", "copy", out.toString()));
        ToolRun.text(command, 600, failed -> {
            throw new SaltDrumException(failed.errors());
        });
        return out;
    }

    private Scene scene(List<Word> words, ClipInfo info) {
        Track track = Track.of("en", Recipe.TWO_LINES, "Mallet", words);
        return maker.make(track, new ShippedStyles().get("Mallet"), info.size());
    }

    /** Of this process and all that it started, ms. */
    private static double cpuMs() throws IOException {
        return Cpu.ownNs() / 1e6 + Cpu.childrenMs();
    }

    private void forcedKeys(Path clip) throws IOException {
        ClipInfo info = Probe.of(clip);
        Scene scene = scene(BenchClips.words(140), info);
        double[][] cpu = new double[2][2];
        long[] bytes = new long[2];
        for (int turn = 0; turn < 2; turn++) {
            for (int forced = 0; forced < 2; forced++) {
                Path out = folder.resolve("forced-" + forced + ".mp4");
                double before = cpuMs();
                Burn burn = new Burn(clip, info, Frame.OWN, scene, BurnOrder.USUAL);
                (forced == 0 ? burn.unpieced() : burn).to(out, done -> {}, () -> false);
                cpu[forced][turn] = cpuMs() - before;
                bytes[forced] = Files.size(out);
            }
        }
        report.line(
                "keys every 4 s / none forced",
                BenchReport.quantile(cpu[1], 0) / BenchReport.quantile(cpu[0], 0),
                "CPU",
                "<= 1.03",
                "least of two turns each");
        report.line("keys every 4 s / none forced", (double) bytes[1] / bytes[0], "bytes", "<= 1.06", "");
    }

    private void oneWord(String keys, Path clip) throws IOException {
        ClipInfo info = Probe.of(clip);
        List<Word> words = BenchClips.words(140);
        Scene first = scene(words, info);
        Path whole = folder.resolve("whole.mp4");
        double before = cpuMs();
        PiecedBurn.Made made = pieced(clip, info, first, whole, List.of());
        double firstMs = cpuMs() - before;
        double sum = 0;
        int anew = 0;
        for (int at : CHANGED) {
            List<Word> changed = new ArrayList<>(words);
            changed.set(at, words.get(at).withText("harbour", WordSource.TYPED));
            before = cpuMs();
            anew += pieced(
                            clip,
                            info,
                            scene(changed, info),
                            folder.resolve("again.mp4"),
                            List.of(new PiecedBurn.Earlier(whole, made.pieces())))
                    .anew();
            sum += cpuMs() - before;
        }
        report.line(
                "after one word, " + keys,
                sum / CHANGED.length / firstMs,
                "CPU",
                keys.startsWith("one") ? "<= 0.30" : "<= 0.12",
                String.format(
                        Locale.ROOT,
                        "mean of three words; first %.0f ms, then %.0f; %d of %d pieces",
                        firstMs,
                        sum / CHANGED.length,
                        anew,
                        CHANGED.length * made.pieces().shown().size()));
    }

    /** Burned and looked at, as an order does it. */
    private static PiecedBurn.Made pieced(
            Path clip, ClipInfo info, Scene scene, Path out, List<PiecedBurn.Earlier> earlier) {
        Delivery delivery = new Delivery(
                clip,
                info,
                Frame.OWN,
                null,
                scene,
                List.of(Track.empty("en", "Mallet")),
                BurnOrder.USUAL,
                null,
                new Delivery.Kept(clip.toString(), earlier, null),
                null);
        PiecedBurn.Made made = delivery.make(OutputKind.BURNED, out, done -> {}, () -> false);
        Receipt receipt = OutputVerifier.of(delivery, OutputKind.BURNED, out, made, done -> {});
        if (!receipt.good()) {
            throw new IllegalStateException(receipt.toString());
        }
        return made;
    }

    private record Case(String clip, String frame, String style) {}

    private void estimates() throws IOException {
        for (Case one : List.of(
                new Case("three-coats", "own", "Mallet"),
                new Case("last-ferry", "9:16", "Chalk"),
                new Case("last-ferry", "own", "Lantern"),
                new Case("tide-pool", "own", "Tidemark"),
                new Case("tide-pool", "1:1", "Regatta"))) {
            Path clip = BenchClips.demo(one.clip + ".mp4");
            ClipInfo info = Probe.of(clip);
            List<Word> words = WordsFile.read(Files.readString(BenchClips.demo(one.clip + ".words.json")))
                    .toWords();
            Track track = Track.of("en", Recipe.TWO_LINES, one.style, words).withFrame(Frame.parse(one.frame));
            Scene scene = maker.make(track, new ShippedStyles().get(one.style), info.size());
            Delivery delivery = new Delivery(
                    clip,
                    info,
                    track.frame(),
                    null,
                    scene,
                    List.of(track),
                    BurnOrder.USUAL,
                    null,
                    new Delivery.Kept(one.clip, List.of(), null),
                    null);
            Estimate told = Estimate.of(delivery, OutputKind.BURNED);
            Path out = folder.resolve("told.mp4");
            long begun = System.nanoTime();
            delivery.make(OutputKind.BURNED, out, done -> {}, () -> false);
            OutputVerifier.of(delivery, OutputKind.BURNED, out);
            double took = (System.nanoTime() - begun) / 1e9;
            String name = one.clip + " " + one.frame + ", " + one.style;
            report.line(
                    "size estimated / actual, " + name,
                    (double) told.bytes() / Files.size(out),
                    "",
                    "0.85 to 1.15",
                    String.format(Locale.ROOT, "%.2f MB", Files.size(out) / 1e6));
            report.line(
                    "time estimated / actual, " + name,
                    told.seconds() * Pace.USUAL / took,
                    "",
                    "0.75 to 1.25",
                    String.format(Locale.ROOT, "%.1f s", took));
        }
    }
}
