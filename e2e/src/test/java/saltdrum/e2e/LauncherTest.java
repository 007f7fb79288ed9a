package saltdrum.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.File;
import java.net.ServerSocket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.MessageDigest;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Assumptions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.util.FileSystemUtils;
import saltdrum.server.Patience;

/** What hinders a start is said in a sentence with what to do, before anything is built or written. */
class LauncherTest {
    private static final Path LAUNCHER =
            Path.of("../salt-drum").toAbsolutePath().normalize();

    @TempDir
    Path folder;

    private String start(String home, String path, List<String> as) throws Exception {
        List<String> command = new ArrayList<>(as);
        command.addAll(List.of("bash", LAUNCHER.toString(), "start"));
        return refused(
                command, Map.of("SALT_DRUM_HOME", home, "PATH", path + File.pathSeparator + System.getenv("PATH")));
    }

    /** What it says in its one line. */
    private static String refused(List<String> command, Map<String, String> environment) throws Exception {
        ProcessBuilder builder = new ProcessBuilder(command).redirectErrorStream(true);
        builder.environment().putAll(environment);
        Process process = builder.start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(process.waitFor()).as(said).isEqualTo(1);
        assertThat(said.lines()).as(said).hasSize(1);
        return said;
    }

    private String javaThat(String says) throws Exception {
        Path java = folder.resolve("java");
        Files.writeString(java, "#!/bin/sh\n" + says + "\n");
        Files.setPosixFilePermissions(java, PosixFilePermissions.fromString("rwxr-xr-x"));
        return folder.toString();
    }

    @Test
    void anotherJavaThanIsNeeded() throws Exception {
        String home = folder.resolve("home").toString();
        assertThat(start(home, javaThat("echo 'openjdk version \"11.0.2\" 2019-01-15' >&2"), List.of()))
                .contains("is Java 11; 17 or newer is needed", "apt-get install");
        assertThat(start(home, javaThat("echo 'java version \"1.8.0_401\"' >&2"), List.of()))
                .contains("is Java 8;");
        assertThat(start(home, javaThat("echo 'no such machine' >&2; exit 1"), List.of()))
                .contains("is no Java that runs: no such machine");
        assertThat(Path.of(home)).doesNotExist();
    }

    @Test
    void aFolderThatCannotBeWritten() throws Exception {
        Path file = Files.writeString(folder.resolve("a-file"), "");
        assertThat(start(file.resolve("home").toString(), "", List.of()))
                .contains("nothing can be written to", "SALT_DRUM_HOME=");
    }

    @Test
    void whoIsSeenByOthersHasAnAddress() throws Exception {
        String said = refused(
                List.of("bash", LAUNCHER.toString(), "start"),
                Map.of("SALT_DRUM_HOME", folder.toString(), "SALT_DRUM_LISTEN", "0.0.0.0"));
        assertThat(said).contains("is seen by others", "SALT_DRUM_URL=");
    }

    @Test
    void aBackupOfANewerVersionIsRefused() throws Exception {
        Files.writeString(folder.resolve("database.dump"), "of another time");
        Files.writeString(
                folder.resolve("backup.txt"),
                String.join(
                        "\n",
                        "salt-drum backup 1",
                        "taken 2030-01-01T00:00:00Z",
                        "clips 3",
                        "schema 9999",
                        "media 0",
                        "database " + sha256(folder.resolve("database.dump")),
                        ""));
        Path file = folder.resolve("newer.backup");
        new ProcessBuilder("tar", "-cf", file.toString(), "-C", folder.toString(), "backup.txt", "database.dump")
                .start()
                .waitFor();
        Path home = folder.resolve("home");
        assertThat(refused(
                        List.of("bash", LAUNCHER.toString(), "restore", file.toString(), "--yes"),
                        Map.of("SALT_DRUM_HOME", home.toString())))
                .contains("is of a newer version", "nothing was changed");
        assertThat(home.resolve("data")).doesNotExist();
    }

    private static String sha256(Path file) throws Exception {
        return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(Files.readAllBytes(file)));
    }

    /** It stayed dead: “already running”, and every call waited for half a minute. */
    @Test
    void aDatabaseThatDiesIsBroughtBackAsLongAsItIsNeeded() throws Exception {
        Path home = Files.createTempDirectory(Path.of("/var/tmp"), "salt-drum-test");
        Files.setPosixFilePermissions(home, PosixFilePermissions.fromString("rwx--x--x"));
        String database = home.resolve("database").toString();
        String port;
        try (ServerSocket free = new ServerSocket(0)) {
            port = Integer.toString(free.getLocalPort());
        }
        Process needs = new ProcessBuilder("sleep", "600").start();
        assertThat(postgres("start", database, port).waitFor()).isZero();
        Process keeper = postgres("keep", database, port, Long.toString(needs.pid()));
        try {
            for (int i = 0; i < 2; i++) {
                long postmaster = postmaster(database);
                ProcessHandle.of(postmaster).orElseThrow().destroyForcibly();
                Patience.await("another database")
                        .ignoreExceptions()
                        .until(() -> postmaster(database) != postmaster
                                && postgres("status", database).waitFor() == 0);
            }
            needs.destroyForcibly();
            assertThat(keeper.waitFor(3, TimeUnit.MINUTES))
                    .as("nobody needs it any more")
                    .isTrue();
            assertThat(postgres("stop", database).waitFor()).isZero();
        } finally {
            needs.destroyForcibly();
            keeper.destroyForcibly();
            postgres("stop", database).waitFor();
            FileSystemUtils.deleteRecursively(home);
        }
    }

    private static long postmaster(String database) throws Exception {
        Process file = new ProcessBuilder("head", "-n", "1", database + "/data/postmaster.pid").start();
        return Long.parseLong(new String(file.getInputStream().readAllBytes(), StandardCharsets.UTF_8).strip());
    }

    private static Process postgres(String... arguments) throws Exception {
        List<String> command = new ArrayList<>(
                List.of(LAUNCHER.resolveSibling("tools/postgres").toString()));
        command.addAll(List.of(arguments));
        ProcessBuilder builder = new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(Path.of("target/keeper.log").toFile());
        builder.environment().put("SALT_DRUM_PG_NOSYNC", "1");
        return builder.start();
    }

    /** Only root can give the test another user's name. */
    @Test
    void aFolderThatIsSomebodyElses() throws Exception {
        Assumptions.assumeTrue(System.getProperty("user.name").equals("root"));
        Path open = Files.createDirectories(folder.resolve("open/data"));
        Files.setPosixFilePermissions(folder, PosixFilePermissions.fromString("rwxrwxrwx"));
        Files.setPosixFilePermissions(open.getParent(), PosixFilePermissions.fromString("rwxrwxrwx"));
        Assumptions.assumeTrue(readableByOthers());
        assertThat(start(
                        open.getParent().toString(),
                        "",
                        List.of("setpriv", "--reuid", "nobody", "--regid", "nogroup", "--clear-groups", "--")))
                .contains("belongs to root, not to nobody");
    }

    private static boolean readableByOthers() throws Exception {
        return new ProcessBuilder(
                                "setpriv",
                                "--reuid",
                                "nobody",
                                "--clear-groups",
                                "--",
                                "test",
                                "-r",
                                LAUNCHER.toString())
                        .start()
                        .waitFor()
                == 0;
    }
}
