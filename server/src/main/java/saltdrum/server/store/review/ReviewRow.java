package saltdrum.server.store.review;

import java.time.OffsetDateTime;

/**
 * @param jobId of the shown film; null for the live stage, and for a film that was removed
 * @param language of the shown translation; null for the clip's own words
 * @param sealed the encrypted secret of its link
 * @param round how many versions were shown by the link so far
 * @param shown when the present one was shared
 */
public record ReviewRow(
        String id,
        String clipId,
        Shows shows,
        String jobId,
        String language,
        byte[] sealed,
        int round,
        String note,
        String createdBy,
        OffsetDateTime created,
        OffsetDateTime shown,
        OffsetDateTime expires,
        OffsetDateTime withdrawn,
        boolean open) {
    public enum Shows {
        FILM,
        STAGE
    }
}
