package saltdrum.server.store.track;

import java.time.OffsetDateTime;
import saltdrum.core.MayBeMissing;

/**
 * One step of a track's history.
 *
 * @param by name of the author; null if sign-in is off, and for background work
 */
public record HistoryRow(long seq, String said, boolean undone, OffsetDateTime made, @MayBeMissing String by) {}
