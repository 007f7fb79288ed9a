package saltdrum.server.store.watched;

/** A file of the watched folder that could not become a clip, and why. */
public record WatchedFault(String path, String fault) {}
