package saltdrum.server.work.run;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import saltdrum.server.Settings;
import saltdrum.server.store.job.Lane;

/** What a process takes up at once. */
class ConcurrencyTest {
    private static Settings told(Integer light, Integer hearing, Integer renders) {
        return new Settings(
                null, null, "", 0, null, light, hearing, renders, null, true, null, null, null, null, null, null, null);
    }

    private static int[] of(Settings settings, int cores, long memoryMb) {
        Concurrency concurrency = new Concurrency(settings, cores, memoryMb);
        return new int[] {concurrency.in(Lane.LIGHT), concurrency.in(Lane.HEARING), concurrency.in(Lane.RENDERS)};
    }

    @Test
    void asMuchAsCoresAndMemoryBear() {
        assertThat(of(told(null, null, null), 2, 2048)).containsExactly(2, 1, 1);
        assertThat(of(told(null, null, null), 16, 2048)).as("memory is short").containsExactly(2, 2, 2);
        assertThat(of(told(null, null, null), 16, 16_384)).containsExactly(2, 8, 2);
        assertThat(of(told(null, null, null), 1, 256)).as("one at least").containsExactly(2, 1, 1);
    }

    @Test
    void whatWasToldHolds() {
        assertThat(of(told(0, 0, 0), 16, 16_384))
                .as("a server that only answers")
                .containsExactly(0, 0, 0);
        assertThat(of(told(5, 3, 4), 2, 1024)).containsExactly(5, 3, 4);
        assertThat(of(told(-1, null, null), 2, 2048)).containsExactly(0, 1, 1);
    }

    @Test
    void aProcessIsAServerUnlessItIsTold() {
        assertThat(told(1, 1, 1).role()).isEqualTo(Settings.Role.SERVER);
    }
}
