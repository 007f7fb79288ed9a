package saltdrum.server.access.signin;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.time.Instant;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;
import saltdrum.server.access.http.TooOftenException;

/**
 * Counts wrong passwords for a person, from any address. The delay grows with each failure but is never long, so that
 * an attacker cannot lock the person out; a browser in which the person has signed in before does not wait at all.
 */
@Component
public class FailedSignIns {
    /** Number of failures without a delay: people mistype. */
    private static final int FREE = 10;

    private static final Duration MOST_WAIT = Duration.ofMinutes(1);
    private static final Duration KEPT = Duration.ofHours(1);
    private static final int MOST_PEOPLE = 20_000;

    private record Missed(int times, Instant next) {}

    private final Cache<String, Missed> missed = Caffeine.newBuilder()
            .maximumSize(MOST_PEOPLE)
            .expireAfterWrite(KEPT)
            .build();
    private final Supplier<Instant> clock;

    FailedSignIns() {
        this(Instant::now);
    }

    FailedSignIns(Supplier<Instant> clock) {
        this.clock = clock;
    }

    /** @throws TooOftenException if the caller has to wait */
    public void mayTry(String name) {
        Missed before = missed.getIfPresent(name);
        Instant now = clock.get();
        if (before != null && now.isBefore(before.next)) {
            throw new TooOftenException(Duration.between(now, before.next).plusSeconds(1));
        }
    }

    public void missed(String name) {
        missed.asMap().compute(name, (key, before) -> {
            int times = before == null ? 1 : before.times + 1;
            long seconds = times <= FREE ? 0 : 1L << Math.min(times - FREE - 1, 6);
            return new Missed(times, clock.get().plusSeconds(Math.min(seconds, MOST_WAIT.toSeconds())));
        });
    }

    public void forget(String name) {
        missed.invalidate(name);
    }

    /** Wrong passwords within an hour of each other, up to now. */
    public int of(String name) {
        Missed known = missed.getIfPresent(SignInEmail.of(name));
        return known == null ? 0 : known.times;
    }
}
