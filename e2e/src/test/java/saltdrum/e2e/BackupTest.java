package saltdrum.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
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

/** A backup is made during work, and restored elsewhere unchanged. */
class BackupTest {
    @TempDir
    Path folder;

    private record Said(int code, String text) {}

    private static Said backup(String action, Path file, Path data, TestDatabase database) throws Exception {
        return backup(action, file, data, database, "ask");
    }

    private static Said backup(String action, Path file, Path data, TestDatabase database, String links)
            throws Exception {
        List<String> command = new ArrayList<>(List.of("../tools/backup", action, file.toString()));
        if (data != null) {
            command.add(data.toString());
            command.addAll(database.place());
        }
        ProcessBuilder builder = new ProcessBuilder(command).redirectErrorStream(true);
        builder.environment().put("SALT_DRUM_LINKS", links);
        Process process = builder.start();
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

    /** A link that was withdrawn, and a person who was removed, after the backup was taken. */
    @Test
    void whatWasWithdrawnStaysSo() throws Exception {
        TestDatabase database = TestDatabase.own();
        RunningServer server = RunningServer.own(database, "withdrawn", "--salt-drum.hearers=0");
        Path file = folder.resolve("links.tar");
        String open = "select string_agg(id, ',' order by id) from review where withdrawn is null";
        try {
            String clip = server.bring(SmallClips.shortened("tide-pool"), "pool.mp4");
            for (String one : List.of("r1", "r2")) {
                run(
                        database,
                        "insert into review (id, clip_id, shows, token_hash, expires) values ('" + one + "', '" + clip
                                + "', 'STAGE', 'hash of " + one + "', now() + interval '9 days')");
            }
            for (String one : List.of("ada", "bo")) {
                run(
                        database,
                        "insert into person (name, email, password, role) values ('" + one + "', '" + one
                                + "@quay.example', 'before', 'OWNER')");
            }
            run(
                    database,
                    "insert into invitation (token_hash, role, expires) values ('used since', 'OWNER', now() + interval '1 day')");
            run(database, "insert into spring_session values ('p', 's', 0, 0, 1000, 9000000000000, '1')");
            run(database, "insert into recovery_code select id, 'used since' from person where name = 'ada'");
            run(
                    database,
                    "insert into user_entities (id, name) select 'e', id::text from person where name = 'ada';"
                            + " insert into user_credentials (credential_id, user_entity_user_id, public_key, backup_eligible,"
                            + " backup_state, label) values ('lost since', 'e', '', false, false, 'A telephone')");
            run(database, "insert into link_key (key) values ('\\x00') on conflict do nothing");
            assertThat(backup("save", file, server.data(), database).code()).isZero();
            run(database, "update review set withdrawn = now() where id = 'r1'");
            run(database, "delete from invitation");
            run(database, "delete from person where name = 'bo'");
            run(
                    database,
                    "update person set password = 'after', role = 'DESIGNER', code_secret = 'since', code_step = 7"
                            + " where name = 'ada'");
            run(
                    database,
                    "delete from recovery_code; delete from user_entities;"
                            + " insert into audit_entry (did) values ('Removed a person')");
        } finally {
            server.kill();
        }
        String key = asked(database, "select encode(key, 'hex') from link_key");
        Said said = backup("load", file, server.data(), database);
        assertThat(said.code()).as(said.text()).isZero();
        assertThat(asked(database, open)).isEqualTo("r2");
        assertThat(asked(database, "select string_agg(name || password || role, ',') from person"))
                .isEqualTo("adaafterDESIGNER");
        assertThat(asked(database, "select convert_from(code_secret, 'UTF8') || code_step from person"))
                .as("a second step that was set up since")
                .isEqualTo("since7");
        assertThat(asked(
                        database,
                        "select (select count(*) from recovery_code) + (select count(*) from user_credentials)"))
                .as("a recovery code that was used, and the passkey of a telephone that was lost")
                .isEqualTo("0");
        assertThat(asked(database, "select did from audit_entry order by id desc limit 1"))
                .isEqualTo("Removed a person");
        run(database, "insert into audit_entry (did) values ('Goes on')");
        assertThat(asked(database, "select count(*) from invitation")).isEqualTo("0");
        assertThat(asked(database, "select count(*) from spring_session")).isEqualTo("0");
        assertThat(asked(database, "select encode(key, 'hex') from link_key")).isEqualTo(key);

        TestDatabase elsewhere = TestDatabase.own();
        run(elsewhere, "create table here_before (one int)");
        Path data = Files.createDirectories(folder.resolve("elsewhere"));
        assertThat(backup("load", file, data, elsewhere)).satisfies(refused -> {
            assertThat(refused.code()).isEqualTo(3);
            assertThat(refused.text()).contains("has 3 links").contains("--links withdraw");
        });
        assertThat(asked(elsewhere, "select to_regclass('here_before')")).isEqualTo("here_before");
        said = backup("load", file, data, elsewhere, "keep");
        assertThat(said.code()).as(said.text()).isZero();
        assertThat(asked(elsewhere, open)).isEqualTo("r1,r2");
        assertThat(asked(elsewhere, "select count(*) from link_key"))
                .as("who has a backup has no link")
                .isEqualTo("0");
        said = backup("load", file, data, TestDatabase.own(), "withdraw");
        assertThat(said.code()).as(said.text()).isZero();
    }

    private static void run(TestDatabase database, String sql) throws SQLException {
        try (Connection connection = DriverManager.getConnection(database.url(), "saltdrum", database.password());
                Statement statement = connection.createStatement()) {
            statement.execute(sql);
        }
    }

    private static String asked(TestDatabase database, String sql) throws SQLException {
        try (Connection connection = DriverManager.getConnection(database.url(), "saltdrum", database.password());
                Statement statement = connection.createStatement();
                ResultSet rows = statement.executeQuery(sql)) {
            rows.next();
            return rows.getString(1);
        }
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
