package saltdrum.server.store.people;

import java.util.List;
import org.springframework.stereotype.Component;

/** The audit log: sign-ins, people, links, client settings, deliveries, deletions. Entries are kept for a year. */
@Component
public class AuditLog {
    private final AuditMapper entries;
    private final Actor actor;

    AuditLog(AuditMapper entries, Actor actor) {
        this.entries = entries;
        this.actor = actor;
    }

    /** Adds an entry for the present caller. */
    public void add(String did, String about) {
        entries.add(actor.personId(), did, about);
    }

    /** @param personId null for a stranger */
    public void add(Long personId, String did, String about) {
        entries.add(personId, did, about);
    }

    /** The newest first, of those before one; {@code Long.MAX_VALUE} for the newest of all. */
    public List<AuditEntry> before(long id, int most) {
        return entries.before(id, most);
    }

    /** The oldest first. */
    public List<AuditEntry> all() {
        return entries.all();
    }

    public void forgetOld() {
        entries.forgetOld();
    }
}
