package saltdrum.media.natives;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.DirectoryStream;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.FileAttribute;
import java.nio.file.attribute.PosixFileAttributes;
import java.nio.file.attribute.PosixFilePermission;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

/**
 * Loads native libraries from a folder that no other user can write to. They unpack themselves to {@code
 * java.io.tmpdir}, one of them under a predictable name: in {@code /tmp} another user could put a library of theirs
 * there first.
 *
 * <p>The launcher gives each process a temporary folder of its own, named by its process id, inside the installation:
 * Java reads the property before any code of ours runs. If started in another way, the library with the predictable
 * name is still unpacked to a private folder.
 */
public final class PrivateTemp {
    private static final Set<PosixFilePermission> OURS_ALONE = PosixFilePermissions.fromString("rwx------");
    private static final FileAttribute<?> PRIVATE = PosixFilePermissions.asFileAttribute(OURS_ALONE);
    private static final String SKIJA = "/io/github/humbleui/skija/linux/x64/";
    private static final String LIBRARY = "libskija.so";

    private final Path base;

    private PrivateTemp(Path base) {
        this.base = base;
    }

    /** Has to come before the library is used. */
    public static void use() {
        try {
            Path given = Path.of(System.getProperty("java.io.tmpdir"));
            boolean own = given.endsWith(Long.toString(ProcessHandle.current().pid())) && isOurs(given);
            PrivateTemp temp = own ? new PrivateTemp(given.getParent()) : in(given);
            System.setProperty("skija.library.path", temp.skija().toString());
            if (own) {
                temp.sweep();
                Runtime.getRuntime().addShutdownHook(new Thread(() -> delete(given)));
            }
        } catch (IOException e) {
            // Not fatal: without it the process behaves like other programs, and a full disk is reported where it
            // matters.
            System.getLogger(PrivateTemp.class.getName())
                    .log(
                            System.Logger.Level.WARNING,
                            "native libraries are unpacked to the common temporary folder",
                            e);
        }
    }

    /** A folder of the user's, always of the same name; one with a random name where that one is not safe to use. */
    static PrivateTemp in(Path common) throws IOException {
        Path base = common.resolve("salt-drum-" + System.getProperty("user.name"));
        try {
            Files.createDirectory(base, PRIVATE);
        } catch (FileAlreadyExistsException there) {
            if (!isOurs(base)) {
                base = Files.createTempDirectory(common, "salt-drum-", PRIVATE);
            }
        }
        return new PrivateTemp(base);
    }

    private static boolean isOurs(Path folder) throws IOException {
        PosixFileAttributes is = Files.readAttributes(folder, PosixFileAttributes.class, LinkOption.NOFOLLOW_LINKS);
        return is.isDirectory()
                && is.permissions().equals(OURS_ALONE)
                && is.owner().equals(Files.getOwner(Path.of("/proc/self")));
    }

    Path base() {
        return base;
    }

    /** Unpacked once for all processes of the user. @return the folder that the library is in */
    Path skija() throws IOException {
        String version;
        try (InputStream in = PrivateTemp.class.getResourceAsStream(SKIJA + "skija.version")) {
            version = in == null ? "none" : new String(in.readAllBytes(), StandardCharsets.US_ASCII).strip();
        }
        Path folder = Files.createDirectories(base.resolve("skija-" + version), PRIVATE);
        Path library = folder.resolve(LIBRARY);
        if (!Files.exists(library)) {
            Path part = Files.createTempFile(folder, LIBRARY, null);
            try (InputStream in = PrivateTemp.class.getResourceAsStream(SKIJA + LIBRARY)) {
                if (in != null) {
                    Files.copy(in, part, StandardCopyOption.REPLACE_EXISTING);
                    Files.move(part, library, StandardCopyOption.ATOMIC_MOVE);
                }
            } finally {
                Files.deleteIfExists(part);
            }
        }
        return folder;
    }

    /** Deletes what processes that are gone left. */
    void sweep() throws IOException {
        try (DirectoryStream<Path> folders = Files.newDirectoryStream(base)) {
            for (Path folder : folders) {
                String name = folder.getFileName().toString();
                if (name.matches("\\d{1,18}")
                        && ProcessHandle.of(Long.parseLong(name))
                                .filter(ProcessHandle::isAlive)
                                .isEmpty()) {
                    delete(folder);
                }
            }
        }
    }

    private static void delete(Path folder) {
        try (Stream<Path> all = Files.walk(folder)) {
            List<Path> deepestFirst = all.sorted(Comparator.reverseOrder()).toList();
            for (Path path : deepestFirst) {
                Files.deleteIfExists(path);
            }
        } catch (NoSuchFileException othersWereFirst) {
            // As wished.
        } catch (IOException e) {
            System.getLogger(PrivateTemp.class.getName())
                    .log(System.Logger.Level.DEBUG, "something of a temporary folder stays", e);
        }
    }
}
