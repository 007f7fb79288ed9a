package saltdrum.server.api.review;

import java.util.List;
import saltdrum.core.MayBeMissing;
import saltdrum.core.cue.Track;
import saltdrum.core.review.RemarkPlace;
import saltdrum.server.store.review.RemarkRow;
import saltdrum.server.store.review.ReviewRow;

/**
 * A review: its link, what the link shows, and the client's remarks.
 *
 * @param path of its link under the workshop's address; missing after a restore, because backups do not contain links
 * @param fileName of the film; missing if the stage is shown, or if the film was removed
 * @param language of the translation that is shown; missing for the clip's own words
 * @param open whether its link shows anything: it was not withdrawn, and its time is not over
 * @param verdict the client's newest word about what is shown now
 */
public record ReviewView(
        String id,
        String clipId,
        ReviewRow.Shows shows,
        @MayBeMissing String jobId,
        @MayBeMissing String fileName,
        @MayBeMissing String language,
        @MayBeMissing String path,
        int round,
        String note,
        @MayBeMissing String by,
        String created,
        String expires,
        boolean open,
        boolean withdrawn,
        @MayBeMissing RemarkRow.Kind verdict,
        List<RemarkView> remarks) {

    /**
     * A remark.
     *
     * @param atMs moment of the clip it is about; missing for the whole
     * @param wordId word it is about, and {@code said} its spelling at that time
     * @param place its place in the clip's present captions; missing for the whole, and for clients
     */
    public record RemarkView(
            long id,
            int round,
            RemarkRow.Kind kind,
            @MayBeMissing Integer atMs,
            @MayBeMissing Long wordId,
            @MayBeMissing String said,
            String author,
            boolean member,
            String text,
            String written,
            boolean settled,
            @MayBeMissing String settledBy,
            @MayBeMissing RemarkPlace place) {
        static RemarkView of(RemarkRow row) {
            return of(row, null);
        }

        static RemarkView of(RemarkRow row, RemarkPlace place) {
            return new RemarkView(
                    row.id(),
                    row.round(),
                    row.kind(),
                    row.atMs(),
                    row.wordId(),
                    row.said(),
                    row.author(),
                    row.member(),
                    row.text(),
                    row.written().toString(),
                    row.settled() != null,
                    row.settledBy(),
                    place);
        }
    }

    /** @param track of the clip, in its present state */
    static ReviewView of(ReviewRow row, String token, String fileName, List<RemarkRow> remarks, Track track) {
        return new ReviewView(
                row.id(),
                row.clipId(),
                row.shows(),
                row.jobId(),
                fileName,
                row.language(),
                path(token),
                row.round(),
                row.note(),
                row.createdBy(),
                row.created().toString(),
                row.expires().toString(),
                row.open(),
                row.withdrawn() != null,
                verdict(row.round(), remarks),
                remarks.stream()
                        .map(remark -> RemarkView.of(remark, place(row, remark, track)))
                        .toList());
    }

    static String path(String token) {
        return token == null ? null : "/review/" + token;
    }

    private static RemarkPlace place(ReviewRow review, RemarkRow remark, Track track) {
        // Words of a translation are others than those of the track.
        Long word = review.language() == null ? remark.wordId() : null;
        return remark.atMs() == null ? null : RemarkPlace.of(track, word, remark.atMs());
    }

    static RemarkRow.Kind verdict(int round, List<RemarkRow> remarks) {
        return remarks.stream()
                .filter(remark -> remark.round() == round && remark.kind() != RemarkRow.Kind.REMARK)
                .map(RemarkRow::kind)
                .reduce((before, after) -> after)
                .orElse(null);
    }
}
