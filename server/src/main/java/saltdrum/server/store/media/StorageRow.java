package saltdrum.server.store.media;

/**
 * Storage that the workshop uses, in bytes.
 *
 * @param besideBytes working files: videos for the browser, posters, sounds
 * @param removed clips that can still be restored
 */
public record StorageRow(
        int clips,
        long clipBytes,
        long besideBytes,
        int renders,
        long renderBytes,
        int removed,
        long allBytes,
        long databaseBytes) {}
