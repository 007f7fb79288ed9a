package saltdrum.media.output;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import saltdrum.core.BadInputException;
import saltdrum.media.clip.ClipInfo;
import saltdrum.media.clip.FrameGraph;
import saltdrum.media.clip.FrameRate;
import saltdrum.media.ffmpeg.Ffmpeg;
import saltdrum.media.ffmpeg.ToolRun;

/**
 * What an output will come to, before it is made: short pieces of the clip are encoded as the whole will be. Key frames are
 * counted apart from the others, as a short piece has more of them.
 *
 * @param bytes of the file
 * @param seconds that it takes on this machine, as busy as it is now
 */
public record Estimate(long bytes, double seconds) {
    private static final double[] PLACES = {0.2, 0.5, 0.75};
    private static final double PIECE_S = 1.6;
    /** x264's own distance between key frames, where no scene changes. */
    private static final int KEYS_APART = 250;
    /** Between those of pieces, seconds ({@code PieceGrid}). */
    private static final double PIECE_KEYS_S = 4;
    /** What captions add to the picture's bits, and painting to the time; measured on the demo's clips. */
    private static final double CAPTION_BITS = 1.06;

    private static final double CAPTION_TIME = 1.1;
    /** Looking at the frames' times, starting, putting the index to the front, and the receipt. */
    private static final double AROUND_S = 2.5;

    private static final double COPY_BYTES_A_SECOND = 150e6;
    private static final int SILENCE_SECONDS = 60;

    /** @return null for kinds whose size depends on what is painted */
    public static Estimate of(Delivery delivery, OutputKind kind) {
        ClipInfo info = delivery.info();
        try {
            long source = Files.size(delivery.clip());
            return switch (kind) {
                case BURNED -> sized(delivery, encoded(delivery, true));
                case CAPTIONED, CLEAN ->
                    delivery.asItIs()
                            ? new Estimate(source, 1 + source / COPY_BYTES_A_SECOND)
                            : sized(delivery, encoded(delivery, false));
                case SOUND -> info.sounds().isEmpty() ? null : new Estimate(soundBytes(delivery), 1);
                default -> null;
            };
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** A film of a chosen size is encoded twice. */
    private static Estimate sized(Delivery delivery, Estimate free) {
        Long most = delivery.order().mostBytes();
        return most == null ? free : new Estimate(most, 2 * free.seconds());
    }

    private static Estimate encoded(Delivery delivery, boolean captions) throws IOException {
        double length = delivery.info().durationMs() / 1000.0;
        Pieces all = new Pieces();
        double seconds = 0;
        double covered = 0;
        for (double place : PLACES) {
            double from = Math.max(0, Math.min(place * length, length - PIECE_S));
            long begun = System.nanoTime();
            Path out = Files.createTempFile("salt-drum-sample", ".mp4");
            try {
                sample(delivery, from, out);
                seconds += (System.nanoTime() - begun) / 1e9;
                covered += Math.min(PIECE_S, length);
                all.add(out);
            } finally {
                Files.deleteIfExists(out);
            }
        }
        if (all.others + all.keys == 0) {
            throw new BadInputException("No picture could be read from the clip.");
        }
        Double chosen = delivery.order().rate();
        double frames = (chosen == null ? delivery.info().frameRate() : chosen) * length;
        double keys = Math.max(Math.ceil(frames / KEYS_APART), captions && chosen == null ? length / PIECE_KEYS_S : 0);
        double keyBytes = all.keys == 0 ? 0 : (double) all.keyBytes / all.keys;
        double otherBytes = all.others == 0 ? keyBytes : (double) all.otherBytes / all.others;
        double picture = keys * keyBytes + Math.max(0, frames - keys) * otherBytes;
        double time = AROUND_S + seconds / covered * length * (captions ? CAPTION_TIME : 1);
        return new Estimate(
                Math.round(picture * (captions ? CAPTION_BITS : 1)) + soundBytes(delivery),
                Math.round(10 * time) / 10.0);
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

    private static void sample(Delivery delivery, double from, Path out) {
        FrameGraph framing = new FrameGraph(delivery.info(), delivery.frame());
        List<String> command = new ArrayList<>(Ffmpeg.ffmpeg());
        command.addAll(List.of("-ss", String.format(Locale.ROOT, "%.3f", from), "-t", Double.toString(PIECE_S)));
        command.addAll(Ffmpeg.clip(delivery.clip()));
        if (framing.wantsBarsPicture()) {
            command.addAll(FrameGraph.barsInput(delivery.bars()));
        }
        String bars = framing.wantsBarsPicture() ? "1:v" : null;
        Double chosen = delivery.order().rate();
        String rate = chosen == null ? "" : "[0:v:0]fps=" + FrameRate.of(chosen).written() + "[even];";
        String graph = rate + framing.graph(chosen == null ? "0:v:0" : "even", "picture", bars, from);
        command.addAll(List.of("-filter_complex", graph, "-map", "[picture]"));
        command.addAll(List.of("-c:v", "libx264", "-preset", delivery.order().preset()));
        command.addAll(List.of("-crf", Integer.toString(delivery.order().crf()), "-pix_fmt", "yuv420p"));
        command.addAll(List.of("-t", Double.toString(PIECE_S), "-f", "mp4", "file:" + out.toAbsolutePath()));
        try (ToolRun run = new ToolRun(command, SILENCE_SECONDS)) {
            if (run.await() != 0) {
                throw new BadInputException("A piece of the clip could not be encoded (" + run.why() + ").");
            }
        }
    }

    /** Of all packets of sound. */
    private static long soundBytes(Delivery delivery) {
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
