package saltdrum.server.store.review;

/**
 * A remark as it is sent.
 *
 * @param atMs moment it is about; null for the whole
 * @param wordId word it is about, and {@code said} how that is written now; null for none
 * @param member whether the author is signed in
 */
public record NewRemark(
        RemarkRow.Kind kind, Integer atMs, Long wordId, String said, String author, boolean member, String text) {}
