package saltdrum.server.store.people;

import java.time.OffsetDateTime;

/**
 * @param password its Argon2 hash
 * @param clientId whose things a reviewer sees; null for all others
 * @param secondStep whether they sign in with a code too
 * @param seen when they signed in last; null for never
 */
public record PersonRow(
        long id,
        String name,
        String email,
        String password,
        Role role,
        Long clientId,
        String client,
        OffsetDateTime created,
        OffsetDateTime seen,
        boolean secondStep) {}
