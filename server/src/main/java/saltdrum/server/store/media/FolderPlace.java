package saltdrum.server.store.media;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** A folder of this machine, or one that several share. */
final class FolderPlace implements MediaPlace {
    private final Path files;

    FolderPlace(Path files) throws IOException {
        this.files = Files.createDirectories(files);
    }

    @Override
    public Path file(String hash) {
        return files.resolve(hash.substring(0, 2)).resolve(hash);
    }

    @Override
    public boolean has(String hash) {
        return Files.exists(file(hash));
    }

    @Override
    public String where() {
        return files.toString();
    }

    @Override
    public void prepare(String hash, Path file) {
        // Moving within a disk takes no time.
    }

    /** What is made stays until the row is written, so that this can be tried again. */
    @Override
    public void put(String hash, Path made) {
        Path place = file(hash);
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

    @Override
    public long size(String hash) {
        try {
            return Files.size(file(hash));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Override
    public InputStream from(String hash, long first) {
        try {
            InputStream in = Files.newInputStream(file(hash));
            in.skipNBytes(first);
            return in;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Override
    public void remove(String hash) {
        try {
            Files.deleteIfExists(file(hash));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Override
    public Set<String> all() {
        try (Stream<Path> inside = Files.find(files, 2, (path, facts) -> facts.isRegularFile())) {
            return inside.map(path -> path.getFileName().toString()).collect(Collectors.toSet());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
