package saltdrum.server.api.people;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import saltdrum.core.BadInputException;
import saltdrum.core.FromOutside;
import saltdrum.core.MayBeMissing;
import saltdrum.server.access.Caller;
import saltdrum.server.access.http.CallCounter;
import saltdrum.server.access.http.RateLimit;
import saltdrum.server.access.signin.Passwords;
import saltdrum.server.access.signin.SignIn;
import saltdrum.server.api.Audited;
import saltdrum.server.store.people.PersonRow;
import saltdrum.server.store.people.PersonStore;

/**
 * The session of the caller. Signing in and out is POST (a form of email and password) and DELETE of the same
 * address.
 */
@Tag(name = "people")
@RestController
@RequestMapping("/api/session")
public class SessionController {
    private final SignIn signIn;
    private final Caller caller;
    private final PersonStore people;
    private final Passwords passwords;
    private final CallCounter throttle;

    SessionController(SignIn signIn, Caller caller, PersonStore people, Passwords passwords, CallCounter throttle) {
        this.throttle = throttle;
        this.signIn = signIn;
        this.caller = caller;
        this.people = people;
        this.passwords = passwords;
    }

    /**
     * @param signIn whether people sign in at all
     * @param ownerless whether there is no owner yet
     * @param address public address of the workshop; empty if there is none
     * @param person missing if not signed in
     * @param passkeys whether browsers accept passkeys at the workshop's address
     * @param newcomer whether a second step has to be set up first
     */
    public record SessionView(
            boolean signIn,
            boolean ownerless,
            String address,
            @MayBeMissing PersonView person,
            boolean newcomer,
            boolean passkeys) {}

    @Operation(summary = "Who is signed in, and whether that is needed")
    @GetMapping
    SessionView session() {
        return new SessionView(
                signIn.required(),
                signIn.required() && !people.hasOwner(),
                signIn.url(),
                caller.person().map(PersonView::of).orElse(null),
                caller.newcomer(),
                signIn.passkeyHost() != null);
    }

    record PasswordRequest(String now, String next) implements FromOutside {}

    @Audited("Took another password")
    @Operation(summary = "Gives oneself another password; every other session of one's own ends")
    @PutMapping("/password")
    void setPassword(@RequestBody PasswordRequest request, HttpServletRequest http) {
        PersonRow person = caller.person().orElseThrow(() -> new BadInputException("Sign-in is off here."));
        String who = Long.toString(person.id());
        throttle.count(RateLimit.PRESENT_PASSWORD, who);
        if (!passwords.fits(request.now(), person.password())) {
            throw new BadInputException("That is not your current password. Nothing was changed.");
        }
        throttle.forgive(RateLimit.PRESENT_PASSWORD, who);
        String hash = passwords.hash(request.next(), List.of(person.name(), person.email()));
        people.setPassword(person.id(), hash, http.getSession().getId());
    }
}
