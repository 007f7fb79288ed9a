package saltdrum.server.store;

/** A track's own row; {@code recipe} and {@code frame} as JSON. */
record TrackRow(String clipId, long version, String language, String style, String recipe, String frame, long nextId) {}
