package saltdrum.server.access;

import java.util.Optional;
import org.springframework.security.authentication.AnonymousAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import saltdrum.server.store.PersonRow;
import saltdrum.server.store.PersonStore;

/** Who asks at this moment. */
@Component
public class Caller {
    private final PersonStore people;

    Caller(PersonStore people) {
        this.people = people;
    }

    /** Nobody for who has not signed in, and where nobody signs in. */
    public Optional<PersonRow> person() {
        Authentication known = SecurityContextHolder.getContext().getAuthentication();
        return known == null || known instanceof AnonymousAuthenticationToken || !known.isAuthenticated()
                ? Optional.empty()
                : Optional.of(people.get(Long.parseLong(known.getName())));
    }

    /** Null where nobody signs in. */
    public String name() {
        return person().map(PersonRow::name).orElse(null);
    }
}
