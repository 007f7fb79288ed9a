package saltdrum.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicBoolean;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.util.FileSystemUtils;
import saltdrum.server.Patience;
import saltdrum.server.SmallClips;
import saltdrum.server.TestDatabase;
import tools.jackson.databind.JsonNode;

/** A workshop is written down while it is worked in, and stands up elsewhere as it was. */
class BackupTest {
    @TempDir
    Path folder;

    private record Said(int code, String text) {}

    private static Said backup(String action, Path file, Path data, TestDatabase database) throws Exception {
        List<String> command = new ArrayList<>(List.of("../tools/backup", action, file.toString()));
        if (data != null) {
            command.add(data.toString());
            command.addAll(database.place());
        }
        Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
        String text = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        return new Said(process.waitFor(), text);
    }

    @Test
    void everyAcknowledgedEditBeforeItsMomentIsThere() throws Exception {
        TestDatabase database = TestDatabase.own();
        RunningServer server = RunningServer.own(database, "backed-up", "--salt-drum.hearers=0");
        Path file = folder.resolve("workshop.tar");
        try {
            Typist typist = Typist.at(server);
            AtomicBoolean over = new AtomicBoolean();
            Thread hand = new Thread(() -> {
                while (!over.get()) {
                    try {
                        typist.type();
                    } catch (IOException e) {
                        throw new IllegalStateException(e);
                    }
                }
            });
            hand.start();
            Patience.await("three edits").until(() -> typist.remembered().size() >= 3);
            Map<Long, String> before = typist.remembered();
            int edits = typist.acknowledged();
            Said said = backup("save", file, server.data(), database);
            assertThat(said.code()).as(said.text()).isZero();
            assertThat(said.text()).contains("has the workshop: 1 clip, ").doesNotContain("not in the store");
            // The work went on meanwhile, and goes on.
            Patience.await("ten more edits").until(() -> typist.acknowledged() >= edits + 10);
            over.set(true);
            hand.join();
            typist.checkAll();
            assertThat(Files.getPosixFilePermissions(file))
                    .as("nobody else reads it")
                    .hasSize(2);

            standsUpElsewhere(file, typist, before, incarnation(server));
        } finally {
            server.kill();
        }
        whatIsDamagedIsRefused(file);
    }

    private void standsUpElsewhere(Path file, Typist typist, Map<Long, String> before, String incarnation)
            throws Exception {
        TestDatabase elsewhere = TestDatabase.own();
        Path data = Path.of("target/restored").toAbsolutePath();
        FileSystemUtils.deleteRecursively(data);
        Said said = backup("load", file, data, elsewhere);
        assertThat(said.code()).as(said.text()).isZero();
        RunningServer restored = RunningServer.on(elsewhere, "restored");
        try {
            typist.checkAtLeast(before, restored);
            assertThat(incarnation(restored))
                    .as("what pages know of the track that was backed up is not of this one")
                    .isNotEqualTo(incarnation);
            JsonNode clip = restored.get("/api/clips").path(0);
            assertThat(clip.path("name").asString()).isEqualTo("typed");
            Path back = restored.download(
                    "/api/clips/" + clip.path("id").asString() + "/video", folder.resolve("back.mp4"));
            assertThat(Files.mismatch(back, SmallClips.shortened("tide-pool"))).isEqualTo(-1);
        } finally {
            restored.kill();
        }
    }

    /** Of the only clip's track. */
    private static String incarnation(RunningServer server) throws IOException {
        String clip = server.get("/api/clips").path(0).path("id").asString();
        return server.get("/api/clips/" + clip + "/track")
                .path("head")
                .path("incarnation")
                .asString();
    }

    private void whatIsDamagedIsRefused(Path file) throws Exception {
        assertThat(backup("check", file, null, null).code()).isZero();
        Path cut = folder.resolve("cut.tar");
        Files.copy(file, cut);
        try (RandomAccessFile bytes = new RandomAccessFile(cut.toFile(), "rw")) {
            bytes.setLength(bytes.length() - 200_000);
        }
        assertThat(backup("check", cut, null, null)).satisfies(said -> {
            assertThat(said.code()).isEqualTo(1);
            assertThat(said.text()).contains("cut short").contains("Nothing was changed");
        });
        Path other = Files.writeString(folder.resolve("other.tar"), "a letter");
        assertThat(backup("check", other, null, null).text()).contains("is no backup");
        assertThat(backup("check", folder.resolve("none.tar"), null, null).text())
                .contains("there is no file");
    }
}
