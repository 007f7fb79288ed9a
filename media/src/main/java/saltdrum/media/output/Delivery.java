package saltdrum.media.output;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import saltdrum.core.BadInputException;
import saltdrum.core.cue.Frame;
import saltdrum.core.cue.Track;
import saltdrum.core.format.file.CaptionFormat;
import saltdrum.core.format.file.FontHeights;
import saltdrum.core.scene.Scene;
import saltdrum.core.style.Style;
import saltdrum.media.burn.Burn;
import saltdrum.media.burn.BurnOrder;
import saltdrum.media.clip.ClipInfo;
import saltdrum.media.clip.Pictures;
import saltdrum.media.clip.Probe;
import saltdrum.media.pieces.PiecedBurn;

/**
 * Makes one output.
 *
 * @param bars the picture that the frame's bars are cut from; null where it wants none
 * @param tracks whose cues go into a caption stream, one a language; the first is the clip's own
 * @param order how videos are encoded where they are
 * @param momentMs of stills, clip time; null for the middle of the first cue
 * @param kept earlier videos that pieces can be taken from; null where none are looked for
 * @param sidecar how a caption file is written; null where none is wanted
 */
public record Delivery(
        Path clip,
        ClipInfo info,
        Frame frame,
        Path bars,
        Scene scene,
        List<Track> tracks,
        BurnOrder order,
        Long momentMs,
        Kept kept,
        Sidecar sidecar) {
    private static final int PREVIEW_MS = 5000;
    private static final long PREVIEW_BYTES = 5_000_000;
    private static final double ENCODING = 0.95;

    /**
     * @param of by what else a film is known: hashes of the clip and of pictures in it
     * @param halves folder for what is whole of a burn until it is finished; null for none
     */
    public record Kept(String of, List<PiecedBurn.Earlier> earlier, Path halves) {}

    /** @param style of the captions, for formats that can express some of it */
    public record Sidecar(CaptionFormat format, Style style, FontHeights heights) {}

    public Delivery(
            Path clip, ClipInfo info, Frame frame, Path bars, Scene scene, List<Track> tracks, BurnOrder order) {
        this(clip, info, frame, bars, scene, tracks, order, null, null, null);
    }

    /** @return what a burned video is made of; null for all other outputs, and where {@code kept} is null */
    public PiecedBurn.Made make(OutputKind kind, Path out, DoubleConsumer progress, BooleanSupplier stopped) {
        if (kind == OutputKind.BURNED && kept != null) {
            return pieced().to(out, kept.earlier, kept.halves, progress, stopped);
        }
        makeWhole(kind, out, progress, stopped);
        return null;
    }

    PiecedBurn pieced() {
        return new PiecedBurn(new Burn(clip, info, frame, bars, scene, order), kept.of);
    }

    private void makeWhole(OutputKind kind, Path out, DoubleConsumer progress, BooleanSupplier stopped) {
        switch (kind) {
            case BURNED -> burn(scene, order, out, progress, stopped);
            case CAPTIONED ->
                framed(
                        out,
                        progress,
                        stopped,
                        (video, of, part) -> Streams.captioned(video, of, tracks, out, part, stopped));
            case CLEAN ->
                framed(out, progress, stopped, (video, of, part) -> Streams.clean(video, of, out, part, stopped));
            case OVERLAY_PRORES -> overlay(Overlay.Kind.PRORES, out, progress, stopped);
            case OVERLAY_VP9 -> overlay(Overlay.Kind.VP9, out, progress, stopped);
            case OVERLAY_PNG -> overlay(Overlay.Kind.PNG, out, progress, stopped);
            case SOUND -> Streams.sound(clip, info, out, progress, stopped);
            case PREVIEW_WEBP -> preview(MovingPreview.Kind.WEBP, out, progress, stopped);
            case PREVIEW_GIF -> preview(MovingPreview.Kind.GIF, out, progress, stopped);
            case STILL -> still(scene, out);
            case POSTER -> still(nothing(), out);
            case SIDECAR -> write(out);
        }
    }

    Scene nothing() {
        return new Scene(scene.width(), scene.height(), Map.of(), Map.of(), List.of());
    }

    private void still(Scene what, Path out) {
        long wanted = momentMs == null ? firstCue() : momentMs;
        long at = Math.max(0, Math.min(wanted, info.durationMs() - 1));
        put(out, Pictures.still(clip, info, frame, bars, () -> what, at));
    }

    /** A still without a moment shows a caption. */
    private long firstCue() {
        return tracks.get(0).cues().stream()
                .findFirst()
                .map(cue -> (cue.firstWordMs() + cue.lastWordMs()) / 2L)
                .orElse(0L);
    }

    private void write(Path out) {
        if (sidecar == null) {
            throw new BadInputException("Choose a format for the caption file.");
        }
        String text = sidecar.format.write(tracks.get(0), sidecar.style, frame.output(info.size()), sidecar.heights);
        put(out, text.getBytes(StandardCharsets.UTF_8));
    }

    private static void put(Path out, byte[] bytes) {
        try {
            Files.write(out, bytes);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void burn(Scene what, BurnOrder how, Path out, DoubleConsumer progress, BooleanSupplier stopped) {
        new Burn(clip, info, frame, bars, what, how).unpieced().to(out, progress, stopped);
    }

    private void overlay(Overlay.Kind kind, Path out, DoubleConsumer progress, BooleanSupplier stopped) {
        new Overlay(scene, frame.output(info.size()), info.frameRate(), info.durationMs())
                .to(kind, out, progress, stopped);
    }

    private interface Next {
        void make(Path video, ClipInfo of, DoubleConsumer progress);
    }

    /** Whether the finished picture is the clip's own, and can be copied. */
    boolean asItIs() {
        return frame.aspect() == Frame.Aspect.OWN && frame.turn() == 0 && order.inPieces() && Streams.fits(info);
    }

    /** From the clip in its frame: itself where nothing of its picture changes, else encoded first. */
    private void framed(Path out, DoubleConsumer progress, BooleanSupplier stopped, Next next) {
        if (asItIs()) {
            next.make(clip, info, progress);
            return;
        }
        between(out, video -> {
            burn(nothing(), order, video, part -> progress.accept(ENCODING * part), stopped);
            next.make(video, Probe.of(video), part -> progress.accept(ENCODING + (1 - ENCODING) * part));
        });
    }

    private void preview(MovingPreview.Kind kind, Path out, DoubleConsumer progress, BooleanSupplier stopped) {
        between(out, video -> {
            burn(scene, new BurnOrder("ultrafast", 18), video, part -> progress.accept(part / 2), stopped);
            ClipInfo of = Probe.of(video);
            int end = (int) Math.min(PREVIEW_MS, of.durationMs());
            MovingPreview.write(
                    video, of, 0, end, kind, PREVIEW_BYTES, out, part -> progress.accept(0.5 + part / 2), stopped);
        });
    }

    private interface Step {
        void with(Path video);
    }

    /** With a video that goes again afterwards. */
    private static void between(Path out, Step step) {
        try {
            Path video = Files.createTempFile(out.toAbsolutePath().getParent(), "between", ".mp4");
            try {
                step.with(video);
            } finally {
                Files.deleteIfExists(video);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
