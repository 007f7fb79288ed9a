package saltdrum.server.store;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.DigestOutputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import saltdrum.core.BadInputException;
import saltdrum.media.burn.Halves;
import saltdrum.server.Settings;

/**
 * Media bytes by their SHA-256 in a folder that only its owner can enter. A file is written aside and moved in whole, so
 * none is ever half there.
 */
@Component
public class MediaStore {
    public static final long MOST_BYTES = 4L << 30;

    private final Path files;
    private final WorkFolder work;
    private final Path halves;
    private final MediaFileMapper mapper;
    private final TransactionTemplate once;

    MediaStore(Settings settings, MediaFileMapper mapper, PlatformTransactionManager transactions) throws IOException {
        Path data = Files.createDirectories(settings.data().toAbsolutePath());
        Files.setPosixFilePermissions(data, PosixFilePermissions.fromString("rwx------"));
        this.files = Files.createDirectories(data.resolve("media"));
        this.work = new WorkFolder(data.resolve("work"));
        this.halves = Files.createDirectories(data.resolve("halves"));
        this.mapper = mapper;
        this.once = new TransactionTemplate(transactions);
    }

    public Path file(String hash) {
        return files.resolve(hash.substring(0, 2)).resolve(hash);
    }

    /** A fresh path for work in progress; the caller deletes it or keeps it with {@link #keep}. */
    public Path workFile(String ending) {
        return work.fresh(ending);
    }

    /** Where a job keeps what is whole of its film until it is finished; it outlives the server. */
    public Path halves(String jobId) {
        return halves.resolve(jobId);
    }

    /** Forgets what unfinished films of other jobs than these have left. */
    public void sweepHalves(Set<String> openJobs) {
        try (Stream<Path> folders = Files.list(halves)) {
            folders.filter(folder -> !openJobs.contains(folder.getFileName().toString()))
                    .forEach(Halves::clear);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
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
            long bytes = Files.size(workFile);
            Files.setPosixFilePermissions(workFile, PosixFilePermissions.fromString("rw-------"));
            once.executeWithoutResult(status -> {
                mapper.alone(hash);
                mapper.add(hash, bytes);
                link(workFile, file(hash));
            });
            discard(workFile);
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

    /** What is made stays until the row is written, so that this can be tried again. */
    private static void link(Path made, Path place) {
        try {
            Files.createDirectories(place.getParent());
            if (!Files.exists(place) || Files.size(place) != Files.size(made)) {
                Files.deleteIfExists(place);
                Files.createLink(place, made);
            }
        } catch (UnsupportedOperationException | FileSystemException noLinksHere) {
            move(made, place);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static void move(Path from, Path to) {
        try {
            Files.move(from, to, StandardCopyOption.ATOMIC_MOVE);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /**
     * Deletes the bytes that nothing refers to any more, and what killed servers left. Bytes that come in meanwhile are
     * kept: of one content only one of both happens at a time.
     */
    public void sweep() {
        for (String hash : mapper.unused()) {
            once.executeWithoutResult(status -> {
                mapper.alone(hash);
                if (mapper.mayRemove() && mapper.removeUnused(hash) == 1) {
                    discard(file(hash));
                }
            });
        }
        strays().forEach(hash -> once.executeWithoutResult(status -> {
            mapper.alone(hash);
            if (mapper.mayRemove() && !mapper.has(hash)) {
                discard(file(hash));
            }
        }));
        work.sweep();
    }

    /** Files that no row tells of: they were moved in when the database lost what it had not yet written for good. */
    private List<String> strays() {
        Set<String> told = mapper.all();
        try (Stream<Path> inside = Files.find(files, 2, (path, facts) -> facts.isRegularFile())) {
            return inside.map(path -> path.getFileName().toString())
                    .filter(hash -> !told.contains(hash))
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
