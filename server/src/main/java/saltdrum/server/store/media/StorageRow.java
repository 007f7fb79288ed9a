package saltdrum.server.store.media;

/**
 * What the workshop keeps, in bytes.
 *
 * @param besideBytes what is made to work with the clips: films for the browser, posters, sounds
 * @param removed clips that can still be brought back
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
