package saltdrum.server.access.http;

import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.LoadingCache;
import io.github.bucket4j.Bucket;
import java.time.Duration;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;
import saltdrum.server.store.NotFoundException;

/** Counts recent calls of each caller; the least recent callers are evicted. */
@Component
public class CallCounter {
    private record Caller(RateLimit limit, String who) {}

    private static final int MOST_CALLERS = 20_000;

    private final LoadingCache<Caller, Bucket> buckets = Caffeine.newBuilder()
            .maximumSize(MOST_CALLERS)
            .expireAfterAccess(Duration.ofDays(2))
            .build(caller -> Bucket.builder()
                    .addLimit(limit ->
                            limit.capacity(caller.limit.times).refillGreedy(caller.limit.times, caller.limit.within))
                    .build());

    /** Counts one more. @throws TooOftenException for one too many */
    public void count(RateLimit limit, String who) {
        if (!buckets.get(new Caller(limit, who)).tryConsume(1)) {
            throw new TooOftenException(limit.within);
        }
    }

    /**
     * Resolves a link. Failures are counted against the caller; a valid link is never refused.
     *
     * @throws NotFoundException if the link is invalid
     */
    public <T> T opened(String who, Supplier<T> link) {
        try {
            return link.get();
        } catch (NotFoundException nothing) {
            count(RateLimit.WRONG_LINK, who);
            throw nothing;
        }
    }

    /** It was them: what they missed before does not count. */
    public void forgive(RateLimit limit, String who) {
        buckets.invalidate(new Caller(limit, who));
    }
}
