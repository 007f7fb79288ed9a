package saltdrum.server.api.people;

import saltdrum.core.MayBeMissing;
import saltdrum.server.store.people.PersonRow;
import saltdrum.server.store.people.Role;

/**
 * @param client name of the client that a reviewer belongs to
 * @param seen last sign-in
 * @param secondStep whether a code is required
 * @param failedSignIns recent wrong passwords for this person; missing if there are none or the caller may not see
 * them
 */
public record PersonView(
        long id,
        String name,
        String email,
        Role role,
        @MayBeMissing Long clientId,
        @MayBeMissing String client,
        @MayBeMissing String seen,
        boolean secondStep,
        @MayBeMissing Integer failedSignIns) {
    static PersonView of(PersonRow person) {
        return of(person, 0);
    }

    static PersonView of(PersonRow person, int failedSignIns) {
        return new PersonView(
                person.id(),
                person.name(),
                person.email(),
                person.role(),
                person.clientId(),
                person.client(),
                person.seen() == null ? null : person.seen().toString(),
                person.secondStep(),
                failedSignIns == 0 ? null : failedSignIns);
    }
}
