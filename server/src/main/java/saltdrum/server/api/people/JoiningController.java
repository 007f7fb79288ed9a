package saltdrum.server.api.people;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import saltdrum.core.FromOutside;
import saltdrum.core.MayBeMissing;
import saltdrum.server.access.http.CallCounter;
import saltdrum.server.access.signin.OwnersLink;
import saltdrum.server.access.signin.Passwords;
import saltdrum.server.access.signin.SignInEmail;
import saltdrum.server.store.people.AuditLog;
import saltdrum.server.store.people.InvitationRow;
import saltdrum.server.store.people.PersonRow;
import saltdrum.server.store.people.PersonStore;
import saltdrum.server.store.people.Role;

/** Redeems invitations. */
@Tag(name = "people")
@RestController
@RequestMapping("/api/joining")
public class JoiningController {
    private final PersonStore people;
    private final Passwords passwords;
    private final CallCounter throttle;
    private final OwnersLink ownersLink;
    private final AuditLog audit;

    JoiningController(
            PersonStore people, Passwords passwords, CallCounter throttle, OwnersLink ownersLink, AuditLog audit) {
        this.audit = audit;
        this.ownersLink = ownersLink;
        this.people = people;
        this.passwords = passwords;
        this.throttle = throttle;
    }

    /**
     * @param email of the person who gets a new password; missing for a new person
     * @param by name of the inviting person; empty for the server
     */
    public record JoiningView(
            String name, @MayBeMissing String email, Role role, @MayBeMissing String client, String by) {}

    @Operation(summary = "What an invitation is for")
    @GetMapping("/{token}")
    JoiningView invitation(@PathVariable String token, HttpServletRequest http) {
        InvitationRow invitation = found(token, http);
        Long person = invitation.personId();
        return new JoiningView(
                invitation.name(),
                person == null ? null : people.get(person).email(),
                invitation.role(),
                invitation.client(),
                invitation.invitedBy() == null ? "" : invitation.invitedBy());
    }

    /** Name and e-mail address are ignored if the invitation is for an existing person. */
    record JoiningRequest(@MayBeMissing String name, @MayBeMissing String email, String password)
            implements FromOutside {}

    @Operation(summary = "Takes an invitation up; after that one signs in")
    @PostMapping("/{token}")
    PersonView join(@PathVariable String token, @RequestBody JoiningRequest request, HttpServletRequest http) {
        InvitationRow invitation = found(token, http);
        String name;
        String email;
        if (invitation.personId() == null) {
            name = PersonName.of(request.name());
            email = SignInEmail.checked(request.email());
        } else {
            PersonRow person = people.get(invitation.personId());
            name = person.name();
            email = person.email();
        }
        String hash = passwords.hash(request.password(), List.of(name, email));
        PersonRow person = people.join(token, name, email, hash);
        audit.add(person.id(), invitation.personId() == null ? "Joined" : "Took another password by a link", "");
        ownersLink.tidy();
        return PersonView.of(person);
    }

    private InvitationRow found(String token, HttpServletRequest http) {
        return throttle.opened(http.getRemoteAddr(), () -> people.invitation(token));
    }
}
