package saltdrum.server.store;

/** A track's own row; {@code recipe}, {@code frame} and {@code beside} as JSON; the length is its clip's. */
record TrackRow(
        String id,
        long version,
        String language,
        String style,
        String recipe,
        String frame,
        long nextId,
        String beside,
        Integer lengthMs) {}
