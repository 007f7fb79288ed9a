package saltdrum.server.access;

import java.util.Optional;
import org.springframework.security.authentication.AnonymousAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import saltdrum.server.store.people.Actor;
import saltdrum.server.store.people.PersonRow;
import saltdrum.server.store.people.PersonStore;

/** The caller of the current request. */
@Component
public class Caller implements Actor {
    private final PersonStore people;

    Caller(PersonStore people) {
        this.people = people;
    }

    @Override
    public Long personId() {
        Authentication known = SecurityContextHolder.getContext().getAuthentication();
        return known == null || known instanceof AnonymousAuthenticationToken || !known.isAuthenticated()
                ? null
                : Long.valueOf(known.getName());
    }

    /** Empty if the caller has not signed in, or if sign-in is off. */
    public Optional<PersonRow> person() {
        return Optional.ofNullable(personId()).map(people::get);
    }

    /** Whether a second step has to be set up before anything else. */
    public boolean newcomer() {
        Authentication known = SecurityContextHolder.getContext().getAuthentication();
        return known != null
                && known.getAuthorities().stream()
                        .anyMatch(authority -> SecuritySettings.NEWCOMER.equals(authority.getAuthority()));
    }

    /** Null if sign-in is off. */
    public String name() {
        return person().map(PersonRow::name).orElse(null);
    }
}
