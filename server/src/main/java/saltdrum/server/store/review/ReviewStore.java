package saltdrum.server.store.review;

import java.util.List;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import saltdrum.core.RefusedEditException;
import saltdrum.server.store.NotFoundException;
import saltdrum.server.store.OpaqueIds;

/** Stores review links and remarks. */
@Component
public class ReviewStore {
    /** Limit per review. Verdicts about the whole are not counted. */
    private static final int MOST_REMARKS = 600;

    private final ReviewMapper reviews;
    private final SealedLinks links;

    ReviewStore(ReviewMapper reviews, SealedLinks links) {
        this.reviews = reviews;
        this.links = links;
    }

    /** The secret of a review's link; null if it cannot be shown again. */
    public String token(ReviewRow review) {
        return links.open(review.sealed());
    }

    public List<ReviewRow> ofClip(String clipId) {
        return reviews.ofClip(clipId);
    }

    /** What a client is shown at present, the newest first. */
    public List<ReviewRow> openOf(long clientId) {
        return reviews.openOfClient(clientId);
    }

    public ReviewRow get(String id) {
        ReviewRow review = reviews.find(id);
        if (review == null) {
            throw new NotFoundException("That review no longer exists.");
        }
        return review;
    }

    /** @throws NotFoundException if the link was withdrawn, has expired, or never existed; the answer is the same */
    public ReviewRow byToken(String token) {
        ReviewRow review = reviews.byToken(OpaqueIds.hash(token));
        if (review == null) {
            throw new NotFoundException("This link is no longer valid. Ask the sender for a new one.");
        }
        return review;
    }

    /**
     * @param jobId of the film; null for the live stage
     * @param days until its link expires
     * @param by name of the sharing person; null if sign-in is off
     */
    public ReviewRow show(String clipId, String jobId, String language, String note, int days, String by) {
        String id = OpaqueIds.fresh();
        ReviewRow.Shows shows = jobId == null ? ReviewRow.Shows.STAGE : ReviewRow.Shows.FILM;
        String token = OpaqueIds.token();
        reviews.add(new ReviewMapper.NewReview(
                id, clipId, shows, jobId, language, OpaqueIds.hash(token), links.seal(token), note, by, days));
        return get(id);
    }

    /** The same link shows another film from now on: the next round. */
    public ReviewRow showNext(String id, String jobId, String language) {
        if (reviews.show(get(id).id(), jobId, language) == 0) {
            throw new RefusedEditException("This link was withdrawn. Make another one.");
        }
        return get(id);
    }

    /** Another link to the same; the one before shows nothing any more. */
    public ReviewRow relink(String id) {
        String token = OpaqueIds.token();
        if (reviews.relink(get(id).id(), OpaqueIds.hash(token), links.seal(token)) == 0) {
            throw new RefusedEditException("This link was withdrawn. Make a new one.");
        }
        return get(id);
    }

    public ReviewRow withdraw(String id) {
        reviews.withdraw(get(id).id());
        return get(id);
    }

    /** In the order in which they were written. */
    public List<RemarkRow> remarks(String reviewId) {
        return reviews.remarks(reviewId);
    }

    @Transactional
    public void say(String reviewId, NewRemark remark) {
        if (remark.kind() == RemarkRow.Kind.REMARK && reviews.count(reviewId) >= MOST_REMARKS) {
            throw new RefusedEditException(
                    "There are " + MOST_REMARKS + " remarks already. Contact the sender of the link.");
        }
        reviews.say(reviewId, remark);
    }

    public RemarkRow settle(long remarkId, boolean settled, String by) {
        if (reviews.settle(remarkId, settled, by) == 0) {
            throw new NotFoundException("That remark no longer exists.");
        }
        return reviews.remark(remarkId);
    }
}
