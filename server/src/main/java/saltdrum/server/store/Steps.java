package saltdrum.server.store;

/** What undo and redo would do, in words; null when there is nothing. */
public record Steps(String undo, String redo) {}
