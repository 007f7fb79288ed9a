package saltdrum.core.delivery;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.Test;
import saltdrum.core.BadInputException;

class RetentionTest {
    private static final Instant NOW = Instant.parse("2026-11-29T12:00:00Z");

    private record File(String name, Instant finished, long bytes) implements Retention.Kept {
        File(String name, int daysAgo, double gigabytes) {
            this(name, NOW.minus(Duration.ofDays(daysAgo)), Math.round(gigabytes * 1e9));
        }
    }

    private static final List<File> FILES =
            List.of(new File("b", 20, 0.5), new File("a", 40, 0.4), new File("d", 1, 0.3), new File("c", 9, 0.6));

    private static List<String> going(Integer days, Integer gigabytes) {
        return new Retention(days, gigabytes)
                .going(FILES, NOW).stream().map(File::name).toList();
    }

    @Test
    void withoutALimitNothingGoes() {
        assertThat(going(null, null)).isEmpty();
        assertThat(going(3650, 100_000)).isEmpty();
    }

    @Test
    void whatIsOldGoesTheOldestFirst() {
        assertThat(going(10, null)).containsExactly("a", "b");
        assertThat(going(20, null)).as("not on the very day").containsExactly("a");
    }

    @Test
    void whatIsTooMuchGoesTheOldestFirst() {
        assertThat(going(null, 1)).containsExactly("a", "b");
        assertThat(going(1, 1)).as("both").containsExactly("a", "b", "c");
    }

    @Test
    void limitsLieWithinReason() {
        assertThatThrownBy(() -> new Retention(0, null)).isInstanceOf(BadInputException.class);
        assertThatThrownBy(() -> new Retention(null, 100_001)).hasMessageContaining("not 100001");
    }
}
