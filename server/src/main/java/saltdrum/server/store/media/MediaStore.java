package saltdrum.server.store.media;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.net.URI;
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
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import saltdrum.core.BadInputException;
import saltdrum.core.SaltDrumException;
import saltdrum.media.burn.ResumableBurn;
import saltdrum.server.Settings;
import saltdrum.server.store.OpaqueIds;
import saltdrum.server.store.job.Attempt;

/**
 * Media bytes by their SHA-256: in a folder that only its owner can enter, or in an S3 store. A file is written aside and
 * put there whole, so none is ever half there.
 */
@Component
public class MediaStore {
    public static final long MOST_BYTES = 4L << 30;

    /** The hash of no bytes: no such file is ever stored, so any store can be probed for it. */
    private static final String NOTHING = OpaqueIds.hash(new byte[0]);

    private final MediaPlace place;
    private final WorkFolder work;
    private final Path halves;
    private final MediaFileMapper mapper;
    private final TransactionTemplate once;

    MediaStore(Settings settings, MediaFileMapper mapper, PlatformTransactionManager transactions) throws IOException {
        Path data = Files.createDirectories(settings.data().toAbsolutePath());
        Files.setPosixFilePermissions(data, PosixFilePermissions.fromString("rwx------"));
        this.work = new WorkFolder(data.resolve("work"));
        this.place = place(settings, data, work);
        this.halves = Files.createDirectories(data.resolve("halves"));
        this.mapper = mapper;
        this.once = new TransactionTemplate(transactions);
    }

    private static MediaPlace place(Settings settings, Path data, WorkFolder work) throws IOException {
        if (settings.mediaUrl() == null || settings.mediaUrl().isBlank()) {
            return new FolderPlace(data.resolve("media"));
        }
        URI url = URI.create(settings.mediaUrl());
        if (!"s3".equals(url.getScheme()) || url.getHost() == null) {
            throw new SaltDrumException("Media are stored in a folder or at s3://BUCKET/PREFIX, not at “" + url + "”.");
        }
        long mostBytes = settings.mediaNearGigabytes() * 1_000_000_000L;
        return new S3Place(url, settings.mediaEndpoint(), new LocalMediaCache(data.resolve("near"), work, mostBytes));
    }

    /** A file on this machine with those bytes; from a store elsewhere it is brought here. */
    public Path file(String hash) {
        return place.file(hash);
    }

    boolean has(String hash) {
        return place.has(hash);
    }

    /** The location of the store, for messages. */
    String where() {
        return place.where();
    }

    /** The problem with the store, in a sentence; null if there is none. */
    public String trouble() {
        try {
            place.has(NOTHING);
            return null;
        } catch (MediaStoreException e) {
            return e.getMessage();
        }
    }

    /** A response body that reads only the requested range. */
    public Resource resource(String hash) {
        return place instanceof FolderPlace ? new FileSystemResource(place.file(hash)) : new StoredFile(place, hash);
    }

    /** A fresh path for work in progress; the caller deletes it or keeps it with {@link #keep}. */
    public Path workFile(String ending) {
        return work.fresh(ending);
    }

    /**
     * Where an attempt keeps what is whole of its film until it is finished; it outlives the server. What an earlier
     * attempt left goes over to this one: that one, should it still be at work, finds its folder gone.
     */
    public Path halves(Attempt attempt) {
        Path own = halves.resolve(attempt.folder());
        try (Stream<Path> folders = Files.list(halves)) {
            for (Path left : folders.filter(
                            folder -> attempt.follows(folder.getFileName().toString()))
                    .sorted()
                    .toList()) {
                if (Files.exists(own)) {
                    ResumableBurn.clear(left);
                } else {
                    Files.move(left, own, StandardCopyOption.ATOMIC_MOVE);
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return own;
    }

    private static String jobOf(Path folder) {
        return Attempt.jobOf(folder.getFileName().toString());
    }

    /**
     * Removes leftovers of films that are no longer being made, because their worker was killed or woke up too late.
     *
     * @param openJobs evaluated after the folders are listed, so that the folder of a job that starts meanwhile is
     * not removed
     */
    public void sweepHalves(Supplier<Set<String>> openJobs) {
        try (Stream<Path> folders = Files.list(halves)) {
            List<Path> left = folders.toList();
            Set<String> open = left.isEmpty() ? Set.of() : openJobs.get();
            left.stream().filter(folder -> !open.contains(jobOf(folder))).forEach(ResumableBurn::clear);
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

    /**
     * Streams to the disk without holding more than a buffer. The result is a work file.
     *
     * @param declared how long it says it is; -1 where it does not say
     * @param most bytes that are taken
     * @throws BadInputException when it is longer; at once where it says so
     */
    public Path receive(InputStream in, long declared, long most) throws IOException {
        if (declared > most) {
            throw tooLong(most);
        }
        Path part = workFile(".part");
        try (OutputStream out = Files.newOutputStream(part)) {
            byte[] buffer = new byte[1 << 16];
            long total = 0;
            for (int n = in.read(buffer); n >= 0; n = in.read(buffer)) {
                total += n;
                if (total > most) {
                    throw tooLong(most);
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

    private static BadInputException tooLong(long most) {
        return new BadInputException(
                most >= MOST_BYTES
                        ? "The file is larger than 4 GB. Export a smaller clip and upload that."
                        : "The file is larger than " + most / 1_000_000 + " MB. Nothing was imported.");
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
            place.prepare(hash, workFile);
            once.executeWithoutResult(status -> {
                mapper.alone(hash);
                mapper.add(hash, bytes);
                place.put(hash, workFile);
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

    /**
     * Deletes the bytes that nothing refers to any more, and what killed servers left. Bytes that come in meanwhile are
     * kept: of one content only one of both happens at a time.
     */
    public void sweep() {
        for (String hash : mapper.unused()) {
            once.executeWithoutResult(status -> {
                mapper.alone(hash);
                if (mapper.mayRemove() && mapper.removeUnused(hash) == 1) {
                    place.remove(hash);
                }
            });
        }
        strays().forEach(hash -> once.executeWithoutResult(status -> {
            mapper.alone(hash);
            if (mapper.mayRemove() && !mapper.has(hash)) {
                place.remove(hash);
            }
        }));
        work.sweep();
    }

    /** Files without a row: they were stored when the database lost its last transactions. */
    private List<String> strays() {
        Set<String> told = mapper.all();
        return place.all().stream().filter(hash -> !told.contains(hash)).toList();
    }
}
