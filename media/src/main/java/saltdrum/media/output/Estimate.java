package saltdrum.media.output;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import saltdrum.core.BadInputException;
import saltdrum.core.scene.Scene;
import saltdrum.media.burn.Burn;
import saltdrum.media.burn.BurnOrder;
import saltdrum.media.burn.PieceGrid;
import saltdrum.media.burn.Span;
import saltdrum.media.clip.FrameTimes;
import saltdrum.media.ffmpeg.Ffmpeg;
import saltdrum.media.ffmpeg.ToolRun;

/**
 * Estimates an output before it is made: short pieces of the clip are encoded as the whole will be. Key frames are
 * counted separately, because a short piece has more of them.
 *
 * @param bytes of the file
 * @param seconds on this machine at its present load
 */
public record Estimate(long bytes, double seconds) {
    private static final double[] PLACES = {0.12, 0.37, 0.62, 0.87};
    private static final double PIECE_S = 1.4;
    /** x264's own distance between key frames, where no scene changes. */
    private static final int KEYS_APART = 250;
    /** Looking at the frames' times, starting, and putting the index to the front. */
    private static final double AROUND_S = 1.5;
    /** What the receipt takes, part of what encoding the whole takes. */
    private static final double RECEIPT = 0.1;

    /** Of a piece's time at least so much is encoding. */
    private static final double LEAST_WORK = 0.3;

    private static final int SILENCE_SECONDS = 60;

    /** @return null for kinds whose size depends on what is painted */
    public static Estimate of(Delivery delivery, OutputKind kind) {
        try {
            return kind.maker.estimate(delivery);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Of a video whose picture is encoded with this scene. One of a chosen size is encoded twice. */
    static Estimate ofEncoding(Delivery delivery, Scene scene) throws IOException {
        Estimate free = encoded(delivery, scene);
        Long most = delivery.order().mostBytes();
        return most == null ? free : new Estimate(most, 2 * free.seconds());
    }

    private static Estimate encoded(Delivery delivery, Scene scene) throws IOException {
        BurnOrder free =
                new BurnOrder(delivery.order().preset(), delivery.order().crf());
        Burn burn = new Burn(delivery.clip(), delivery.info(), delivery.frame(), delivery.bars(), scene, free);
        if (delivery.kept() == null) {
            burn.unpieced();
        }
        FrameTimes times = burn.times();
        if (times.count() == 0) {
            throw new BadInputException("No picture could be read from the clip.");
        }
        double length = delivery.info().durationMs() / 1000.0;
        int pieceFrames = Math.max(2, (int) Math.round(PIECE_S / length * times.count()));
        Pieces all = new Pieces();
        // What every run takes before its first frame, so that it is not counted as often as there are pieces.
        double start = seconds(burn, new Span(0, Math.min(2, times.count())), new Pieces());
        double seconds = 0;
        int covered = 0;
        for (double place : PLACES) {
            int from = Math.max(0, Math.min((int) (place * times.count()), times.count() - pieceFrames));
            Span span = new Span(from, Math.min(times.count(), from + pieceFrames));
            double took = seconds(burn, span, all);
            seconds += Math.max(took - start, took * LEAST_WORK);
            covered += span.count();
        }
        double keys = burn.inPieces() ? PieceGrid.of(times).size() : Math.ceil((double) times.count() / KEYS_APART);
        double keyBytes = all.keys == 0 ? 0 : (double) all.keyBytes / all.keys;
        double otherBytes = all.others == 0 ? keyBytes : (double) all.otherBytes / all.others;
        double picture = keys * keyBytes + Math.max(0, times.count() - keys) * otherBytes;
        double whole = seconds / covered * times.count();
        double time = AROUND_S + start + whole * (share(delivery, scene) + RECEIPT);
        return new Estimate(Math.round(picture) + soundBytes(delivery), Math.round(10 * time) / 10.0);
    }

    /** Encodes a piece and looks at it. @return how long that took */
    private static double seconds(Burn burn, Span span, Pieces all) throws IOException {
        long begun = System.nanoTime();
        Path out = Files.createTempFile("salt-drum-sample", ".mp4");
        try {
            burn.to(out, span, part -> {}, () -> false);
            double took = (System.nanoTime() - begun) / 1e9;
            all.add(out);
            return took;
        } finally {
            Files.deleteIfExists(out);
        }
    }

    /** How much of it has to be encoded, 0 to 1: the rest is there from before. */
    private static double share(Delivery delivery, Scene scene) {
        if (delivery.kept() == null || scene != delivery.scene()) {
            return 1;
        }
        return delivery.pieced().share(delivery.kept().earlier());
    }

    /** Sizes of encoded frames. */
    private static final class Pieces {
        private long keyBytes;
        private long otherBytes;
        private int keys;
        private int others;

        void add(Path video) {
            List<String> command = Ffmpeg.ffprobe();
            command.addAll(List.of("-select_streams", "v:0", "-show_entries", "packet=size,flags", "-of", "csv=p=0"));
            command.addAll(Ffmpeg.clip(video));
            try (ToolRun run = new ToolRun(command, SILENCE_SECONDS)) {
                run.eachLine(line -> {
                    String[] parts = line.split(",");
                    if (parts.length > 1 && parts[1].contains("K")) {
                        keys++;
                        keyBytes += Long.parseLong(parts[0]);
                    } else if (parts[0].matches("\\d+")) {
                        others++;
                        otherBytes += Long.parseLong(parts[0]);
                    }
                });
                run.await();
            }
        }
    }

    /** Of all packets of sound. */
    static long soundBytes(Delivery delivery) {
        if (delivery.info().sounds().isEmpty()) {
            return 0;
        }
        List<String> command = Ffmpeg.ffprobe();
        command.addAll(List.of("-select_streams", "a:0", "-show_entries", "packet=size", "-of", "csv=p=0"));
        command.addAll(Ffmpeg.clip(delivery.clip()));
        long[] sum = {0};
        try (ToolRun run = new ToolRun(command, SILENCE_SECONDS)) {
            run.eachLine(line -> {
                if (line.strip().matches("\\d+")) {
                    sum[0] += Long.parseLong(line.strip());
                }
            });
            run.await();
        }
        return sum[0];
    }
}
