package saltdrum.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.sql.Connection;
import java.sql.DriverManager;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import saltdrum.server.SmallClips;
import saltdrum.server.TestDatabase;
import tools.jackson.databind.JsonNode;

/** A server and a worker that share nothing but a database and an S3 store. */
class MediaInS3Test {
    private final HttpClient http = HttpClient.newHttpClient();

    private HttpResponse<byte[]> part(RunningServer server, String path, String range) throws Exception {
        return http.send(
                HttpRequest.newBuilder(URI.create(server.url() + path))
                        .header("Range", range)
                        .build(),
                HttpResponse.BodyHandlers.ofByteArray());
    }

    private static String hash(byte[] bytes) throws Exception {
        return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
    }

    private static void clear(Path near) throws IOException {
        try (Stream<Path> files = Files.list(near)) {
            for (Path file : files.toList()) {
                Files.delete(file);
            }
        }
    }

    @Test
    void aFilmIsMadeElsewhereOfWhatLiesInTheStore() throws Exception {
        TestDatabase database = TestDatabase.own();
        try (S3Server s3 = new S3Server("s3-media")) {
            RunningServer server = RunningServer.own(
                    database, "s3-server", s3.options("--salt-drum.renderers=0", "--salt-drum.hearers=0"));
            Path elsewhere =
                    Files.createDirectories(Path.of("target/s3-worker")).toAbsolutePath();
            RunningWorker worker =
                    new RunningWorker(database, elsewhere, "s3-worker", s3.options("--salt-drum.hearers=0"));
            try {
                walk(database, s3, server);
            } finally {
                worker.end();
                server.end();
            }
        }
    }

    private void walk(TestDatabase database, S3Server s3, RunningServer server) throws Exception {
        byte[] footage = Files.readAllBytes(SmallClips.whole("tide-pool"));
        String id = server.bring(SmallClips.whole("tide-pool"), "Pool.mp4");
        assertThat(Files.readAllBytes(s3.object(hash(footage)))).isEqualTo(footage);
        assertThat(server.data().resolve("media")).doesNotExist();

        // A part comes as a part: nothing is brought here for it.
        Path near = server.data().resolve("near");
        server.awaitJob(
                server.get("/api/clips/" + id + "/jobs").path(0).path("id").asString(), List.of("DONE"));
        clear(near);
        HttpResponse<byte[]> some = part(server, "/api/clips/" + id + "/video", "bytes=5000-5999");
        assertThat(some.statusCode()).isEqualTo(206);
        assertThat(some.body()).isEqualTo(Arrays.copyOfRange(footage, 5000, 6000));
        HttpResponse<byte[]> last = part(server, "/api/clips/" + id + "/video", "bytes=-700");
        assertThat(last.body()).isEqualTo(Arrays.copyOfRange(footage, footage.length - 700, footage.length));
        assertThat(part(server, "/api/clips/" + id + "/video", "bytes=99999999-")
                        .statusCode())
                .isEqualTo(416);
        assertThat(near).isEmptyDirectory();

        server.caption(id, "1\n00:00:00,500 --> 00:00:02,000\nMind the limpets\n");
        JsonNode job = server.post("/api/clips/" + id + "/renders", "{}");
        String jobId = job.path("id").asString();
        job = server.awaitEnd(jobId);
        assertThat(job.path("state").asString()).as(job.toString()).isEqualTo("DONE");
        byte[] film = part(server, "/api/jobs/" + jobId + "/video", "bytes=0-").body();
        assertThat(Files.readAllBytes(s3.object(hash(film)))).isEqualTo(film);

        // Unused media are removed from the store, and nothing else.
        try (Connection sql = DriverManager.getConnection(database.url(), "saltdrum", database.password())) {
            sql.createStatement().execute("update media_file set created = now() - interval '1 hour'");
        }
        server.send("DELETE", "/api/jobs/" + jobId, "");
        assertThat(s3.object(hash(film))).doesNotExist();
        assertThat(s3.object(hash(footage))).exists();

        // What was spoilt there is not taken for what was put there.
        clear(near);
        byte[] spoilt = footage.clone();
        spoilt[spoilt.length / 2] ^= 1;
        Files.write(s3.object(hash(footage)), spoilt);
        HttpResponse<byte[]> refused = http.send(
                HttpRequest.newBuilder(URI.create(server.url() + "/api/clips/" + id + "/sounds/0/peaks"))
                        .build(),
                HttpResponse.BodyHandlers.ofByteArray());
        assertThat(refused.statusCode()).isGreaterThanOrEqualTo(500);
        assertThat(new String(refused.body(), java.nio.charset.StandardCharsets.UTF_8))
                .contains("could not be read");
    }
}
