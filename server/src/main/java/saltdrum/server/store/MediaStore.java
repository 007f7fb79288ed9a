package saltdrum.server.store;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.DigestOutputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import org.springframework.stereotype.Component;
import saltdrum.core.BadInputException;
import saltdrum.server.Settings;

/**
 * Media bytes by their SHA-256 in a folder that only its owner can enter. A file is written aside and moved in whole, so
 * none is ever half there.
 */
@Component
public class MediaStore {
    public static final long MOST_BYTES = 4L << 30;

    private final Path files;
    private final Path work;
    private final MediaFileMapper mapper;

    MediaStore(Settings settings, MediaFileMapper mapper) throws IOException {
        Path data = Files.createDirectories(settings.data().toAbsolutePath());
        Files.setPosixFilePermissions(data, PosixFilePermissions.fromString("rwx------"));
        this.files = Files.createDirectories(data.resolve("media"));
        this.work = Files.createDirectories(data.resolve("work"));
        this.mapper = mapper;
    }

    public Path file(String hash) {
        return files.resolve(hash.substring(0, 2)).resolve(hash);
    }

    /** A fresh path for work in progress; the caller deletes it or keeps it with {@link #keep}. */
    public Path workFile(String ending) {
        return work.resolve(Ids.fresh() + ending);
    }

    /** Deletes a work file, if it still is there. */
    public void discard(Path workFile) {
        try {
            Files.deleteIfExists(workFile);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Streams to the disk without holding more than a buffer. The result is a work file. */
    public Path receive(InputStream in) throws IOException {
        Path part = workFile(".part");
        try (OutputStream out = Files.newOutputStream(part)) {
            byte[] buffer = new byte[1 << 16];
            long total = 0;
            for (int n = in.read(buffer); n >= 0; n = in.read(buffer)) {
                total += n;
                if (total > MOST_BYTES) {
                    throw new BadInputException(
                            "The file is larger than 4 GB. Export the clip smaller and bring that.");
                }
                out.write(buffer, 0, n);
            }
            return part;
        } catch (IOException e) {
            Files.deleteIfExists(part);
            throw new UncheckedIOException(e);
        } catch (RuntimeException e) {
            Files.deleteIfExists(part);
            throw e;
        }
    }

    /** Moves a work file into the store. @return its hash */
    public String keep(Path workFile) {
        try {
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            try (OutputStream sink = new DigestOutputStream(OutputStream.nullOutputStream(), digest)) {
                Files.copy(workFile, sink);
            }
            String hash = HexFormat.of().formatHex(digest.digest());
            Path place = file(hash);
            Files.createDirectories(place.getParent());
            long bytes = Files.size(workFile);
            Files.setPosixFilePermissions(workFile, PosixFilePermissions.fromString("rw-------"));
            Files.move(workFile, place, StandardCopyOption.ATOMIC_MOVE);
            mapper.add(hash, bytes);
            return hash;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }

    public String keep(byte[] bytes) {
        try {
            Path part = workFile(".part");
            Files.write(part, bytes);
            return keep(part);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Deletes the bytes that nothing refers to any more. */
    public void sweep() {
        for (String hash : mapper.unused()) {
            try {
                mapper.remove(hash);
                Files.deleteIfExists(file(hash));
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
    }
}
