package saltdrum.cli.bench.siege;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.concurrent.atomic.AtomicLong;

/** Stops a process now and then and lets it go on, as a laptop does that is closed, while it is asked. */
final class Pauses {
    /** Longer than the leases of work hold, and shorter. */
    private static final long[] LENGTHS_MS = {3_000, 13_000};

    private final long pid;
    private final AtomicLong slept = new AtomicLong();
    private int taken;
    private Thread sleeper;

    /** @param pid 0 for none */
    Pauses(long pid) {
        this.pid = pid;
    }

    /** How long it has been stopped in all, milliseconds; what was asked meanwhile waited as long. */
    long sleptMs() {
        return slept.get();
    }

    int taken() {
        return taken;
    }

    /** Begins one, unless one is under way. */
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
