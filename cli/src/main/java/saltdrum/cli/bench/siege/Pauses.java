package saltdrum.cli.bench.siege;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.concurrent.atomic.AtomicLong;

/** Suspends a process now and then and resumes it, like a laptop that is closed, while requests are sent to it. */
final class Pauses {
    /** One shorter and one longer than the leases of jobs. */
    private static final long[] LENGTHS_MS = {3_000, 13_000};

    private final long pid;
    private final AtomicLong slept = new AtomicLong();
    private int taken;
    private Thread sleeper;

    /** @param pid 0 for none */
    Pauses(long pid) {
        this.pid = pid;
    }

    /** Total time for which it was suspended, milliseconds. Requests sent during a pause waited for its end. */
    long sleptMs() {
        return slept.get();
    }

    int taken() {
        return taken;
    }

    /** Begins a pause, unless one is in progress. */
    void begin() {
        if (pid == 0 || sleeper != null && sleeper.isAlive()) {
            return;
        }
        long length = LENGTHS_MS[taken++ % LENGTHS_MS.length];
        sleeper = new Thread(() -> sleep(length), "pause");
        sleeper.start();
    }

    private void sleep(long length) {
        signal("STOP");
        // Counted before it resumes: any later answer has waited for the whole pause.
        slept.addAndGet(length);
        try {
            Thread.sleep(length);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        } finally {
            signal("CONT");
        }
    }

    void end() {
        if (sleeper != null) {
            try {
                sleeper.join();
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
        }
    }

    private void signal(String name) {
        try {
            new ProcessBuilder("kill", "-" + name, Long.toString(pid))
                    .inheritIO()
                    .start()
                    .waitFor();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
