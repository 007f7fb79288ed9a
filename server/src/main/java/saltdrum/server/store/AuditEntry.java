package saltdrum.server.store;

import java.time.OffsetDateTime;
import saltdrum.core.MayBeMissing;

/**
 * Something that somebody did.
 *
 * @param person name as it was then; missing where nobody signs in, and for a stranger
 * @param about what it was done to, by its name then
 */
public record AuditEntry(long id, OffsetDateTime made, @MayBeMissing String person, String did, String about) {}
