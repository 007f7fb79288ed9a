package saltdrum.server.store.review;

import java.time.OffsetDateTime;

/**
 * @param atMs moment it is about; null for the whole
 * @param member whether the author was signed in
 * @param wordId word it is about, and {@code said} how that was written then; null for none
 */
public record RemarkRow(
        long id,
        String reviewId,
        int round,
        Kind kind,
        Integer atMs,
        Long wordId,
        String said,
        String author,
        boolean member,
        String text,
        OffsetDateTime written,
        OffsetDateTime settled,
        String settledBy) {
    public enum Kind {
        REMARK,
        /** Of the whole: it is not right yet. */
        CHANGES,
        /** Of the whole: it may go out. */
        APPROVED
    }
}
