package saltdrum.media.font;

import java.util.function.Supplier;

/** Computes a value on first use and stores it. Safe for many threads. */
final class Lazy<T> implements Supplier<T> {
    private final Supplier<T> work;
    private volatile T value;

    private Lazy(Supplier<T> work) {
        this.work = work;
    }

    static <T> Supplier<T> of(Supplier<T> work) {
        return new Lazy<>(work);
    }

    @Override
    public T get() {
        if (value == null) {
            synchronized (this) {
                if (value == null) {
                    value = work.get();
                }
            }
        }
        return value;
    }
}
