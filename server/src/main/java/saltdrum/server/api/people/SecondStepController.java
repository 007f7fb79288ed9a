package saltdrum.server.api.people;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
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
import saltdrum.server.access.http.CallCounter;
import saltdrum.server.access.http.RateLimit;
import saltdrum.server.access.signin.Passwords;
import saltdrum.server.access.signin.SecondStep;
import saltdrum.server.api.Audited;
import saltdrum.server.store.people.PersonRow;
import saltdrum.server.store.people.PersonStore;
import saltdrum.server.store.people.SecondStepStore;

/** The second step of the caller, and whether it is required of everyone. */
@Tag(name = "people")
@RestController
@RequestMapping("/api")
class SecondStepController {
    private static final String BEGUN = "second step begun";

    private final SecondStep secondStep;
    private final SecondStepStore store;
    private final PersonStore people;
    private final Caller caller;
    private final Passwords passwords;
    private final CallCounter throttle;

    SecondStepController(
            SecondStep secondStep,
            SecondStepStore store,
            PersonStore people,
            Caller caller,
            Passwords passwords,
            CallCounter throttle) {
        this.secondStep = secondStep;
        this.store = store;
        this.people = people;
        this.caller = caller;
        this.passwords = passwords;
        this.throttle = throttle;
    }

    /** @param code the one that the app shows; not read where a step is taken away */
    record StepOfOneRequest(String password, @MayBeMissing String code) implements FromOutside {}

    record RecoveryCodes(List<String> codes) {}

    @Operation(summary = "Secret for an authenticator app; nothing is stored yet")
    @PostMapping("/session/second-step")
    SecondStep.Begun begin(HttpServletRequest http) {
        byte[] secret = secondStep.secret();
        http.getSession().setAttribute(BEGUN, secret);
        return secondStep.begun(me(), secret);
    }

    @Audited("Set up a second step")
    @Operation(summary = "Turns it on with a code of the app; returns recovery codes, which are shown only once")
    @PutMapping("/session/second-step")
    RecoveryCodes take(@RequestBody StepOfOneRequest request, HttpServletRequest http) {
        PersonRow me = checked(request.password());
        if (!(http.getSession().getAttribute(BEGUN) instanceof byte[] secret)) {
            throw new BadInputException("Set up the app first. Nothing was changed.");
        }
        List<String> codes = secondStep.take(me.id(), secret, request.code());
        http.getSession().removeAttribute(BEGUN);
        people.endOtherSessions(me.id(), http.getSession().getId());
        return new RecoveryCodes(codes);
    }

    @Audited("Made new recovery codes")
    @Operation(summary = "New recovery codes; the old ones are no longer valid")
    @PostMapping("/session/second-step/recovery-codes")
    RecoveryCodes renew(@RequestBody StepOfOneRequest request) {
        PersonRow me = checked(request.password());
        if (store.secret(me.id()) == null) {
            throw new RefusedEditException("Set up the second step first. Nothing was changed.");
        }
        return new RecoveryCodes(store.renewRecovery(me.id()));
    }

    @Audited("Took their second step away")
    @Operation(summary = "Signs in with the password alone again")
    @PostMapping("/session/second-step/off")
    void drop(@RequestBody StepOfOneRequest request) {
        PersonRow me = checked(request.password());
        if (store.ofAll()) {
            throw new RefusedEditException("This workshop requires a second step of everyone. Nothing was changed.");
        }
        store.drop(me.id());
    }

    @Audited("Took somebody's second step away")
    @Operation(summary = "For people who have lost the app and the recovery codes: signs in with the password alone")
    @DeleteMapping("/people/{personId}/second-step")
    void dropOf(@PathVariable long personId) {
        store.drop(people.get(personId).id());
        people.endOtherSessions(personId, "");
    }

    record OfAll(boolean ofAll) implements FromOutside {}

    @Operation(summary = "Whether a second step is asked of all")
    @GetMapping("/people/second-step")
    OfAll ofAll() {
        return new OfAll(store.ofAll());
    }

    @Audited("Settled whether a second step is asked of all")
    @Operation(summary = "Asks a second step of all: who has none signs in again, and sets one up before anything else")
    @PutMapping("/people/second-step")
    OfAll askOfAll(@RequestBody OfAll request) {
        store.requireOfEveryone(request.ofAll(), caller.personId());
        return ofAll();
    }

    private PersonRow me() {
        return caller.person().orElseThrow(() -> new BadInputException("Sign-in is off here."));
    }

    private PersonRow checked(String password) {
        PersonRow me = me();
        String who = Long.toString(me.id());
        throttle.count(RateLimit.PRESENT_PASSWORD, who);
        if (!passwords.fits(password, me.password())) {
            throw new BadInputException("That is not your current password. Nothing was changed.");
        }
        throttle.forgive(RateLimit.PRESENT_PASSWORD, who);
        return me;
    }
}
