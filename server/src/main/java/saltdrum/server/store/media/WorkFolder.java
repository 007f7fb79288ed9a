package saltdrum.server.store.media;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.util.FileSystemUtils;
import saltdrum.server.store.OpaqueIds;
import saltdrum.server.store.ServerName;

/** Unfinished files, in one folder for each running server; folders of killed servers are deleted. */
final class WorkFolder {
    /** Age above which a file is abandoned, in any process's folder. */
    static final Duration OLD = Duration.ofHours(24);

    private final Path all;
    private final Path own;

    WorkFolder(Path all) throws IOException {
        this.all = Files.createDirectories(all);
        this.own = all.resolve(ServerName.own().toString());
        sweep();
        Files.createDirectories(own);
    }

    Path fresh(String ending) {
        return own.resolve(OpaqueIds.fresh() + ending);
    }

    /** Deletes what servers that are gone left, and what is old. */
    void sweep() {
        Instant before = Instant.now().minus(OLD);
        try (Stream<Path> entries = Files.list(all)) {
            for (Path entry : entries.toList()) {
                String name = entry.getFileName().toString();
                boolean left = ServerName.parse(name).map(ServerName::gone).orElse(!Files.isDirectory(entry));
                if (left) {
                    FileSystemUtils.deleteRecursively(entry);
                } else if (Files.isDirectory(entry)) {
                    deleteOlder(entry, before);
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static void deleteOlder(Path folder, Instant before) throws IOException {
        List<Path> files;
        try (Stream<Path> inside = Files.list(folder)) {
            files = inside.toList();
        }
        for (Path file : files) {
            if (Files.exists(file)
                    && Files.getLastModifiedTime(file).toInstant().isBefore(before)) {
                FileSystemUtils.deleteRecursively(file);
            }
        }
    }
}
