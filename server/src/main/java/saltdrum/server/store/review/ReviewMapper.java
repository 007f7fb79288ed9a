package saltdrum.server.store.review;

import java.util.List;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
interface ReviewMapper {
    String REVIEW =
            "select r.id, r.clip_id, shows, job_id, r.language, sealed, round, note, created_by, r.created, shown, expires, "
                    + "withdrawn, withdrawn is null and expires > now() as open from review r join clip on clip.id = r.clip_id "
                    + "and clip.removed is null ";
    String REMARK =
            "select m.id, review_id, m.round, kind, at_ms, word_id, said, author, member, text, written, settled, settled_by "
                    + "from remark m ";

    @Insert(
            """
            insert into review (id, clip_id, shows, job_id, language, token_hash, sealed, note, created_by, expires)
            values (#{id}, #{clipId}, #{shows}, #{jobId}, #{language}, #{tokenHash}, #{sealed}, #{note}, #{by},
              now() + #{days} * interval '1 day')
            """)
    void add(NewReview review);

    /**
     * A review to be stored.
     *
     * @param by name of the sharing person; null if sign-in is off
     */
    record NewReview(
            String id,
            String clipId,
            ReviewRow.Shows shows,
            String jobId,
            String language,
            String tokenHash,
            byte[] sealed,
            String note,
            String by,
            int days) {}

    @Select(REVIEW + "where r.id = #{id}")
    ReviewRow find(String id);

    @Select(REVIEW + "where token_hash = #{tokenHash} and withdrawn is null and expires > now()")
    ReviewRow byToken(String tokenHash);

    @Update("update review set token_hash = #{tokenHash}, sealed = #{sealed} where id = #{id} and withdrawn is null")
    int relink(String id, String tokenHash, byte[] sealed);

    @Select(REVIEW + "where r.clip_id = #{clipId} order by r.created desc, r.id")
    List<ReviewRow> ofClip(String clipId);

    @Select(REVIEW
            + "where clip.client_id = #{clientId} and withdrawn is null and expires > now() order by shown desc, r.id")
    List<ReviewRow> openOfClient(long clientId);

    @Update(
            "update review set job_id = #{jobId}, language = #{language}, round = round + 1, shown = now() where id = #{id} and withdrawn is null")
    int show(String id, String jobId, String language);

    @Update("update review set withdrawn = coalesce(withdrawn, now()) where id = #{id}")
    void withdraw(String id);

    @Select(REMARK + "where review_id = #{reviewId} order by written, m.id")
    List<RemarkRow> remarks(String reviewId);

    @Select(REMARK + "where m.id = #{id}")
    RemarkRow remark(long id);

    /** Counted under a lock against concurrent inserts. */
    @Select(
            "select (select count(*) from remark where review_id = r.id and kind = 'REMARK') from review r where r.id = #{reviewId} for update")
    int count(String reviewId);

    @Insert(
            """
            insert into remark (review_id, round, kind, at_ms, word_id, said, author, member, text)
            select id, round, #{remark.kind}, #{remark.atMs,jdbcType=INTEGER}, #{remark.wordId,jdbcType=BIGINT},
              #{remark.said}, #{remark.author}, #{remark.member}, #{remark.text}
            from review where id = #{reviewId}
            """)
    void say(String reviewId, NewRemark remark);

    @Update(
            """
            update remark set settled = case when #{settled} then coalesce(settled, now()) end,
              settled_by = case when #{settled} then #{by} end where id = #{id}
            """)
    int settle(long id, boolean settled, String by);
}
