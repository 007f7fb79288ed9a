package saltdrum.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.File;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Assumptions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What hinders a start is said in a sentence with what to do, before anything is built or written. */
class LauncherTest {
    private static final Path LAUNCHER =
            Path.of("../salt-drum").toAbsolutePath().normalize();

    @TempDir
    Path folder;

    private String start(String home, String path, List<String> as) throws Exception {
        List<String> command = new ArrayList<>(as);
        command.addAll(List.of("bash", LAUNCHER.toString(), "start"));
        ProcessBuilder builder = new ProcessBuilder(command).redirectErrorStream(true);
        builder.environment().put("SALT_DRUM_HOME", home);
        builder.environment().put("PATH", path + File.pathSeparator + System.getenv("PATH"));
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
