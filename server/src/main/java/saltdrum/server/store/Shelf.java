package saltdrum.server.store;

/** Where a clip lies. */
public enum Shelf {
    /** At hand. */
    HERE,
    ARCHIVED,
    /** It can be brought back for a while. */
    REMOVED
}
