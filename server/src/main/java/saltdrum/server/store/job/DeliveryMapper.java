package saltdrum.server.store.job;

import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
interface DeliveryMapper {
    @Insert("insert into delivery (id, label) values (#{id}, #{label})")
    void add(String id, String label);

    @Update(
            """
            update job set delivery_id = #{id}, place = #{place}, file_name = #{line.fileName}, about = #{line.about},
              estimated_bytes = #{line.estimatedBytes,jdbcType=BIGINT},
              estimated_seconds = #{line.estimatedSeconds,jdbcType=DOUBLE}, track_version = #{line.trackVersion,jdbcType=BIGINT},
              content = #{line.content,jdbcType=VARCHAR},
              sampled_seconds = #{line.sampledSeconds,jdbcType=DOUBLE}
            where id = #{jobId}
            """)
    void addLine(String id, String jobId, int place, DeliveryStore.Line line);

    String ROW =
            """
            select d.id, d.label, d.created, count(j.id) as lines, count(*) filter (where j.state = 'DONE') as done,
              count(*) filter (where j.state in ('FAILED', 'STOPPED')) as ended,
              count(*) filter (where j.state = 'HELD') as held, coalesce(sum(m.bytes), 0) as bytes
            from delivery d left join job j on j.delivery_id = d.id left join media_file m on m.hash = j.output_hash
            """;

    @Select(ROW + " group by d.id order by d.created desc, d.id limit #{most} offset #{from}")
    List<DeliveryRow> newest(int from, int most);

    @Select(ROW + " where d.id = #{id} group by d.id")
    DeliveryRow find(String id);

    @Select(
            """
            select j.id, j.clip_id, clip.name as clip, j.state, j.progress, j.message, j.output_hash, j.started,
              j.finished, j.file_name, j.about, j.estimated_bytes, j.estimated_seconds, m.bytes, j.tool_lines
            from job j join clip on clip.id = j.clip_id left join media_file m on m.hash = j.output_hash
            where j.delivery_id = #{id} order by j.place
            """)
    List<DeliveryLineRow> lines(String id);

    @Delete(
            """
            delete from delivery d where id = #{id} and not exists
              (select 1 from job where delivery_id = d.id and state not in ('DONE', 'FAILED', 'STOPPED'))
            """)
    int remove(String id);
}
