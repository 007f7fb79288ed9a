package saltdrum.server.store.people;

import java.time.OffsetDateTime;

/**
 * @param name of the invited person, as given by the inviting person
 * @param personId of the person who gets a new password; null for a new person
 * @param invitedBy name of the inviting person; null for the server itself
 */
public record InvitationRow(
        long id,
        String name,
        Role role,
        Long clientId,
        String client,
        Long personId,
        String invitedBy,
        OffsetDateTime created,
        OffsetDateTime expires) {}
