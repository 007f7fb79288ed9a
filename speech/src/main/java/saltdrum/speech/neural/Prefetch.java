package saltdrum.speech.neural;

import java.util.Optional;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.function.Supplier;

/**
 * Computes one or two results ahead of the consumer, on a thread of its own. Its errors are thrown to the consumer.
 */
final class Prefetch<T> implements AutoCloseable {
    private static final int MOST_AHEAD = 2;

    private final BlockingQueue<Optional<T>> results = new LinkedBlockingQueue<>(MOST_AHEAD);
    private final Thread worker;
    private volatile RuntimeException trouble;
    private volatile boolean closed;

    /** @param work gives one result a call, null when there is none any more */
    Prefetch(Supplier<T> work, String name) {
        worker = new Thread(() -> run(work), name);
        worker.setDaemon(true);
        worker.start();
    }

    private void run(Supplier<T> work) {
        try {
            while (!closed) {
                Optional<T> result = result(work);
                results.put(result);
                if (result.isEmpty()) {
                    return;
                }
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private Optional<T> result(Supplier<T> work) {
        try {
            return Optional.ofNullable(work.get());
        } catch (RuntimeException e) {
            trouble = e;
            return Optional.empty();
        }
    }

    /** The next result, waited for; null when there is none any more. */
    T next() {
        try {
            Optional<T> result = results.take();
            if (result.isEmpty() && trouble != null) {
                throw trouble;
            }
            return result.orElse(null);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return null;
        }
    }

    /** Waits for what is being worked at, so that nothing goes on unseen. */
    @Override
    public void close() {
        closed = true;
        results.clear();
        try {
            while (worker.isAlive()) {
                results.clear();
                worker.join(20);
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
