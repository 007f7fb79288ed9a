package saltdrum.server.api;

import saltdrum.core.MayBeMissing;
import saltdrum.server.store.PersonRow;
import saltdrum.server.store.Role;

/**
 * @param client name of the one whose things a reviewer sees
 * @param seen when they signed in last
 * @param secondStep whether they sign in with a code too
 * @param failedSignIns wrong passwords that were tried as this person of late; missing for none, and where nobody may know
 */
record PersonView(
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
