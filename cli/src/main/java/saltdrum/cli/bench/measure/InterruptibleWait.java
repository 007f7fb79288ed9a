package saltdrum.cli.bench.measure;

/** Waits in benchmarks. An interrupt ends the wait early. */
public final class InterruptibleWait {
    private InterruptibleWait() {}

    public static void pause(long ms) {
        try {
            Thread.sleep(ms);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    public static void join(Thread thread) {
        try {
            thread.join();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
