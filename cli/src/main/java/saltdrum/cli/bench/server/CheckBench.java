package saltdrum.cli.bench.server;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import saltdrum.cli.bench.measure.BenchClips;
import saltdrum.cli.bench.measure.BenchReport;
import saltdrum.core.SaltDrumException;
import saltdrum.core.check.CheckInput;
import saltdrum.core.check.Onsets;
import saltdrum.core.check.SceneTrialLayout;
import saltdrum.core.check.light.FramedLight;
import saltdrum.core.check.rule.Checker;
import saltdrum.core.cue.FrameLayout;
import saltdrum.core.cue.Recipe;
import saltdrum.core.cue.Track;
import saltdrum.core.edit.ChangeLook;
import saltdrum.core.edit.TextEdit.RetypeCue;
import saltdrum.core.layout.SceneMaker;
import saltdrum.core.look.Facets;
import saltdrum.core.look.LookPatch;
import saltdrum.core.scene.Scene;
import saltdrum.core.style.Cascade;
import saltdrum.core.style.ShippedStyles;
import saltdrum.core.style.Style;
import saltdrum.media.clip.ClipInfo;
import saltdrum.media.clip.PictureLight;
import saltdrum.media.clip.Probe;
import saltdrum.media.ffmpeg.Ffmpeg;
import saltdrum.media.ffmpeg.ToolRun;
import saltdrum.media.font.FontShelf;
import saltdrum.media.font.SkijaTypesetter;

/** A minute of clip, of 150 words: its picture sampled once, checked, and checked again after an edit. */
public final class CheckBench {
    private static final int EDITS = 30;

    private CheckBench() {}

    /** One clip with what checks ask. */
    private record Bench(ClipInfo info, SceneMaker scenes, Checker checker, FramedLight light, FrameLayout layout) {
        int findings(Track track, Style style) {
            Scene scene = scenes.make(track, style, info.size());
            CheckInput subject = new CheckInput.Builder(
                            track,
                            scene,
                            layout,
                            new Cascade(style, track.styling()),
                            new SceneTrialLayout(scenes, one -> style, info.size()))
                    .onsets(Onsets.of(track.words().toList()))
                    .light(light)
                    .build();
            return checker.findings(subject).size();
        }
    }

    public static void run(BenchReport report) throws IOException {
        Path folder = Files.createTempDirectory("salt-drum-bench");
        Path clip = minute(folder);
        ClipInfo info = Probe.of(clip);
        Path out = folder.resolve("samples.light");
        long start = System.nanoTime();
        PictureLight.sample(clip, info, out, done -> {}, () -> false);
        report.line(
                "picture sampled, of real time",
                (System.nanoTime() - start) / 1e6 / info.durationMs(),
                "x",
                "<= 0.15",
                "1080x1920, once a clip; " + Files.size(out) / 1_000_000 + " MB");
        SceneMaker scenes = new SceneMaker(new SkijaTypesetter(FontShelf.shipped()));
        for (boolean bare : new boolean[] {false, true}) {
            Style style = new ShippedStyles().get("Mallet");
            Track track = BenchClips.track(150, Recipe.PHRASE, "Mallet").withLength((int) info.durationMs());
            if (bare) {
                LookPatch patch = LookPatch.of(Facets.OUTLINES, List.of()).with(Facets.SHADOWS, List.of());
                track = ChangeLook.ofTrack(patch).on(track);
            }
            FrameLayout layout = track.frame().layout(info.size());
            FramedLight light = new FramedLight(PictureLight.open(out), null, track.frame(), layout);
            measure(report, new Bench(info, scenes, new Checker(), light, layout), track, style, bare);
        }
    }

    private static void measure(BenchReport report, Bench bench, Track track, Style style, boolean bare) {
        String what = bare ? ", letters without outlines" : "";
        long start = System.nanoTime();
        int found = bench.findings(track, style);
        report.line(
                "a minute checked" + what,
                (System.nanoTime() - start) / 1e6,
                "ms",
                "<= 3000",
                track.cues().size() + " cues, " + found + " findings, nothing known before");
        double[] ms = new double[EDITS];
        Track now = track;
        for (int i = 0; i < EDITS; i++) {
            now = new RetypeCue(now.cues().get(i % now.cues().size()).id(), "Sand it again " + i).on(now);
            start = System.nanoTime();
            bench.findings(now, style);
            ms[i] = (System.nanoTime() - start) / 1e6;
        }
        report.line("  again after an edit", BenchReport.quantile(ms, 0.95), "ms", "<= 100", "p95 of " + EDITS);
    }

    /** The demo clip again and again. */
    private static Path minute(Path folder) {
        Path out = folder.resolve("minute.mp4");
        List<String> command = new ArrayList<>(Ffmpeg.ffmpeg());
        command.addAll(List.of("-stream_loop", "3"));
        command.addAll(Ffmpeg.clip(BenchClips.demo("three-coats.mp4")));
        command.addAll(List.of("-t", "60", "-c", "copy", out.toString()));
        try (ToolRun run = new ToolRun(command, 60)) {
            if (run.await() != 0) {
                throw new SaltDrumException(run.errors());
            }
        }
        return out;
    }
}
