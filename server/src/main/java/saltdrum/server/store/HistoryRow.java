package saltdrum.server.store;

import java.time.OffsetDateTime;
import saltdrum.core.MayBeMissing;

/**
 * One step of a track's history.
 *
 * @param by name of who made it; null where nobody signs in, and for what work in the background made
 */
public record HistoryRow(long seq, String said, boolean undone, OffsetDateTime made, @MayBeMissing String by) {}
