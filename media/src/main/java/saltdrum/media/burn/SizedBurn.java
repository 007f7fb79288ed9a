package saltdrum.media.burn;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.function.DoubleConsumer;
import java.util.stream.Stream;
import saltdrum.core.BadInputException;
import saltdrum.media.clip.ClipInfo;

/** Encodes in two passes to reach a file size, and once more at a lower rate if the result is too large. */
final class SizedBurn {
    /** Maximum rate of copied and encoded sound, bits a second. */
    private static final long SOUND_BITS = 200_000;
    /** Of the file, for its head. */
    private static final double HEAD = 0.985;

    private static final long LEAST_BITS = 60_000;
    private static final int TRIES = 3;

    private final Path out;
    private final long mostBytes;
    private final double seconds;
    private final long soundBytes;

    SizedBurn(Path out, long mostBytes, ClipInfo info) {
        this.out = out.toAbsolutePath();
        this.mostBytes = mostBytes;
        this.seconds = Math.max(0.1, info.durationMs() / 1000.0);
        this.soundBytes = Math.round(info.sounds().size() * SOUND_BITS / 8.0 * seconds);
    }

    interface Pass {
        Burn.Result make(List<String> bits, Path to, DoubleConsumer progress);
    }

    Burn.Result run(Pass pass, DoubleConsumer progress) {
        long bits = Math.round((mostBytes * HEAD - soundBytes) * 8 / seconds);
        if (bits < LEAST_BITS) {
            throw new BadInputException(String.format(
                    Locale.ROOT,
                    "%.1f MB are too few for %.0f s: at least %.1f MB are needed. Choose a larger size.",
                    mostBytes / 1e6,
                    seconds,
                    (LEAST_BITS * seconds / 8 + soundBytes) / HEAD / 1e6));
        }
        Path log = out.resolveSibling(out.getFileName() + ".pass");
        try {
            Burn.Result first = pass.make(flags(bits, 1, log), out, part -> progress.accept(part / 2));
            long cpuMs = first.toolCpuMs();
            for (int i = 0; ; i++) {
                Burn.Result result = pass.make(flags(bits, 2, log), out, part -> progress.accept(0.5 + part / 2));
                cpuMs += result.toolCpuMs();
                long size = Files.size(out);
                if (size <= mostBytes || i == TRIES) {
                    return new Burn.Result(result.frames(), result.painted(), cpuMs, result.toolPeakKb());
                }
                bits = Math.round(bits * HEAD * mostBytes / size);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } finally {
            forget(log);
        }
    }

    private static List<String> flags(long bits, int pass, Path log) {
        return List.of("-b:v", Long.toString(bits), "-pass", Integer.toString(pass), "-passlogfile", log.toString());
    }

    private static void forget(Path log) {
        String name = log.getFileName().toString();
        try (Stream<Path> beside = Files.list(log.getParent())) {
            for (Path file : beside.toList()) {
                if (file.getFileName().toString().startsWith(name)) {
                    Files.deleteIfExists(file);
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
