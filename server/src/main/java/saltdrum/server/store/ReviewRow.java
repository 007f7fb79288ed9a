package saltdrum.server.store;

import java.time.OffsetDateTime;

/**
 * @param jobId of the film that is shown; null for the stage, and for a film that was removed
 * @param language of the translation that is shown; null for the clip's own words
 * @param sealed what stands in its link
 * @param round how many things were shown by the link so far
 * @param shown when the present one was put in
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
