package saltdrum.server.api.people;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.List;
import org.springframework.security.web.webauthn.api.CredentialRecord;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import saltdrum.core.BadInputException;
import saltdrum.server.access.Caller;
import saltdrum.server.access.signin.Passkeys;
import saltdrum.server.api.Audited;
import saltdrum.server.store.people.PersonRow;

/** The passkeys of the caller. They are added and used at the addresses of Spring Security's WebAuthn support. */
@Tag(name = "people")
@RestController
@RequestMapping("/api/session/passkeys")
class PasskeyController {
    private final Passkeys passkeys;
    private final Caller caller;

    PasskeyController(Passkeys passkeys, Caller caller) {
        this.passkeys = passkeys;
        this.caller = caller;
    }

    /** @param used when somebody signed in with it last, or it was added */
    record PasskeyView(String id, String label, String created, String used) {
        static PasskeyView of(CredentialRecord key) {
            return new PasskeyView(
                    key.getCredentialId().toBase64UrlString(),
                    key.getLabel(),
                    key.getCreated().toString(),
                    key.getLastUsed().toString());
        }
    }

    @Operation(summary = "One's own passkeys")
    @GetMapping
    List<PasskeyView> mine() {
        return passkeys.of(me().id()).stream().map(PasskeyView::of).toList();
    }

    @Audited("Removed a passkey")
    @Operation(summary = "Removes a passkey")
    @DeleteMapping("/{passkeyId}")
    void remove(@PathVariable String passkeyId) {
        passkeys.remove(me().id(), passkeyId);
    }

    private PersonRow me() {
        return caller.person().orElseThrow(() -> new BadInputException("Sign-in is off here."));
    }
}
