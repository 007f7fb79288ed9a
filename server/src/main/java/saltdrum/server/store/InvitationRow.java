package saltdrum.server.store;

import java.time.OffsetDateTime;

/**
 * @param name for whom it is meant, as the inviting person calls them
 * @param personId of the person who gets a new password by it; null for one who is new
 * @param invitedBy name of who invited; null where the server itself did
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
