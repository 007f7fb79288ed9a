package saltdrum.media.ffmpeg;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.BufferedReader;
import java.io.InputStreamReader;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import saltdrum.core.SaltDrumException;

class OrphansTest {
    /** What is killed in the test: starts a tool, says its number and waits for it. */
    public static final class Parent {
        public static void main(String[] args) throws Exception {
            try (ToolRun run = new ToolRun(List.of("sleep", "120"), 100)) {
                System.out.println(run.pid());
                run.await();
            }
        }
    }

    @Test
    void aToolEndsWithTheProcessThatWaitsForItAlsoByKill9() throws Exception {
        Process parent = new ProcessBuilder(
                        System.getProperty("java.home") + "/bin/java",
                        "-cp",
                        System.getProperty("java.class.path"),
                        Parent.class.getName())
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .start();
        long tool;
        try (BufferedReader said = new BufferedReader(new InputStreamReader(parent.getInputStream()))) {
            tool = Long.parseLong(said.readLine());
        }
        ProcessHandle handle = ProcessHandle.of(tool).orElseThrow();
        assertThat(handle.isAlive()).isTrue();
        parent.destroyForcibly();
        handle.onExit().get(10, TimeUnit.SECONDS);
        assertThat(handle.isAlive()).isFalse();
    }

    @Test
    void aProgramThatIsNotHereIsSaid() {
        assertThatThrownBy(() -> new ToolRun(List.of("no-such-program"), 5))
                .isInstanceOf(SaltDrumException.class)
                .hasMessageContaining("“no-such-program” could not be started");
    }
}
