package saltdrum.server.packed;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import saltdrum.core.BadInputException;
import saltdrum.server.store.media.MediaStore;

/** Reads the untrusted ZIP of a clip package: its paths are never used for writing, and sizes are limited. */
final class PackageArchive implements AutoCloseable {
    private static final int MOST_ENTRIES = 2000;
    private static final int MOST_SAID = 96 << 20;
    static final int MOST_FILE = 40 << 20;
    private static final Pattern ENTRIES =
            Pattern.compile("clip\\.json|fonts/\\d{1,4}\\.(ttf|otf|woff2)|stickers/\\d{1,4}\\.(svg|png)"
                    + "|pictures/\\d{1,4}\\.png|media/clip\\.(mp4|webm|mkv)");

    private final ZipFile zip;

    PackageArchive(Path file) {
        try {
            zip = new ZipFile(file.toFile());
        } catch (ZipException e) {
            throw new BadInputException("This ZIP is damaged or incomplete. Upload it again.");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        if (zip.size() > MOST_ENTRIES || zip.stream().anyMatch(PackageArchive::strange)) {
            close();
            throw new BadInputException(
                    "This ZIP has files that do not belong to a clip package. Nothing was imported.");
        }
    }

    private static boolean strange(ZipEntry entry) {
        return !ENTRIES.matcher(entry.getName()).matches();
    }

    /** Whether a file begins as a ZIP does (APPNOTE 4.3.7). */
    static boolean isOne(Path file) throws IOException {
        try (InputStream in = Files.newInputStream(file)) {
            byte[] head = in.readNBytes(4);
            return head.length == 4 && head[0] == 'P' && head[1] == 'K' && head[2] == 3 && head[3] == 4;
        }
    }

    PackageManifest said() {
        return PackageManifest.FORM.read(new String(bytes(ClipPacker.ABOUT, MOST_SAID), StandardCharsets.UTF_8));
    }

    byte[] bytes(String name, int most) {
        try (InputStream in = open(name)) {
            byte[] bytes = in.readNBytes(most + 1);
            if (bytes.length > most) {
                throw new BadInputException("A file in this ZIP is too large for a clip package.");
            }
            return bytes;
        } catch (ZipException e) {
            throw damaged();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Writes an entry to a file. */
    void write(String name, Path out) {
        try (InputStream in = open(name);
                OutputStream file = Files.newOutputStream(out)) {
            byte[] buffer = new byte[1 << 16];
            long total = 0;
            for (int n = in.read(buffer); n >= 0; n = in.read(buffer)) {
                total += n;
                if (total > MediaStore.MOST_BYTES) {
                    throw new BadInputException("The clip in this ZIP is larger than 4 GB.");
                }
                file.write(buffer, 0, n);
            }
        } catch (ZipException e) {
            throw damaged();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private InputStream open(String name) throws IOException {
        ZipEntry entry = name == null ? null : zip.getEntry(name);
        if (entry == null) {
            throw new BadInputException("This ZIP is not a clip package: a part is missing.");
        }
        return zip.getInputStream(entry);
    }

    private static BadInputException damaged() {
        return new BadInputException("This ZIP is damaged. Nothing was imported; copy it again.");
    }

    @Override
    public void close() {
        try {
            zip.close();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
