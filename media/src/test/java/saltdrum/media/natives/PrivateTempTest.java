package saltdrum.media.natives;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A native library lay in /tmp under a predictable name. */
class PrivateTempTest {
    @TempDir
    private Path common;

    private static String permissions(Path path) throws IOException {
        return PosixFilePermissions.toString(Files.getPosixFilePermissions(path));
    }

    @Test
    void theFolderIsTheUsersAlone() throws IOException {
        PrivateTemp first = PrivateTemp.in(common);
        assertThat(permissions(first.base())).isEqualTo("rwx------");
        assertThat(PrivateTemp.in(common).base()).as("once more").isEqualTo(first.base());
    }

    @Test
    void oneThatOthersCanWriteIsNotTaken() throws IOException {
        Path planted = PrivateTemp.in(common).base();
        Files.setPosixFilePermissions(planted, PosixFilePermissions.fromString("rwxrwxrwx"));
        PrivateTemp other = PrivateTemp.in(common);
        assertThat(other.base()).isNotEqualTo(planted);
        assertThat(permissions(other.base())).isEqualTo("rwx------");
    }

    @Test
    void aLinkIsNotFollowed() throws IOException {
        Path base = PrivateTemp.in(common).base();
        Files.delete(base);
        Path elsewhere = Files.createDirectory(
                common.resolve("elsewhere"),
                PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rwx------")));
        Files.createSymbolicLink(base, elsewhere);
        assertThat(PrivateTemp.in(common).base()).isNotEqualTo(base);
    }

    @Test
    void theLibraryIsUnpackedOnceAndWhole() throws IOException {
        PrivateTemp temp = PrivateTemp.in(common);
        Path library = temp.skija().resolve("libskija.so");
        assertThat(Files.size(library)).isGreaterThan(20_000_000);
        assertThat(library.getParent()).isDirectoryNotContaining(path -> !path.equals(library));
        var made = Files.getLastModifiedTime(library);
        assertThat(temp.skija()).isEqualTo(library.getParent());
        assertThat(Files.getLastModifiedTime(library)).isEqualTo(made);
    }

    @Test
    void whatKilledProcessesLeftIsSweptAndNothingElse() throws IOException {
        PrivateTemp temp = PrivateTemp.in(common);
        Path dead = Files.createDirectories(temp.base().resolve("99999999"));
        Files.writeString(dead.resolve("left.so"), "left");
        Path living = Files.createDirectories(
                temp.base().resolve(Long.toString(ProcessHandle.current().pid())));
        Path other = Files.createDirectories(temp.base().resolve("what-else"));
        temp.sweep();
        assertThat(dead).doesNotExist();
        assertThat(living).exists();
        assertThat(other).exists();
    }
}
