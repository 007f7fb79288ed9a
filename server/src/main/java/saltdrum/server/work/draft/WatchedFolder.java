package saltdrum.server.work.draft;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.attribute.BasicFileAttributes;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import saltdrum.core.BadInputException;
import saltdrum.core.SaltDrumException;
import saltdrum.server.Settings;
import saltdrum.server.store.clip.ClientStore;
import saltdrum.server.store.media.MediaStore;
import saltdrum.server.store.watched.WatchedFile;
import saltdrum.server.store.watched.WatchedFileStore;
import saltdrum.server.work.run.IgnoreDatabaseOutage;

/**
 * Takes clips from a folder: those in it are the workshop's, those in a folder inside are the client's of that name. A
 * file is taken when it has stopped growing; it is copied, and stays where it is.
 */
@Component
public class WatchedFolder {
    private static final Logger LOG = LoggerFactory.getLogger(WatchedFolder.class);
    private static final long EVERY_MS = 2000;
    private static final Duration SETTLED = Duration.ofSeconds(2);
    private static final Set<String> ENDINGS = Set.of("mp4", "mov", "m4v", "webm", "mkv");

    private final Path folder;
    private final ClientStore clients;
    private final WatchedFileStore files;
    private final MediaStore media;
    private final Arrivals arrivals;
    /** As they were at the look before. */
    private Map<String, WatchedFile> before = Map.of();

    private final ScheduledExecutorService looks = Executors.newSingleThreadScheduledExecutor(work -> {
        Thread thread = new Thread(work, "watched folder");
        thread.setDaemon(true);
        return thread;
    });

    /** @param watched empty for none */
    WatchedFolder(
            @Value("${salt-drum.watch:}") String watched,
            Settings settings,
            ClientStore clients,
            WatchedFileStore files,
            MediaStore media,
            Arrivals arrivals) {
        boolean watches = settings.role() == Settings.Role.SERVER && !watched.isBlank();
        this.folder = watches ? Path.of(watched).toAbsolutePath().normalize() : null;
        this.clients = clients;
        this.files = files;
        this.media = media;
        this.arrivals = arrivals;
    }

    /** The folder that is watched; null for none. */
    public Path folder() {
        return folder;
    }

    /** A thread of its own: a large file is copied for longer than the heartbeat of the server may be silent. */
    @EventListener(ApplicationReadyEvent.class)
    void start() {
        if (folder != null) {
            looks.scheduleWithFixedDelay(this::lookSafely, EVERY_MS, EVERY_MS, TimeUnit.MILLISECONDS);
        }
    }

    @PreDestroy
    void stop() {
        looks.shutdownNow();
    }

    private void lookSafely() {
        try {
            look();
        } catch (RuntimeException e) {
            LOG.warn("the watched folder {} could not be looked at", folder, e);
        }
    }

    private void look() {
        if (!Files.isDirectory(folder)) {
            return;
        }
        Map<String, WatchedFile> now = new HashMap<>();
        for (Path file : videos()) {
            WatchedFile seen = seen(file);
            if (seen == null) {
                continue;
            }
            now.put(seen.path(), seen);
            boolean settled = seen.equals(before.get(seen.path()))
                    && seen.modified().toInstant().isBefore(Instant.now().minus(SETTLED));
            if (settled) {
                IgnoreDatabaseOutage.call(() -> take(file, seen));
            }
        }
        before = now;
    }

    private List<Path> videos() {
        try (Stream<Path> all = Files.walk(folder, 2)) {
            return all.filter(file -> Files.isRegularFile(file, LinkOption.NOFOLLOW_LINKS))
                    .filter(file -> !file.getFileName().toString().startsWith("."))
                    .filter(file -> ENDINGS.contains(ending(file)))
                    .sorted()
                    .toList();
        } catch (IOException | UncheckedIOException e) {
            LOG.warn("the watched folder {} cannot be read: {}", folder, e.getMessage());
            return List.of();
        }
    }

    private static String ending(Path file) {
        String name = file.getFileName().toString();
        return name.substring(name.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT);
    }

    /** Null where it is gone by now. */
    private WatchedFile seen(Path file) {
        try {
            BasicFileAttributes found =
                    Files.readAttributes(file, BasicFileAttributes.class, LinkOption.NOFOLLOW_LINKS);
            return new WatchedFile(
                    folder.relativize(file).toString(),
                    found.size(),
                    // As exact as the database keeps it.
                    found.lastModifiedTime()
                            .toInstant()
                            .truncatedTo(ChronoUnit.MICROS)
                            .atOffset(ZoneOffset.UTC));
        } catch (IOException e) {
            return null;
        }
    }

    private void take(Path file, WatchedFile seen) {
        if (!files.claim(seen)) {
            return;
        }
        Path copy = media.workFile("." + ending(file));
        try {
            Files.copy(file, copy);
            files.became(seen, arrivals.clip(copy, file.getFileName().toString(), client(file)));
        } catch (BadInputException e) {
            LOG.info("{} in the watched folder was refused: {}", seen.path(), e.getMessage());
            files.refused(seen, e.getMessage());
        } catch (SaltDrumException e) {
            LOG.warn("{} in the watched folder could not be taken", seen.path(), e);
            files.failed(seen, e.getMessage());
        } catch (IOException | UncheckedIOException e) {
            LOG.warn("{} in the watched folder could not be copied", seen.path(), e);
            files.failed(seen, "It could not be copied. It is tried again in half an hour.");
        } finally {
            media.discard(copy);
        }
    }

    /** Null for a file in the folder itself. */
    private Long client(Path file) {
        Path parent = file.getParent();
        return parent.equals(folder)
                ? null
                : clients.named(parent.getFileName().toString()).id();
    }
}
