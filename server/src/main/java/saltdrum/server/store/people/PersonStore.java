package saltdrum.server.store.people;

import java.util.Collection;
import java.util.List;
import java.util.Set;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import saltdrum.core.RefusedEditException;
import saltdrum.server.store.NotFoundException;
import saltdrum.server.store.OpaqueIds;

/** People, invitations and links for new passwords. */
@Component
public class PersonStore {
    public static final int INVITATION_HOURS = 72;

    private static final String GONE = "That person no longer exists.";

    private final PersonMapper people;

    PersonStore(PersonMapper people) {
        this.people = people;
    }

    public List<PersonRow> all() {
        return people.all();
    }

    public PersonRow get(long id) {
        PersonRow person = people.find(id);
        if (person == null) {
            throw new NotFoundException(GONE);
        }
        return person;
    }

    /** By Spring's user handle; null if there is no such person. */
    public PersonRow find(String id) {
        return id.chars().allMatch(Character::isDigit) && id.length() < 19 && !id.isEmpty()
                ? people.find(Long.parseLong(id))
                : null;
    }

    /** Ignores case; null if there is no such person. */
    public PersonRow named(String email) {
        return people.named(email);
    }

    public boolean knowsBrowser(long id, String token) {
        return people.knowsBrowser(OpaqueIds.hash(token), id);
    }

    /** @return what shows later that this person has signed in with that browser */
    public String rememberBrowser(long id) {
        String token = OpaqueIds.token();
        people.forgetOldBrowsers();
        people.rememberBrowser(OpaqueIds.hash(token), id);
        return token;
    }

    /** Those of these sessions that have not ended. */
    public Set<String> openSessions(Collection<String> ids) {
        return ids.isEmpty() ? Set.of() : people.openSessions(ids);
    }

    public boolean hasOwner() {
        return people.owners() > 0;
    }

    public void seen(long id) {
        people.seen(id);
    }

    /** All they had open is closed, links they made too unless they are an owner still: they sign in again as what they are now. */
    @Transactional
    public PersonRow become(long id, Role role, Long clientId) {
        PersonRow person = get(id);
        if (person.role() == Role.OWNER && role != Role.OWNER) {
            keepAnOwner();
        }
        people.become(id, role, clientId);
        if (role != Role.OWNER) {
            people.withdrawAllBy(id);
        }
        people.endSessions(Long.toString(id), "");
        return get(id);
    }

    @Transactional
    public void remove(long id) {
        if (get(id).role() == Role.OWNER) {
            keepAnOwner();
        }
        people.remove(id);
        people.endSessions(Long.toString(id), "");
    }

    /** @param but id of a session that stays open */
    public void endOtherSessions(long id, String but) {
        people.endSessions(Long.toString(id), but);
    }

    private void keepAnOwner() {
        if (people.ownersHeld() < 2) {
            throw new RefusedEditException(
                    "A workshop needs an owner. Make another person an owner first. Nothing was changed.");
        }
    }

    /**
     * @param hash of the new password
     * @param session id of the one that stays open; all others of the person end
     */
    @Transactional
    public void setPassword(long id, String hash, String session) {
        people.setPassword(id, hash);
        people.withdrawAllFor(id);
        people.endSessions(Long.toString(id), session == null ? "" : session);
    }

    /** @return the secret of the link; only its hash is stored */
    public String invite(String name, Role role, Long clientId, PersonRow by) {
        return link(name, role, clientId, null, by);
    }

    /** @return the secret of a link with which the person sets a new password */
    public String renew(long id, PersonRow by) {
        PersonRow person = get(id);
        return link(person.name(), person.role(), person.clientId(), id, by);
    }

    private String link(String name, Role role, Long clientId, Long personId, PersonRow by) {
        String token = OpaqueIds.token();
        people.invite(OpaqueIds.hash(token), name, role, clientId, personId, by, INVITATION_HOURS);
        return token;
    }

    /** The secret of the link for the first owner; earlier ones become invalid. */
    @Transactional
    public String ownersLink() {
        people.forgetOwnAndOld();
        return invite("", Role.OWNER, null, null);
    }

    public List<InvitationRow> invitations() {
        return people.invitations();
    }

    /** @throws NotFoundException for one that was used, has expired, was withdrawn, or never was */
    public InvitationRow invitation(String token) {
        InvitationRow invitation = people.invitation(OpaqueIds.hash(token));
        if (invitation == null) {
            throw new NotFoundException(
                    "This invitation is no longer valid: it was used or has expired. Ask for another one.");
        }
        return invitation;
    }

    public void withdraw(long invitationId) {
        if (people.withdraw(invitationId) == 0) {
            throw new NotFoundException("That invitation no longer exists.");
        }
    }

    /**
     * Takes an invitation up: a person is made, or gets a new password.
     *
     * @param hash of the password
     */
    @Transactional
    public PersonRow join(String token, String name, String email, String hash) {
        InvitationRow invitation = invitation(token);
        if (people.use(OpaqueIds.hash(token)) == 0) {
            throw new NotFoundException("This invitation has just been used.");
        }
        if (invitation.personId() != null) {
            setPassword(invitation.personId(), hash, null);
            return get(invitation.personId());
        }
        if (people.named(email) != null) {
            throw new RefusedEditException("That address already has an account. Sign in, or use another address.");
        }
        people.add(name, email, hash, invitation.role(), invitation.clientId());
        return people.named(email);
    }
}
