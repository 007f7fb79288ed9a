package saltdrum.server.store;

import java.time.OffsetDateTime;

/** One step of a track's history. */
public record HistoryRow(long seq, String said, boolean undone, OffsetDateTime made) {}
