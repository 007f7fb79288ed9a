package saltdrum.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import org.junit.jupiter.api.Test;
import saltdrum.media.ffmpeg.ToolRun;

/** Who may do what in the database that the launcher starts. */
class DatabaseAccessTest {
    @Test
    void nobodyComesInWithoutThePasswordAndTheApplicationIsNoSuperuser() throws Exception {
        assertThatThrownBy(
                        () -> DriverManager.getConnection(TestDatabase.shared().url(), "saltdrum", ""))
                .isInstanceOf(SQLException.class);
        assertThatThrownBy(() -> DriverManager.getConnection(
                        TestDatabase.shared().url(),
                        "keeper",
                        TestDatabase.shared().password()))
                .isInstanceOf(SQLException.class);
        try (Connection connection = DriverManager.getConnection(
                        TestDatabase.shared().url(),
                        "saltdrum",
                        TestDatabase.shared().password());
                Statement statement = connection.createStatement()) {
            assertThatThrownBy(() -> statement.execute("copy (select 1) to program 'true'"))
                    .hasMessageContaining("superuser");
            assertThatThrownBy(() -> statement.execute("create role another superuser"))
                    .isInstanceOf(SQLException.class);
        }
    }

    /** As folders were made before there were passwords: everybody is let in, and the one role is the superuser. */
    private static final String OPEN_FOLDER =
            """
            set -e
            as_owner() { if [ "$(id -u)" = 0 ]; then (cd / && setpriv --reuid postgres --regid postgres --clear-groups -- "$@"); else "$@"; fi; }
            bin=$(ls -d /usr/lib/postgresql/*/bin | sort -V | tail -n 1)
            mkdir -p "$1"; [ "$(id -u)" != 0 ] || chown postgres: "$1"
            as_owner "$bin/initdb" -D "$1/data" -U saltdrum -A trust -E UTF8 --locale=C.UTF-8 --no-sync >/dev/null
            printf 'create database saltdrum;\\n\\n' | as_owner "$bin/postgres" --single -j -D "$1/data" postgres >/dev/null
            printf "create table kept (id bigint generated always as identity, word text);\\n\\ninsert into kept (word) values ('tide');\\n\\n" |
              as_owner "$bin/postgres" --single -j -D "$1/data" saltdrum >/dev/null
            """;

    @Test
    void aFolderFromBeforePasswordsIsClosedAndKeepsItsWords() throws Exception {
        Path parent = Files.createTempDirectory(Path.of("/var/tmp"), "salt-drum-open");
        parent.toFile().setExecutable(true, false);
        Path folder = parent.resolve("database");
        run(List.of("bash", "-c", OPEN_FOLDER, "bash", folder.toString()));
        int port;
        try (ServerSocket free = new ServerSocket(0)) {
            port = free.getLocalPort();
        }
        try {
            String url = "jdbc:postgresql://127.0.0.1:" + port + "/saltdrum";
            for (int turn = 0; turn < 2; turn++) {
                postgres("start", folder, port);
                assertThatThrownBy(() -> DriverManager.getConnection(url, "saltdrum", ""))
                        .isInstanceOf(SQLException.class);
                String password = postgres("password", folder, port).strip();
                try (Connection connection = DriverManager.getConnection(url, "saltdrum", password);
                        Statement statement = connection.createStatement()) {
                    statement.execute("alter table kept add column if not exists more text");
                    statement.execute("create table if not exists fresh (id int)");
                    statement.execute("insert into kept (word) values ('turn " + turn + "')");
                    ResultSet count = statement.executeQuery(
                            "select count(*), (select count(*) from pg_roles where rolsuper) from kept");
                    count.next();
                    assertThat(count.getInt(1)).isEqualTo(2 + turn);
                    assertThat(count.getInt(2)).isEqualTo(1);
                    assertThatThrownBy(() -> statement.execute("copy (select 1) to program 'true'"))
                            .hasMessageContaining("superuser");
                }
                postgres("stop", folder, port);
            }
        } finally {
            run(List.of("rm", "-rf", parent.toString()));
        }
    }

    /** As after a power cut: the number in PostgreSQL's file is another program's by now. */
    @Test
    void aStrangerWithTheNumberOfADeadDatabaseIsLeftAloneAndHindersNothing() throws Exception {
        Path parent = Files.createTempDirectory(Path.of("/var/tmp"), "salt-drum-stale");
        parent.toFile().setExecutable(true, false);
        Path folder = parent.resolve("database");
        int port;
        try (ServerSocket free = new ServerSocket(0)) {
            port = free.getLocalPort();
        }
        Process stranger = new ProcessBuilder("sleep", "300").start();
        String stale =
                "f=$1/data/postmaster.pid; printf '%s\\n%s\\n' $2 $1/data >$f; [ $(id -u) != 0 ] || chown postgres: $f";
        List<String> leave = List.of("bash", "-c", stale, "bash", folder.toString(), String.valueOf(stranger.pid()));
        try {
            postgres("start", folder, port);
            postgres("stop", folder, port);
            run(leave);
            assertThatThrownBy(() -> postgres("status", folder, port)).isInstanceOf(IllegalStateException.class);
            assertThatThrownBy(() -> postgres("stop", folder, port)).isInstanceOf(IllegalStateException.class);
            assertThat(stranger.isAlive()).isTrue();
            postgres("start", folder, port);
            postgres("status", folder, port);
            assertThat(stranger.isAlive()).isTrue();
            postgres("stop", folder, port);
        } finally {
            stranger.destroyForcibly();
            run(List.of("rm", "-rf", parent.toString()));
        }
    }

    /** Restoring waited for itself until it gave up: the database had inherited the lock of who had started it. */
    @Test
    void theLockOfWhoStartsItIsFreeAgain() throws Exception {
        TestDatabase database = TestDatabase.own();
        Path lock = Files.createTempFile("salt-drum", ".lock");
        String again =
                "exec 9>\"$1\"; flock 9; ../tools/postgres stop \"$2\" \"$3\"; ../tools/postgres start \"$2\" \"$3\";"
                        + " exec 9>&-; flock -n \"$1\" true";
        List<String> place = database.place();
        run(List.of("bash", "-ec", again, "bash", lock.toString(), place.get(0), place.get(1)));
        Files.delete(lock);
    }

    private static String postgres(String action, Path folder, int port) {
        return run(List.of("../tools/postgres", action, folder.toString(), Integer.toString(port)));
    }

    private static String run(List<String> command) {
        return ToolRun.text(command, 120, failed -> {
            throw new IllegalStateException(failed.errors());
        });
    }
}
