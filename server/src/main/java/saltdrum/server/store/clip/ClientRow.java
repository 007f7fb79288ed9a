package saltdrum.server.store.clip;

/** A client of the workshop. */
public record ClientRow(long id, String name) {}
