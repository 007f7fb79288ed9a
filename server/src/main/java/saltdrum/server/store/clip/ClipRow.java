package saltdrum.server.store.clip;

import java.time.OffsetDateTime;
import saltdrum.media.clip.ClipInfo;

/**
 * A clip's row. Hashes are null until prepared; {@code sound} is the chosen sound; client is null for the workshop's
 * own.
 */
public record ClipRow(
        String id,
        String name,
        String mediaHash,
        String proxyHash,
        String posterHash,
        String peaksHash,
        ClipInfo info,
        OffsetDateTime created,
        String sound,
        String speechHash,
        Long clientId,
        String client) {}
