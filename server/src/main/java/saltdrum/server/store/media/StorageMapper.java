package saltdrum.server.store.media;

import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import saltdrum.core.delivery.Retention;
import saltdrum.server.store.job.FinishedRow;

@Mapper
interface StorageMapper {
    @Select(
            """
            select j.id as job_id, clip.name as clip, coalesce(j.file_name, j.output_name) as file_name,
              j.finished as finished_at, m.bytes
            from job j join clip on clip.id = j.clip_id join media_file m on m.hash = j.output_hash
            where j.state = 'DONE' and j.kind = 'RENDER' and not exists (select 1 from review r
              where r.job_id = j.id and withdrawn is null and expires > now())
            order by j.finished desc, j.id
            """)
    List<FinishedRow> finished();

    @Update(
            """
            update job set output_hash = null, output_name = null, pieces = null,
              message = 'Its file was removed to keep space.'
            where id = #{jobId} and state = 'DONE' and kind = 'RENDER' and output_hash is not null
            """)
    int dropFile(String jobId);

    @Select(
            """
            select
              (select count(*) from clip where removed is null) as clips,
              (select coalesce(sum(bytes), 0) from media_file where hash in (select media_hash from clip)) as clip_bytes,
              (select coalesce(sum(bytes), 0) from media_file where hash in
                (select unnest(array[proxy_hash, poster_hash, peaks_hash, speech_hash]) from clip)) as beside_bytes,
              (select count(*) from job where output_hash is not null) as renders,
              (select coalesce(sum(bytes), 0) from media_file where hash in (select output_hash from job)) as render_bytes,
              (select count(*) from clip where removed is not null) as removed,
              (select coalesce(sum(bytes), 0) from media_file) as all_bytes,
              pg_database_size(current_database()) as database_bytes
            """)
    StorageRow sizes();

    @Select("select renders_days as days, renders_gigabytes as gigabytes from workshop")
    Retention retention();

    @Update(
            """
            update workshop set renders_days = #{days,jdbcType=INTEGER}, renders_gigabytes = #{gigabytes,jdbcType=INTEGER}
            """)
    void setRetention(Retention retention);
}
