package saltdrum.server.store;

/** A track's own row; {@code recipe}, {@code frame} and {@code beside} as JSON. */
record TrackRow(
        String id,
        long version,
        String language,
        String style,
        String recipe,
        String frame,
        long nextId,
        String beside) {}
