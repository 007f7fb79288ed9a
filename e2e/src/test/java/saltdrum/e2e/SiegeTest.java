package saltdrum.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import org.junit.jupiter.api.Test;
import saltdrum.cli.bench.siege.Siege;
import saltdrum.server.TestDatabase;

/** Everything that can be asked of the server, well and badly, for some seconds. Longer: ./salt-drum test long. */
class SiegeTest {
    private static final long SEED = 7;
    private static final boolean LONG = Boolean.getBoolean("long");
    private static final int SECONDS = LONG ? 600 : 5;

    @Test
    void nothingThatIsAskedBringsTheServerDownOrBreaksATrack() throws Exception {
        RunningServer server = RunningServer.own(TestDatabase.own(), "siege");
        try {
            Siege siege = new Siege(server.url(), Demo.CLIPS, SEED, LONG ? server.pid() : 0);
            Siege.Outcome outcome = siege.run(Duration.ofSeconds(SECONDS));
            System.out.println("siege: " + outcome.requests() + " requests, " + outcome.taken() + " taken; "
                    + server.mostMemoryMb() + " MiB at most");
            assertThat(outcome.faults()).isEmpty();
            assertThat(outcome.calls()).isEqualTo(outcome.ofCalls());
            assertThat(outcome.fields()).isEqualTo(outcome.ofFields());
            assertThat(outcome.taken()).isPositive();
            assertThat(outcome.refused()).isPositive();
        } finally {
            server.kill();
        }
    }
}
