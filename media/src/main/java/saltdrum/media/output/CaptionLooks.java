package saltdrum.media.output;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.CompletableFuture;
import saltdrum.core.cue.Range;
import saltdrum.core.plane.Box;
import saltdrum.core.scene.Part;
import saltdrum.core.scene.Scene;
import saltdrum.media.clip.FrameGraph;
import saltdrum.media.ffmpeg.Ffmpeg;
import saltdrum.media.ffmpeg.ToolRun;

/**
 * Verifies that captions are visible where they should be, and nowhere else: a few frames in the middle of cues, beside
 * the clip in its frame at the same times.
 */
final class CaptionLooks {
    /** Pictures that are compared at most. */
    private static final int LOOKS = 4;

    /** One picture is compared in so much of the clip: film and clip are decoded for it from a key frame on. */
    private static final long LOOK_EVERY_MS = 4_000;

    /** Mean steps of lightness from which on a caption is there, and above which something else was changed. */
    private static final double THERE = 5;

    private static final double SAME = 5;
    private static final int SMALL = 270;
    private static final int SILENCE_SECONDS = 60;
    /** Shorter showings, and those that end after the clip, are not looked at. */
    private static final int SHORTEST_MS = 300;

    private final Delivery delivery;
    private final Path file;
    private final List<Range> where;

    /** @param where stretches of the clip in whose captions is looked */
    CaptionLooks(Delivery delivery, Path file, List<Range> where) {
        this.delivery = delivery;
        this.file = file;
        this.where = where;
    }

    /**
     * @param looked frames that were compared; 0 if there were none to compare
     * @param seen those of them with a caption
     * @param clean those of them whose surroundings match the clip
     */
    record Found(int looked, int seen, int clean) {}

    /** @param step called after each look */
    Found look(Runnable step) {
        Scene scene = delivery.scene();
        List<Part> parts = scene.parts().stream()
                .filter(part -> part.endMs() - part.startMs() > SHORTEST_MS
                        && part.endMs() < delivery.info().durationMs()
                        && where.stream().anyMatch(range -> range.holds((part.startMs() + part.endMs()) / 2)))
                .toList();
        int seen = 0;
        int clean = 0;
        int looked = Math.min(looks(), parts.size());
        for (int i = 0; i < looked; i++) {
            double[] differs = differs(parts.get(i * parts.size() / looked), scene);
            step.run();
            seen += differs[0] >= THERE ? 1 : 0;
            clean += differs[1] <= SAME ? 1 : 0;
        }
        return new Found(looked, seen, clean);
    }

    private int looks() {
        long lengthMs = where.stream()
                .mapToLong(range -> (long) range.toMs() - range.fromMs())
                .sum();
        return (int) Math.max(1, Math.min(LOOKS, Math.round((double) lengthMs / LOOK_EVERY_MS)));
    }

    /** Mean difference from the clip inside a part's bounds and outside all of them, steps of lightness. */
    private double[] differs(Part part, Scene scene) {
        double at = (part.startMs() + part.endMs()) / 2000.0;
        int height = (int) (Math.round(SMALL * scene.height() / (double) scene.width() / 2) * 2);
        CompletableFuture<byte[]> beside =
                CompletableFuture.supplyAsync(() -> grey(file, at, height, "[0:v:0]", List.of()));
        FrameGraph framing = new FrameGraph(delivery.info(), delivery.frame());
        boolean cut = framing.wantsBarsPicture();
        String graph = "[0:v:0]null[clip];" + framing.graph("clip", "framed", cut ? "1:v" : null, at) + ";[framed]";
        byte[] plain =
                grey(delivery.clip(), at, height, graph, cut ? FrameGraph.barsInput(delivery.bars()) : List.of());
        byte[] made = beside.join();
        double scale = (double) SMALL / scene.width();
        Box bounds = part.bounds();
        double[] sums = new double[2];
        int[] counts = new int[2];
        for (int i = 0; i < Math.min(made.length, plain.length); i++) {
            double x = i % SMALL / scale;
            double y = i / SMALL / scale;
            boolean inside = x >= bounds.x() && x < bounds.right() && y >= bounds.y() && y < bounds.bottom();
            boolean near = !inside
                    && scene.parts().stream()
                            .anyMatch(other -> other.bounds().grown(8).holds(new Box(x, y, 0, 0)));
            if (!near) {
                int where = inside ? 0 : 1;
                sums[where] += Math.abs((made[i] & 255) - (plain[i] & 255));
                counts[where]++;
            }
        }
        return new double[] {sums[0] / Math.max(1, counts[0]), sums[1] / Math.max(1, counts[1])};
    }

    /** @param graph what is done with the picture first, and {@code more} inputs that it takes */
    private static byte[] grey(Path video, double at, int height, String graph, List<String> more) {
        List<String> command = Ffmpeg.ffmpeg();
        command.addAll(List.of("-ss", String.format(Locale.ROOT, "%.3f", at)));
        command.addAll(Ffmpeg.clip(video));
        command.addAll(more);
        String small = graph + "scale=" + SMALL + ":" + height + "[small]";
        command.addAll(List.of("-filter_complex", small, "-map", "[small]", "-frames:v", "1"));
        command.addAll(List.of("-pix_fmt", "gray", "-f", "rawvideo", "pipe:1"));
        try (ToolRun run = new ToolRun(command, SILENCE_SECONDS)) {
            byte[] picture = run.output().readAllBytes();
            run.await();
            return picture;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
