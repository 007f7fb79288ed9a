package saltdrum.server.store.style;

/**
 * What uses a style.
 *
 * @param clips how many clips, archived ones among them, removed ones not
 * @param clients for how many clients new clips start with it
 */
public record StyleUses(int clips, int clients) {}
