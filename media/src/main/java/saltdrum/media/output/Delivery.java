package saltdrum.media.output;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import saltdrum.core.cue.Frame;
import saltdrum.core.cue.Track;
import saltdrum.core.format.file.CaptionFormat;
import saltdrum.core.format.file.FontHeights;
import saltdrum.core.scene.Scene;
import saltdrum.core.style.Style;
import saltdrum.media.burn.Burn;
import saltdrum.media.burn.BurnOrder;
import saltdrum.media.clip.ClipInfo;
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
        return kind.maker.make(this, out, progress, stopped);
    }

    PiecedBurn pieced() {
        return new PiecedBurn(new Burn(clip, info, frame, bars, scene, order), kept.of);
    }

    Scene nothing() {
        return new Scene(scene.width(), scene.height(), Map.of(), Map.of(), List.of());
    }

    static void put(Path out, byte[] bytes) {
        try {
            Files.write(out, bytes);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    void burn(Scene what, BurnOrder how, Path out, DoubleConsumer progress, BooleanSupplier stopped) {
        new Burn(clip, info, frame, bars, what, how).unpieced().to(out, progress, stopped);
    }

    /** Whether the finished picture is the clip's own, and can be copied. */
    boolean asItIs() {
        return asItIs(info, frame, order);
    }

    static boolean asItIs(ClipInfo info, Frame frame, BurnOrder order) {
        return frame.aspect() == Frame.Aspect.OWN && frame.turn() == 0 && order.inPieces() && Streams.fits(info);
    }

    interface Step {
        void with(Path video);
    }

    /** With a video that goes again afterwards. */
    static void between(Path out, Step step) {
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
