package saltdrum.media.ffmpeg;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import saltdrum.core.BadInputException;
import saltdrum.core.SaltDrumException;

/** One run of ffmpeg from files to a file, with its progress. */
public final class Conversion {
    private static final int SILENCE_SECONDS = 120;

    private Conversion() {}

    /**
     * @param command all but the output, which is {@code out}
     * @param lengthMs duration of the output
     * @param failed the message for a failure, without its reason and the full stop
     * @throws SaltDrumException if it was stopped
     */
    public static void run(
            List<String> command,
            String out,
            long lengthMs,
            DoubleConsumer progress,
            BooleanSupplier stopped,
            String failed) {
        List<String> whole = new ArrayList<>(command);
        whole.addAll(List.of("-progress", "pipe:1", "file:" + out));
        try (ToolRun run = new ToolRun(whole, SILENCE_SECONDS)) {
            run.eachLine(line -> {
                if (stopped.getAsBoolean()) {
                    run.close();
                } else if (line.startsWith("out_time_us=") && !line.endsWith("N/A")) {
                    double done = Long.parseLong(line.substring(12)) / 1000.0 / Math.max(1, lengthMs);
                    progress.accept(Math.max(0, Math.min(1, done)));
                }
            });
            int code = run.await();
            if (stopped.getAsBoolean()) {
                throw new SaltDrumException("The job was stopped. Nothing of it was kept.");
            }
            if (code != 0) {
                throw new BadInputException(failed + " (" + run.failureReason() + ").");
            }
        }
    }
}
