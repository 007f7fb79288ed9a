package saltdrum.cli.bench.burn;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import saltdrum.cli.bench.measure.BenchClips;
import saltdrum.cli.bench.measure.BenchReport;
import saltdrum.cli.bench.measure.Cpu;
import saltdrum.cli.draft.ClipLook;
import saltdrum.core.cue.Frame;
import saltdrum.core.cue.Size;
import saltdrum.core.cue.Track;
import saltdrum.core.draft.PolicyRewriter;
import saltdrum.core.firstdraft.DraftSettings;
import saltdrum.core.firstdraft.FirstDraft;
import saltdrum.core.layout.SceneMaker;
import saltdrum.core.sound.Sound;
import saltdrum.core.style.ShippedStyles;
import saltdrum.core.style.Style;
import saltdrum.core.word.Word;
import saltdrum.media.burn.Burn;
import saltdrum.media.burn.BurnOrder;
import saltdrum.media.clip.ClipInfo;
import saltdrum.media.clip.Probe;
import saltdrum.media.clip.SoundChoice;
import saltdrum.media.clip.SoundTrack;
import saltdrum.media.font.FontShelf;
import saltdrum.media.font.SkijaTypesetter;
import saltdrum.speech.SpeechDesk;
import saltdrum.speech.recognise.Recogniser;

/** What a first draft of the demo's clips takes: words, captions and film, each against what it is bounded by. */
public final class DraftBench {
    private static final DraftSettings SETTINGS = DraftSettings.USUAL.withStyle(ShippedStyles.FIRST);

    private static final List<String> CLIPS = List.of("tide-pool.mp4", "last-ferry.mp4", "three-coats.mp4");

    private DraftBench() {}

    public static void run(BenchReport report) throws IOException {
        Path folder = Files.createTempDirectory("salt-drum-bench");
        SceneMaker scenes = new SceneMaker(new SkijaTypesetter(FontShelf.shipped()));
        SpeechDesk speech = new SpeechDesk();
        speech.warm();
        Sums sums = new Sums();
        // The first round compiles what the second measures.
        for (int round = 0; round < 2; round++) {
            sums = new Sums();
            for (String clip : CLIPS) {
                one(BenchClips.demo(clip), folder, scenes, speech, sums);
            }
        }
        report.line(
                "draft, words / length of the sound",
                sums.words / sums.sound,
                "CPU",
                "<= 1.00",
                String.format(Locale.ROOT, "%.1f s of sound", sums.sound / 1000));
        report.line(
                "draft, film / plain transcode",
                sums.film / sums.plain,
                "CPU",
                "<= 1.20",
                String.format(Locale.ROOT, "%.0f / %.0f ms, the same size and encoding", sums.film, sums.plain));
        report.line(
                "draft, breaks to mending / length",
                sums.captions / sums.sound,
                "CPU",
                "-",
                String.format(Locale.ROOT, "%.0f ms, the picture's measure with it", sums.captions));
    }

    /** Milliseconds; of work those of the processor. */
    private static final class Sums {
        double sound;
        double words;
        double captions;
        double film;
        double plain;
    }

    private static void one(Path clip, Path folder, SceneMaker scenes, SpeechDesk speech, Sums sums)
            throws IOException {
        ClipInfo info = Probe.of(clip);
        Style style = new ShippedStyles().get(ShippedStyles.FIRST);
        long before = Cpu.ownNs();
        double tools = Cpu.childrenMs();
        Sound sound = SoundTrack.speech(clip, SoundChoice.parse("0").in(info));
        List<Word> heard = speech.recognise(
                        sound,
                        new Recogniser.Asked(
                                SETTINGS.language(), clip.getFileName().toString(), List.of()),
                        soFar -> {},
                        () -> false)
                .plainWords();
        List<Word> words = PolicyRewriter.write(heard, SETTINGS.policies());
        sums.words += (Cpu.ownNs() - before) / 1e6 + Cpu.childrenMs() - tools;
        sums.sound += info.durationMs();

        before = Cpu.ownNs();
        tools = Cpu.childrenMs();
        Track track = captions(clip, info, scenes, style, words, sound);
        sums.captions += (Cpu.ownNs() - before) / 1e6 + Cpu.childrenMs() - tools;

        Frame frame = Frame.OWN.sized(info.size(), BurnOrder.DRAFT_SHORT_SIDE);
        Size small = frame.output(info.size());
        sums.plain += PlainTranscode.cpuMs(
                clip,
                List.of("-vf", "scale=" + small.width() + ":" + small.height()),
                BurnOrder.DRAFT,
                folder.resolve("plain.mp4"));
        before = Cpu.ownNs();
        Burn.Result film = new Burn(clip, info, frame, scenes.make(track, style, info.size()), BurnOrder.DRAFT)
                .to(folder.resolve("draft.mp4"), done -> {}, () -> false);
        sums.film += (Cpu.ownNs() - before) / 1e6 + film.toolCpuMs();
    }

    private static Track captions(
            Path clip, ClipInfo info, SceneMaker scenes, Style style, List<Word> words, Sound sound)
            throws IOException {
        Track empty = Track.empty(SETTINGS.language(), style.name()).withLength((int) info.durationMs());
        try (ClipLook look = new ClipLook(clip, info, scenes, style, List.of())) {
            look.heard(words);
            return new FirstDraft(SETTINGS, info.size(), look::measure, look::of)
                    .of(empty, words, sound)
                    .track();
        }
    }
}
