package saltdrum.server.access.signin;

import java.util.List;
import org.springframework.jdbc.core.JdbcOperations;
import org.springframework.security.web.webauthn.api.Bytes;
import org.springframework.security.web.webauthn.api.CredentialRecord;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialUserEntity;
import org.springframework.security.web.webauthn.management.JdbcPublicKeyCredentialUserEntityRepository;
import org.springframework.security.web.webauthn.management.JdbcUserCredentialRepository;
import org.springframework.security.web.webauthn.management.PublicKeyCredentialUserEntityRepository;
import org.springframework.security.web.webauthn.management.UserCredentialRepository;
import org.springframework.stereotype.Component;
import saltdrum.server.store.NotFoundException;
import saltdrum.server.store.people.AuditLog;
import saltdrum.server.store.people.PersonStore;

/**
 * Passkeys (WebAuthn) of this workshop's people. Spring Security runs the ceremonies and reports each outcome by
 * saving: a new key after a registration, a known one after a sign-in.
 */
@Component
public class Passkeys implements UserCredentialRepository {
    private final UserCredentialRepository keys;
    private final PublicKeyCredentialUserEntityRepository owners;
    private final PersonStore people;
    private final AuditLog audit;

    Passkeys(JdbcOperations database, PersonStore people, AuditLog audit) {
        this.keys = new JdbcUserCredentialRepository(database);
        this.owners = new JdbcPublicKeyCredentialUserEntityRepository(database);
        this.people = people;
        this.audit = audit;
    }

    public PublicKeyCredentialUserEntityRepository owners() {
        return owners;
    }

    /** In the order in which they were added. */
    public List<CredentialRecord> of(long personId) {
        PublicKeyCredentialUserEntity owner = owners.findByUsername(Long.toString(personId));
        return owner == null
                ? List.of()
                : keys.findByUserId(owner.getId()).stream()
                        .sorted((a, b) -> a.getCreated().compareTo(b.getCreated()))
                        .toList();
    }

    /** @throws NotFoundException for one that is not the person's */
    public void remove(long personId, String id) {
        CredentialRecord key = of(personId).stream()
                .filter(one -> one.getCredentialId().toBase64UrlString().equals(id))
                .findFirst()
                .orElseThrow(() -> new NotFoundException("That passkey no longer exists."));
        keys.delete(key.getCredentialId());
    }

    @Override
    public void save(CredentialRecord key) {
        boolean known = keys.findByCredentialId(key.getCredentialId()) != null;
        keys.save(key);
        long personId =
                Long.parseLong(owners.findById(key.getUserEntityUserId()).getName());
        audit.add(personId, known ? "Signed in with a passkey" : "Added a passkey", key.getLabel());
        if (known) {
            people.seen(personId);
        }
    }

    @Override
    public CredentialRecord findByCredentialId(Bytes id) {
        return keys.findByCredentialId(id);
    }

    @Override
    public List<CredentialRecord> findByUserId(Bytes id) {
        return keys.findByUserId(id);
    }

    @Override
    public void delete(Bytes id) {
        keys.delete(id);
    }
}
