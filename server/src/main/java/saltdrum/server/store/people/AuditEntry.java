package saltdrum.server.store.people;

import java.time.OffsetDateTime;
import saltdrum.core.MayBeMissing;

/**
 * An entry of the audit log.
 *
 * @param person the name at that time; missing if sign-in is off, and for strangers
 * @param about what was acted on, by its name at that time
 */
public record AuditEntry(long id, OffsetDateTime made, @MayBeMissing String person, String did, String about) {}
