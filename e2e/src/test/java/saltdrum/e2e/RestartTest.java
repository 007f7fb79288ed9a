package saltdrum.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Killing the server at any moment loses no edit and no job. */
class RestartTest {
    @Test
    void aRenderKilledHalfWayStartsAgainByItself() throws Exception {
        RunningServer server = RunningServer.shared();
        String clipId = server.put("/api/clips?name=ferry.mp4", Demo.clip("last-ferry"))
                .path("id")
                .asString();
        String script = Demo.script("last-ferry").replace("\n", "\\n");
        JsonNode words =
                server.post("/api/clips/" + clipId + "/words", "{\"script\":\"" + script + "\",\"language\":\"en\"}");
        assertThat(server.awaitJob(words.path("id").asString(), List.of("DONE", "FAILED"), Duration.ofSeconds(90))
                        .path("state")
                        .asString())
                .isEqualTo("DONE");
        String job = server.post("/api/clips/" + clipId + "/renders", "{\"preset\":\"fast\",\"crf\":23}")
                .path("id")
                .asString();
        for (int i = 0;
                i < 600 && server.get("/api/jobs/" + job).path("progress").asDouble() < 0.15;
                i++) {
            RunningServer.pause(100);
        }
        double reached = server.get("/api/jobs/" + job).path("progress").asDouble();
        assertThat(reached).isBetween(0.15, 0.99);
        long version =
                server.get("/api/clips/" + clipId + "/track").path("version").asLong();

        server.kill();
        server.start();

        assertThat(server.get("/api/clips/" + clipId + "/track").path("version").asLong())
                .isEqualTo(version);
        JsonNode done = server.awaitJob(job, List.of("DONE", "FAILED", "STOPPED"), Duration.ofMinutes(4));
        assertThat(done.path("state").asString()).isEqualTo("DONE");
        Path out = Path.of("target/after-restart.mp4").toAbsolutePath();
        try (var in = java.net
                .URI
                .create(server.url() + "/api/jobs/" + job + "/video")
                .toURL()
                .openStream()) {
            Files.copy(in, out, java.nio.file.StandardCopyOption.REPLACE_EXISTING);
        }
        assertThat(Video.frames(out)).isEqualTo(Video.frames(Demo.clip("last-ferry")));
    }

    @Test
    void aStoppedRenderStopsAndLeavesNoProcess() throws Exception {
        RunningServer server = RunningServer.shared();
        String clipId = server.put("/api/clips?name=tide.mp4", Demo.clip("tide-pool"))
                .path("id")
                .asString();
        String job = server.post("/api/clips/" + clipId + "/renders", "{\"preset\":\"veryslow\",\"crf\":18}")
                .path("id")
                .asString();
        server.awaitJob(job, List.of("RUNNING"), Duration.ofSeconds(30));
        server.post("/api/jobs/" + job + "/stop", "");
        assertThat(server.awaitJob(job, List.of("STOPPED", "DONE"), Duration.ofSeconds(30))
                        .path("state")
                        .asString())
                .isEqualTo("STOPPED");
    }
}
