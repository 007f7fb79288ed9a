package saltdrum.server.api.people;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.List;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import saltdrum.core.BadInputException;
import saltdrum.core.FromOutside;
import saltdrum.core.MayBeMissing;
import saltdrum.core.RefusedEditException;
import saltdrum.server.access.Caller;
import saltdrum.server.access.signin.FailedSignIns;
import saltdrum.server.access.signin.SignIn;
import saltdrum.server.api.Audited;
import saltdrum.server.store.clip.ClientStore;
import saltdrum.server.store.people.AuditLog;
import saltdrum.server.store.people.InvitationRow;
import saltdrum.server.store.people.PersonStore;
import saltdrum.server.store.people.Role;

/** People and invitations. The owner distributes invitation links; the workshop sends no mail. */
@Tag(name = "people")
@RestController
@RequestMapping("/api")
public class PeopleController {
    private final PersonStore people;
    private final ClientStore clients;
    private final SignIn signIn;
    private final Caller caller;
    private final FailedSignIns failedSignIns;
    private final AuditLog audit;

    PeopleController(
            PersonStore people,
            ClientStore clients,
            SignIn signIn,
            Caller caller,
            FailedSignIns failedSignIns,
            AuditLog audit) {
        this.audit = audit;
        this.failedSignIns = failedSignIns;
        this.people = people;
        this.clients = clients;
        this.signIn = signIn;
        this.caller = caller;
    }

    @Operation(summary = "Who may come in")
    @GetMapping("/people")
    List<PersonView> all() {
        return people.all().stream()
                .map(person -> PersonView.of(person, failedSignIns.of(person.email())))
                .toList();
    }

    /** @param clientId whose things a reviewer sees; null for all others */
    record RoleRequest(Role role, @MayBeMissing Long clientId) implements FromOutside {}

    @Audited("Made somebody something else")
    @Operation(summary = "Makes somebody something else; they sign in again as that")
    @PutMapping("/people/{personId}/role")
    PersonView become(@PathVariable long personId, @RequestBody RoleRequest request) {
        check(request.role(), request.clientId());
        return PersonView.of(people.become(personId, request.role(), request.clientId()));
    }

    @Audited("Removed a person")
    @Operation(summary = "Lets somebody in no more; what they have open is closed")
    @DeleteMapping("/people/{personId}")
    void remove(@PathVariable long personId) {
        people.remove(personId);
    }

    /**
     * @param path under the workshop's address; it is shown only once
     * @param hours until it expires
     */
    record LinkView(String path, int hours) {}

    @Audited("Made a link for a new password")
    @Operation(summary = "A link by which somebody gives themselves a new password")
    @PostMapping("/people/{personId}/link")
    LinkView renew(@PathVariable long personId) {
        return link(people.renew(personId, caller.person().orElse(null)));
    }

    /** @param name of the invited person; may be empty */
    record InvitationRequest(@MayBeMissing String name, Role role, @MayBeMissing Long clientId)
            implements FromOutside {}

    @Operation(summary = "A link by which somebody joins the workshop")
    @PostMapping("/invitations")
    LinkView invite(@RequestBody InvitationRequest request) {
        if (!signIn.required()) {
            throw new RefusedEditException(
                    "Only people at this machine have access, and they need no invitation. Give the workshop an "
                            + "address first: docs/running.md, “A team”.");
        }
        check(request.role(), request.clientId());
        String name = PersonName.orEmpty(request.name());
        String token = people.invite(
                name, request.role(), request.clientId(), caller.person().orElse(null));
        audit.add("Invited somebody", name);
        return link(token);
    }

    private static LinkView link(String token) {
        return new LinkView("/join/" + token, PersonStore.INVITATION_HOURS);
    }

    private void check(Role role, Long clientId) {
        if (role == null) {
            throw new BadInputException("The role is missing. Nothing was changed.");
        }
        if ((role == Role.REVIEWER) != (clientId != null)) {
            throw new BadInputException("A reviewer belongs to one client, other people to none.");
        }
        clients.check(clientId);
    }

    /**
     * @param renews whether it gives a new password to an existing person
     * @param by name of the inviting person
     */
    public record InvitationView(
            long id, String name, Role role, @MayBeMissing String client, boolean renews, String by, String expires) {
        static InvitationView of(InvitationRow row) {
            return new InvitationView(
                    row.id(),
                    row.name(),
                    row.role(),
                    row.client(),
                    row.personId() != null,
                    row.invitedBy() == null ? "" : row.invitedBy(),
                    row.expires().toString());
        }
    }

    @Operation(summary = "Links that were handed out and not used yet")
    @GetMapping("/invitations")
    List<InvitationView> invitations() {
        return people.invitations().stream().map(InvitationView::of).toList();
    }

    @Audited("Withdrew an invitation")
    @Operation(summary = "Withdraws a link")
    @DeleteMapping("/invitations/{invitationId}")
    void withdraw(@PathVariable long invitationId) {
        people.withdraw(invitationId);
    }
}
