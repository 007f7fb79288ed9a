package saltdrum.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
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
        String job = server.post("/api/clips/" + clipId + "/renders", "{\"how\":{\"preset\":\"fast\",\"crf\":23}}")
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

    /** It crashed in the models' library, which was still loading one. */
    @Test
    void aServerThatIsStoppedWhileItGetsReadyEndsInOrder() throws Exception {
        RunningServer server = RunningServer.shared();
        server.kill();
        server.start();
        RunningServer.pause(900);
        assertThat(server.end()).isEqualTo(143);
        server.start();
    }

    /** Tomcat itself refuses these: the application never hears of them. */
    @Test
    void whatNeverReachesTheApplicationIsAnsweredInASentenceToo() throws Exception {
        URI own = URI.create(RunningServer.shared().url());
        for (String head : List.of(
                "GET /%zz HTTP/1.1\r\nHost: localhost",
                "GET /api/clips?a=<b> HTTP/1.1\r\nHost: localhost",
                "GET /api/clips HTTP/1.1\r\nHost: a b",
                "GET /api/" + "a".repeat(20_000) + " HTTP/1.1\r\nHost: localhost",
                "TRACE /api/clips HTTP/1.1\r\nHost: localhost")) {
            try (Socket socket = new Socket("127.0.0.1", own.getPort())) {
                socket.getOutputStream()
                        .write((head + "\r\nConnection: close\r\n\r\n").getBytes(StandardCharsets.US_ASCII));
                String answer = new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
                assertThat(answer).as(head).startsWith("HTTP/1.1 4").doesNotContain("<html", "Exception", "Tomcat");
                assertThat(answer).as(head).contains("application/problem+json", "\"detail\":\"");
            }
        }
    }

    @Test
    void wordsThatWereBeingHeardWhenTheServerDiedComeOnceAndWhole() throws Exception {
        RunningServer server = RunningServer.shared();
        Path minute = MinuteClip.minute();
        String undisturbed = words(server, recognised(server, minute, false));
        String killed = words(server, recognised(server, minute, true));
        assertThat(killed).isEqualTo(undisturbed);
    }

    /** The id of a clip whose speech was recognised, with a kill after the first words or without. */
    private static String recognised(RunningServer server, Path file, boolean kill) throws Exception {
        String clipId =
                server.put("/api/clips?name=minute.mp4", file).path("id").asString();
        String job = server.post("/api/clips/" + clipId + "/words", "{\"language\":\"en\"}")
                .path("id")
                .asString();
        if (kill) {
            for (int i = 0; i < 300 && words(server, clipId).isEmpty(); i++) {
                RunningServer.pause(50);
            }
            String before = words(server, clipId);
            assertThat(server.get("/api/jobs/" + job).path("state").asString()).isEqualTo("RUNNING");
            server.kill();
            server.start();
            assertThat(words(server, clipId)).startsWith(before.substring(0, before.length() / 2));
        }
        JsonNode done = server.awaitJob(job, List.of("DONE", "FAILED", "STOPPED"), Duration.ofMinutes(3));
        assertThat(done.path("state").asString()).isEqualTo("DONE");
        return clipId;
    }

    private static String words(RunningServer server, String clipId) throws Exception {
        StringBuilder words = new StringBuilder();
        for (JsonNode cue : server.get("/api/clips/" + clipId + "/track").path("cues")) {
            for (JsonNode word : cue.path("words")) {
                words.append(word.path("text").asString())
                        .append(' ')
                        .append(word.path("startMs").asInt())
                        .append('\n');
            }
        }
        return words.toString();
    }

    @Test
    void aStoppedRenderStopsAndLeavesNoProcess() throws Exception {
        RunningServer server = RunningServer.shared();
        String clipId = server.put("/api/clips?name=tide.mp4", Demo.clip("tide-pool"))
                .path("id")
                .asString();
        Path captions =
                Files.writeString(Path.of("target/stopped.srt"), "1\n00:00:00,500 --> 00:00:02,000\nLook closely\n");
        server.put("/api/clips/" + clipId + "/captions?name=stopped.srt", captions);
        String job = server.post("/api/clips/" + clipId + "/renders", "{\"how\":{\"preset\":\"veryslow\",\"crf\":18}}")
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
