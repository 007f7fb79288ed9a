package saltdrum.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import saltdrum.server.Patience;
import saltdrum.server.SmallClips;
import tools.jackson.databind.JsonNode;

/** Killing the server at any moment loses no edit and no job. */
class RestartTest {
    @Test
    void aRenderKilledHalfWayStartsAgainByItself() throws Exception {
        RunningServer server = RunningServer.shared();
        String clipId = server.bring(SmallClips.whole("last-ferry"), "ferry.mp4");
        server.caption(clipId, Demo.CLIPS.resolve("last-ferry.words.json"));
        String job = server.post("/api/clips/" + clipId + "/renders", "{\"how\":{\"preset\":\"slow\",\"crf\":18}}")
                .path("id")
                .asString();
        Patience.await("a part of the film")
                .until(() -> server.get("/api/jobs/" + job).path("progress").asDouble() >= 0.15);
        double reached = server.get("/api/jobs/" + job).path("progress").asDouble();
        assertThat(reached).isBetween(0.15, 0.99);
        long version =
                server.get("/api/clips/" + clipId + "/track").path("version").asLong();

        server.kill();
        server.start();

        assertThat(server.get("/api/clips/" + clipId + "/track").path("version").asLong())
                .isEqualTo(version);
        assertThat(server.awaitEnd(job).path("state").asString()).isEqualTo("DONE");
        Path out = server.download("/api/jobs/" + job + "/video", Path.of("target/after-restart.mp4"));
        assertThat(Video.frames(out)).isEqualTo(Video.frames(SmallClips.whole("last-ferry")));
    }

    /** It crashed in the models' library, which was still loading one. */
    @Test
    void aServerThatIsStoppedWhileItGetsReadyEndsInOrder() throws Exception {
        RunningServer server = RunningServer.shared();
        server.kill();
        server.warm(true);
        server.start();
        // As late as in life: the models are still being read.
        RunningServer.pause(300);
        assertThat(server.end()).isEqualTo(143);
        server.warm(false);
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
        Path clip = SmallClips.looped("three-coats", 22);
        String undisturbed = words(server, recognised(server, clip, false));
        String killed = words(server, recognised(server, clip, true));
        assertThat(killed).isEqualTo(undisturbed);
    }

    /** The id of a clip whose speech was recognised, with a kill after the first words or without. */
    private static String recognised(RunningServer server, Path file, boolean kill) throws Exception {
        String clipId = server.bring(file, "spoken.mp4");
        String job = server.post("/api/clips/" + clipId + "/words", "{\"language\":\"en\"}")
                .path("id")
                .asString();
        if (kill) {
            String before = Patience.await("the first words").until(() -> words(server, clipId), now -> !now.isEmpty());
            assertThat(server.get("/api/jobs/" + job).path("state").asString()).isEqualTo("RUNNING");
            server.kill();
            server.start();
            assertThat(words(server, clipId)).startsWith(before.substring(0, before.length() / 2));
        }
        assertThat(server.awaitEnd(job).path("state").asString()).isEqualTo("DONE");
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
        String clipId = server.bring(SmallClips.whole("tide-pool"), "tide.mp4");
        server.caption(clipId, "1\n00:00:00,500 --> 00:00:02,000\nLook closely\n");
        String job = server.post("/api/clips/" + clipId + "/renders", "{\"how\":{\"preset\":\"veryslow\",\"crf\":18}}")
                .path("id")
                .asString();
        server.awaitJob(job, List.of("RUNNING"));
        server.post("/api/jobs/" + job + "/stop", "");
        assertThat(server.awaitEnd(job).path("state").asString()).isEqualTo("STOPPED");
    }
}
