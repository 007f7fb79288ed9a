package saltdrum.server.store.watched;

import java.time.OffsetDateTime;

/**
 * A file of the watched folder, as it is at present.
 *
 * @param path relative to the folder
 */
public record WatchedFile(String path, long bytes, OffsetDateTime modified) {}
