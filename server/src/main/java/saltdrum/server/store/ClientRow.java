package saltdrum.server.store;

/** A client of the workshop. */
public record ClientRow(long id, String name) {}
