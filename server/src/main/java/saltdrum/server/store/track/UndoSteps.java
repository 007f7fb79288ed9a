package saltdrum.server.store.track;

/** What undo and redo would do, in words; null when there is nothing. */
public record UndoSteps(String undo, String redo) {}
