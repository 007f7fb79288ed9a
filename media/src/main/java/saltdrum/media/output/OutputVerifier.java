package saltdrum.media.output;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.function.DoubleConsumer;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.ZipFile;
import saltdrum.core.cue.Range;
import saltdrum.core.cue.Size;
import saltdrum.media.burn.SoundPlan;
import saltdrum.media.clip.ClipInfo;
import saltdrum.media.clip.FrameRate;
import saltdrum.media.clip.FrameTimes;
import saltdrum.media.clip.Probe;
import saltdrum.media.ffmpeg.Ffmpeg;
import saltdrum.media.ffmpeg.ToolRun;
import saltdrum.media.pieces.PiecedBurn;

/** Compares a finished output with its clip. */
public final class OutputVerifier {
    private static final int SILENCE_SECONDS = 60;
    /** A timestamp's rounding, microseconds. */
    private static final long ROUNDING_US = 1500;
    /** Lines and looks of a video. */
    private static final double STEPS = 14;

    private static final Pattern LOUDNESS = Pattern.compile("I:\\s+(-?[\\d.]+) LUFS(?![\\s\\S]*I:\\s+-?[\\d.]+ LUFS)");

    private final Delivery delivery;
    private final OutputKind kind;
    private final Path file;
    private final List<Range> encoded;
    private final DoubleConsumer progress;
    private final List<Receipt.Line> lines = new ArrayList<>();
    private int steps;

    private OutputVerifier(
            Delivery delivery, OutputKind kind, Path file, List<Range> encoded, DoubleConsumer progress) {
        this.encoded = encoded;
        this.progress = progress;
        this.delivery = delivery;
        this.kind = kind;
        this.file = file;
    }

    public static Receipt of(Delivery delivery, OutputKind kind, Path file) {
        return of(delivery, kind, file, null, done -> {});
    }

    /**
     * @param file that the delivery has made
     * @param made how a burned video was put together; null for other outputs. The captions of pieces that were kept
     * were looked at when those were made, and their digests say that they are the same: only others are looked at
     * @param progress gets 0 to 1
     */
    public static Receipt of(
            Delivery delivery, OutputKind kind, Path file, PiecedBurn.Made made, DoubleConsumer progress) {
        List<Range> encoded = made == null ? List.of(Range.ALL) : made.encoded();
        OutputVerifier inspection = new OutputVerifier(delivery, kind, file, encoded, progress);
        kind.maker.verify(inspection);
        inspection.size();
        return Receipt.of(inspection.lines).with(made);
    }

    private void step() {
        progress.accept(Math.min(1, ++steps / STEPS));
    }

    private void line(String what, boolean good, String measured, Object... values) {
        lines.add(new Receipt.Line(what, String.format(Locale.ROOT, measured, values), good));
        step();
    }

    /** @param burned whether captions are expected in the picture */
    void video(boolean burned) {
        ClipInfo made = Probe.of(file);
        ClipInfo info = delivery.info();
        picture(made);
        FrameTimes now = FrameTimes.of(file, made);
        if (delivery.order().rate() == null) {
            frames(now, FrameTimes.of(delivery.clip(), info));
        } else {
            frames(now, FrameRate.of(delivery.order().rate()));
        }
        line(
                "Colours",
                Objects.equals(made.colour().space(), info.colour().written().space()),
                "%s",
                made.colour().space() == null
                        ? "not tagged, as in the clip"
                        : made.colour().space());
        sound(made.sounds().size(), SoundPlan.of(info) == SoundPlan.COPIED);
        streams(made, burned);
        CaptionLooks looks = new CaptionLooks(delivery, file, encoded);
        CaptionLooks.Found found = looks.look(this::step);
        if (found.looked() > 0) {
            captions(found, burned);
        }
    }

    /** At a chosen rate: as many as fill the clip, each a step after the one before. */
    private void frames(FrameTimes now, FrameRate rate) {
        int wanted = rate.frames(delivery.info().durationMs());
        line("Frames", Math.abs(now.count() - wanted) <= 1, "%d of %d", now.count(), wanted);
        FrameTimes even = FrameTimes.even(rate, now.count());
        line("Times", off(now, even) <= ROUNDING_US, "%s frames a second", rate.written());
    }

    private static long off(FrameTimes now, FrameTimes wanted) {
        long off = 0;
        for (int i = 0; i < wanted.count(); i++) {
            off = Math.max(off, Math.abs((now.us(i) - now.us(0)) - (wanted.us(i) - wanted.us(0))));
        }
        return off;
    }

    private void frames(FrameTimes now, FrameTimes times) {
        line("Frames", now.count() == times.count(), "%d of %d", now.count(), times.count());
        if (now.count() == times.count()) {
            long off = off(now, times);
            line("Times", off <= ROUNDING_US, off <= ROUNDING_US ? "as in the clip" : "off by %.1f ms", off / 1000.0);
        }
    }

    private void picture(ClipInfo made) {
        Size wanted = delivery.frame().output(delivery.info().size());
        boolean right = made.width() == wanted.width() && made.height() == wanted.height();
        line("Picture", right, "%d×%d, %s", made.width(), made.height(), made.videoCodec());
    }

    private void streams(ClipInfo made, boolean burned) {
        int wanted = kind.maker.allLanguages()
                ? (int) delivery.tracks().stream()
                        .filter(track -> !track.cues().isEmpty())
                        .count()
                : 0;
        int there = made.captions().size();
        boolean kept = burned && delivery.order().keepCaptions();
        line(
                "Caption streams",
                kept || there == wanted,
                there == 0 ? "none" : "%d: " + String.join(", ", languages(made)),
                there);
    }

    private static List<String> languages(ClipInfo made) {
        return made.captions().stream()
                .map(stream -> stream.language() == null ? "und" : stream.language())
                .toList();
    }

    /** The clip's sound in a file of its own. */
    void soundAlone() {
        List<ClipInfo.Sound> sounds = delivery.info().sounds();
        sound(1, !sounds.isEmpty() && sounds.get(0).codec().equals("aac"));
    }

    private void sound(int streams, boolean copied) {
        ClipInfo info = delivery.info();
        if (info.sounds().isEmpty()) {
            line("Sound", streams == 0, streams == 0 ? "none, as in the clip" : "there is one");
            return;
        }
        if (copied) {
            boolean same = hash(file).equals(hash(delivery.clip()));
            line("Sound", same, same ? "the same, bit for bit" : "not the clip's own");
        } else {
            line("Sound", streams > 0, streams > 0 ? "encoded as AAC" : "missing");
        }
        Double loud = loudness();
        if (loud != null) {
            line("Loudness", true, "%.1f LUFS (EBU R 128)", loud);
        }
    }

    /** Of all packets of the first sound. */
    private static String hash(Path video) {
        List<String> command = Ffmpeg.ffmpeg();
        command.addAll(Ffmpeg.clip(video));
        command.addAll(List.of("-map", "0:a:0", "-c", "copy", "-f", "hash", "pipe:1"));
        return ToolRun.text(command, SILENCE_SECONDS, run -> {}).strip();
    }

    private Double loudness() {
        List<String> command = Ffmpeg.ffmpeg();
        command.addAll(List.of("-loglevel", "info"));
        command.addAll(Ffmpeg.clip(file));
        command.addAll(List.of("-map", "0:a:0", "-af", "ebur128=framelog=verbose", "-f", "null", "-"));
        try (ToolRun run = new ToolRun(command, SILENCE_SECONDS)) {
            run.await();
            Matcher said = LOUDNESS.matcher(run.errors());
            return said.find() ? Double.valueOf(said.group(1)) : null;
        }
    }

    private void captions(CaptionLooks.Found found, boolean wanted) {
        line(
                "Captions in the picture",
                wanted ? found.seen() == found.looked() : found.seen() == 0,
                !wanted && found.seen() == 0 ? "none" : "seen in %d of %d looks",
                found.seen(),
                found.looked());
        line(
                "Around them",
                found.clean() == found.looked(),
                found.clean() == found.looked() ? "as in the clip" : "changed in %d of %d looks",
                found.looked() - found.clean(),
                found.looked());
    }

    /** @param told whether the pixel format says that there is alpha */
    void overlay(boolean told) {
        ClipInfo made = Probe.of(file);
        picture(made);
        int frames =
                FrameRate.of(delivery.info().frameRate()).frames(delivery.info().durationMs());
        int there = FrameTimes.of(file, made).count();
        line("Frames", there == frames, "%d of %d", there, frames);
        boolean alpha = !told || made.pixelFormat().contains("a");
        line("Alpha", alpha, alpha ? "there" : "missing");
    }

    void pictures() {
        int frames =
                FrameRate.of(delivery.info().frameRate()).frames(delivery.info().durationMs());
        try (ZipFile zip = new ZipFile(file.toFile())) {
            line("Frames", zip.size() == frames, "%d of %d", zip.size(), frames);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void size() {
        try {
            line("Size", Files.size(file) > 0, "%.1f MB", Files.size(file) / 1e6);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
