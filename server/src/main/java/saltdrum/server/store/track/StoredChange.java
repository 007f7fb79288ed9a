package saltdrum.server.store.track;

/** A track before and after one change; both the same where nothing changed. */
public record StoredChange(StoredTrack before, StoredTrack after) {}
