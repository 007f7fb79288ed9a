package saltdrum.cli.bench;

/** Waits in benchmarks. An interrupt ends the wait early. */
final class InterruptibleWait {
    private InterruptibleWait() {}

    static void pause(long ms) {
        try {
            Thread.sleep(ms);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    static void join(Thread thread) {
        try {
            thread.join();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
