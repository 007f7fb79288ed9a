package saltdrum.server.store.media;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/** Local copies of files of a remote store; the least recently used are deleted when they exceed the limit. */
final class LocalMediaCache {
    /** A requested file is opened soon; open files may be evicted. */
    private static final Duration IN_HAND = Duration.ofMinutes(10);

    private final Path folder;
    private final WorkFolder work;
    private final long mostBytes;

    LocalMediaCache(Path folder, WorkFolder work, long mostBytes) throws IOException {
        this.folder = Files.createDirectories(folder);
        this.work = work;
        this.mostBytes = mostBytes;
    }

    Path path(String hash) {
        return folder.resolve(hash);
    }

    Path fresh() {
        return work.fresh(".part");
    }

    /** Null where it is not here. */
    Path find(String hash) {
        Path file = path(hash);
        try {
            Files.setLastModifiedTime(file, FileTime.from(Instant.now()));
            return file;
        } catch (NoSuchFileException notHere) {
            return null;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** A file on the same disk becomes one of these, too. */
    void keep(String hash, Path made) {
        try {
            if (!Files.exists(path(hash))) {
                Files.createLink(path(hash), made);
            }
            find(hash);
            makeRoom();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    void forget(String hash) {
        discard(path(hash));
    }

    void discard(Path file) {
        try {
            Files.deleteIfExists(file);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private record Here(Path file, FileTime used, long bytes) {
        static Here of(Path file) {
            try {
                return new Here(file, Files.getLastModifiedTime(file), Files.size(file));
            } catch (IOException gone) {
                return new Here(file, FileTime.fromMillis(0), 0);
            }
        }
    }

    private synchronized void makeRoom() throws IOException {
        List<Here> all;
        try (Stream<Path> inside = Files.list(folder)) {
            all = inside.map(Here::of).sorted(Comparator.comparing(Here::used)).toList();
        }
        long bytes = all.stream().mapToLong(Here::bytes).sum();
        Instant inHand = Instant.now().minus(IN_HAND);
        for (Here one : all) {
            if (bytes <= mostBytes || one.used().toInstant().isAfter(inHand)) {
                return;
            }
            discard(one.file());
            bytes -= one.bytes();
        }
    }
}
