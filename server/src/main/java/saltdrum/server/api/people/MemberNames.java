package saltdrum.server.api.people;

import java.text.Normalizer;
import java.util.Locale;
import org.springframework.stereotype.Component;
import saltdrum.core.BadInputException;
import saltdrum.server.store.people.PersonStore;

/** Reserves the names of members, in any spelling, so that strangers cannot sign with them. */
@Component
public class MemberNames {
    private final PersonStore people;

    MemberNames(PersonStore people) {
        this.people = people;
    }

    /** @throws BadInputException for a member's name */
    public String ofAStranger(String typed) {
        String name = PersonName.of(typed);
        String folded = folded(name);
        if (people.all().stream().anyMatch(person -> folded(person.name()).equals(folded))) {
            throw new BadInputException(
                    "A person of this workshop has that name. Sign in if it is you, or write your name differently.");
        }
        return name;
    }

    /** Folds a name for comparison: letters and digits, ignoring marks, case and width (UAX #15, NFKD). */
    static String folded(String name) {
        return Normalizer.normalize(name, Normalizer.Form.NFKD)
                .replaceAll("[^\\p{L}\\p{N}]", "")
                .toLowerCase(Locale.ROOT);
    }
}
