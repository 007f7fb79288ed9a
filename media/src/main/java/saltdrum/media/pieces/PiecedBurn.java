package saltdrum.media.pieces;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import saltdrum.core.SaltDrumException;
import saltdrum.core.cue.Range;
import saltdrum.core.scene.Excerpt;
import saltdrum.media.burn.Burn;
import saltdrum.media.burn.PieceGrid;
import saltdrum.media.burn.ResumableBurn;
import saltdrum.media.burn.Span;
import saltdrum.media.clip.FrameTimes;
import saltdrum.media.clip.Probe;
import saltdrum.media.mp4.NotJoinableException;
import saltdrum.media.mp4.PictureReplacement;

/**
 * Burns a clip and reuses identical pieces of earlier videos of it. Only pieces whose captions differ are encoded;
 * they are joined without encoding, and the result is verified. If anything does not fit, the whole clip is burned.
 */
public final class PiecedBurn {
    private static final System.Logger LOG = System.getLogger(PiecedBurn.class.getName());
    /** Above this part of all frames, encoding the rest as well costs little more. */
    private static final double MOST_ANEW = 0.7;
    /** Of the progress; the rest is joining. */
    private static final double ENCODING = 0.95;

    private final Burn burn;
    /** Null where pieces of it would not come out as the whole does. */
    private final PieceList wanted;

    private final List<Span> grid;

    /** @param of what the video is made of beside its captions, as the caller knows it: the clip's and pictures' hashes */
    public PiecedBurn(Burn burn, String of) {
        this.burn = burn;
        if (!burn.inPieces()) {
            this.wanted = null;
            this.grid = List.of();
            return;
        }
        this.grid = PieceGrid.of(burn.times());
        List<String> shown =
                grid.stream().map(piece -> Excerpt.digest(burn.seen(piece))).toList();
        this.wanted = new PieceList(RenderFingerprint.digest(burn, of), shown);
    }

    /** A video that is there already. */
    public record Earlier(Path film, PieceList pieces) {}

    /**
     * @param pieces of the video; null if none of it can be reused
     * @param anew number of pieces that were encoded; all for a whole burn
     * @param encoded the stretches of the clip that were encoded; {@link Range#ALL} for a whole burn
     * @param cpuMs processor time of encoding, user and system
     */
    public record Made(PieceList pieces, int anew, List<Range> encoded, long cpuMs) {}

    /**
     * @param halves folder for what is whole of a burn until it is finished, so that it goes on after a kill; null for none
     */
    public Made to(Path out, List<Earlier> earlier, Path halves, DoubleConsumer progress, BooleanSupplier stopped) {
        Optional<Earlier> best = best(earlier);
        if (best.isPresent()) {
            try {
                return joined(out, best.get(), changed(best.get().pieces()), progress, stopped);
            } catch (NotJoinableException | IOException e) {
                LOG.log(System.Logger.Level.WARNING, "a video is burned whole: {0}", e.getMessage());
            } catch (SaltDrumException e) {
                if (stopped.getAsBoolean()) {
                    throw e;
                }
                LOG.log(System.Logger.Level.WARNING, "a piece could not be made: {0}", e.getMessage());
            }
        }
        Burn.Result result = halves == null || wanted == null || grid.size() < 2
                ? burn.to(out, progress, stopped)
                : new ResumableBurn(burn, halves, wanted.toString()).to(out, progress, stopped);
        return new Made(wanted, grid.size(), List.of(Range.ALL), result.toolCpuMs());
    }

    /** How much has to be encoded with these at hand, 0 to 1. */
    public double share(List<Earlier> earlier) {
        return best(earlier).map(one -> share(one.pieces())).orElse(1.0);
    }

    private double share(PieceList before) {
        return (double) changed(before).stream().mapToInt(Span::count).sum()
                / burn.times().count();
    }

    /** The earlier video with the most reusable pieces; empty if too much would have to be encoded again. */
    private Optional<Earlier> best(List<Earlier> earlier) {
        return earlier.stream()
                .filter(one -> wanted != null && wanted.found(one.pieces()) > 0)
                .max(Comparator.comparingInt(one -> wanted.found(one.pieces())))
                .filter(one -> share(one.pieces()) <= MOST_ANEW);
    }

    /** Pieces that differ; those that follow one another are one. */
    private List<Span> changed(PieceList before) {
        List<Span> changed = new ArrayList<>();
        for (int i = 0; i < grid.size(); i++) {
            if (wanted.shown().get(i).equals(before.shown().get(i))) {
                continue;
            }
            Span piece = grid.get(i);
            int last = changed.size() - 1;
            if (last >= 0 && changed.get(last).to() == piece.from()) {
                changed.set(last, new Span(changed.get(last).from(), piece.to()));
            } else {
                changed.add(piece);
            }
        }
        return changed;
    }

    private Made joined(Path out, Earlier before, List<Span> changed, DoubleConsumer progress, BooleanSupplier stopped)
            throws IOException {
        int all = Math.max(1, changed.stream().mapToInt(Span::count).sum());
        List<PictureReplacement.Piece> pieces = new ArrayList<>();
        long cpuMs = 0;
        int done = 0;
        try {
            for (Span span : changed) {
                Path piece = Files.createTempFile(out.toAbsolutePath().getParent(), "piece", ".mp4");
                pieces.add(new PictureReplacement.Piece(piece, span.from()));
                int sofar = done;
                cpuMs += burn.to(
                                piece,
                                span,
                                part -> progress.accept(ENCODING * (sofar + part * span.count()) / all),
                                stopped)
                        .toolCpuMs();
                done += span.count();
            }
            PictureReplacement.write(before.film(), pieces, out);
            sameTimes(out);
            List<Range> encoded = changed.stream().map(this::range).toList();
            return new Made(wanted, grid.size() - wanted.found(before.pieces()), encoded, cpuMs);
        } finally {
            for (PictureReplacement.Piece piece : pieces) {
                Files.deleteIfExists(piece.film());
            }
        }
    }

    private Range range(Span span) {
        FrameTimes times = burn.times();
        int fromMs = (int) (times.us(span.from()) / 1000);
        return new Range(fromMs, span.to() < times.count() ? (int) (times.us(span.to()) / 1000) : Integer.MAX_VALUE);
    }

    /** Every frame comes when the clip's does. */
    private void sameTimes(Path joined) {
        FrameTimes is = FrameTimes.of(joined, Probe.of(joined));
        if (!is.near(burn.times())) {
            throw new NotJoinableException("its " + is.count() + " frames come at other times than the clip's "
                    + burn.times().count());
        }
    }
}
