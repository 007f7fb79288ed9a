package saltdrum.server.store.media;

/** Where a clip is listed. */
public enum Shelf {
    /** At hand. */
    HERE,
    ARCHIVED,
    /** It can be brought back for a while. */
    REMOVED
}
