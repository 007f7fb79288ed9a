package saltdrum.cli.bench.server;

import java.io.IOException;
import java.io.PrintWriter;
import java.time.Duration;
import saltdrum.cli.bench.measure.BenchClips;
import saltdrum.cli.bench.siege.Siege;
import saltdrum.core.SaltDrumException;

/** Fires at the server of SALT_DRUM_PORT, which the launcher has started for nothing else. */
public final class SiegeBench {
    private SiegeBench() {}

    public static void run(PrintWriter out, double minutes) throws IOException {
        String url = ServerCalls.ownUrl("siege [MINUTES]");
        long seed = System.nanoTime();
        out.println("seed " + seed);
        Siege siege = new Siege(url, BenchClips.demo("tide-pool.mp4").getParent(), seed, ServerCalls.ownPid());
        Siege.Outcome outcome = siege.run(Duration.ofMillis(Math.round(minutes * 60_000)));
        out.printf(
                java.util.Locale.ROOT,
                "%d requests: %d taken, %d refused in a sentence; %d of %d calls, %d of %d fields of edits; %d pauses of the server; %d faults%n",
                outcome.requests(),
                outcome.taken(),
                outcome.refused(),
                outcome.calls(),
                outcome.ofCalls(),
                outcome.fields(),
                outcome.ofFields(),
                outcome.pauses(),
                outcome.faults().size());
        outcome.faults().forEach(out::println);
        out.flush();
        if (!outcome.faults().isEmpty()) {
            throw new SaltDrumException(outcome.faults().size() + " faults were found.");
        }
    }
}
