package saltdrum.server.store.job;

import java.time.OffsetDateTime;
import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import saltdrum.media.output.Receipt;
import saltdrum.media.pieces.PieceList;

@Mapper
public interface JobMapper {
    String ROW =
            "id, clip_id, kind, state, progress, message, work_order::text as work_order, output_hash, output_name, "
                    + "created, started, finished, step_from_ms, heard_ms, file_name, estimated_bytes, estimated_seconds";

    @Insert("insert into job (id, clip_id, kind, work_order) values (#{id}, #{clipId}, #{kind}, #{workOrder}::jsonb)")
    void add(String id, String clipId, JobKind kind, String workOrder);

    @Select("select " + ROW + " from job where id = #{id}")
    JobRow find(String id);

    @Select("select " + ROW + " from job where clip_id = #{clipId} order by created desc, id")
    List<JobRow> ofClip(String clipId);

    /** What an attempt writes is written only while no later one has begun. */
    String OF_ATTEMPT = " where id = #{attempt.jobId} and attempt = #{attempt.number}";

    /** Null where it may not begin. */
    @Select(
            value =
                    """
                    update job set state = 'RUNNING', started = now(), progress = 0, message = null, attempt = attempt + 1
                    where id = #{id} and state in ('WAITING', 'RUNNING')
                    returning id as job_id, attempt as number
                    """,
            affectData = true)
    Attempt begin(String id);

    /** Whether no later one has begun; holds one off until the transaction's end. */
    @Select("select count(*) from (select 1 from job" + OF_ATTEMPT + " for share) as held")
    boolean isLast(@Param("attempt") Attempt attempt);

    @Update("update job set progress = #{progress}, message = #{message}" + OF_ATTEMPT + " and state = 'RUNNING'")
    void progress(Attempt attempt, double progress, String message);

    @Update("update job set receipt = #{receipt,jdbcType=VARCHAR}::jsonb" + OF_ATTEMPT)
    void receipt(Attempt attempt, Receipt receipt);

    @Select("select receipt::text from job where id = #{id}")
    Receipt receiptOf(String id);

    @Update("update job set step_from_ms = #{fromMs}, heard_ms = #{toMs}" + OF_ATTEMPT)
    void heard(Attempt attempt, int fromMs, int toMs);

    @Update(
            """
            update job set state = #{state}, message = #{message}, finished = now(), output_hash = #{outputHash},
              output_name = #{outputName}, progress = case when #{state} = 'DONE' then 1 else progress end
            """
                    + OF_ATTEMPT)
    int finish(Attempt attempt, JobState state, String message, String outputHash, String outputName);

    @Select("select state not in ('STOPPING', 'STOPPED') from job" + OF_ATTEMPT)
    Boolean goesOn(@Param("attempt") Attempt attempt);

    @Update("update job set tool_lines = #{lines}" + OF_ATTEMPT)
    void toolLines(Attempt attempt, String lines);

    @Update(
            """
            update job set state = case state when 'RUNNING' then 'STOPPING' else 'STOPPED' end,
              finished = case state when 'RUNNING' then null else now() end
            where id = #{id} and state in ('WAITING', 'HELD', 'RUNNING')
            """)
    int stop(String id);

    @Update("update job set state = 'STOPPED', finished = now() where id = #{id} and state = 'STOPPING'")
    int stopped(String id);

    @Select("select id from job where clip_id = #{clipId} and state not in ('DONE', 'FAILED', 'STOPPED')")
    List<String> openOf(String clipId);

    /** Of the newest captions that were made into something the order that looks most as the clip does now. */
    @Select(
            """
            select work_order::text from job join track on track.id = job.clip_id
            where job.clip_id = #{clipId} and state = 'DONE' and track_version is not null
            order by track_version desc, work_order #>> '{track,style}' = track.style desc,
              work_order #> '{track,frame}' = track.frame desc, finished desc limit 1
            """)
    String lastDelivered(String clipId);

    /** Ratios of actual to sampled time of the newest renders. */
    @Select(
            """
            select extract(epoch from finished - started) / sampled_seconds from job
            where state = 'DONE' and sampled_seconds > 0 and started is not null order by finished desc limit #{most}
            """)
    List<Double> paces(int most);

    @Delete("delete from job where id = #{id} and state in ('DONE', 'FAILED', 'STOPPED')")
    int remove(String id);

    @Update("update job set state = 'HELD' where id = #{id} and state = 'WAITING'")
    int hold(String id);

    @Update(
            """
            update job set state = 'WAITING', progress = 0, message = null, tool_lines = null, started = null, finished = null
            where id = #{id} and state in ('HELD', 'FAILED', 'STOPPED')
            """)
    int release(String id);

    @Update("update job set pieces = #{pieces,jdbcType=VARCHAR}::jsonb" + OF_ATTEMPT)
    void pieces(Attempt attempt, PieceList pieces);

    @Select(
            """
            select output_hash, pieces::text as pieces from job
            where clip_id = #{clipId} and pieces is not null and state = 'DONE' and output_hash is not null
            order by finished desc limit #{most}
            """)
    List<KeptFilm> keptFilms(String clipId, int most);

    @Select("select id from job where state not in ('DONE', 'FAILED', 'STOPPED')")
    List<String> open();

    /** Of files of a clip that are there, or that are still to be made. */
    @Select(
            """
            select coalesce(output_name, file_name) as name from job
            where clip_id = #{clipId} and kind = 'RENDER' and coalesce(output_name, file_name) is not null
              and (output_hash is not null or state not in ('DONE', 'FAILED', 'STOPPED'))
            """)
    List<String> fileNames(String clipId);

    /** Renders that wait for their turn, in its order. */
    @Select(
            """
            select task_instance from scheduled_tasks join job on job.id = task_instance
            where task_name = #{task} and not picked and job.state = 'WAITING' order by execution_time, task_instance
            """)
    List<String> waiting(String task);

    @Update(
            """
            update scheduled_tasks set execution_time = #{first}::timestamptz + #{place} * interval '1 microsecond'
            where task_name = #{task} and task_instance = #{id} and not picked
            """)
    void takePlace(String task, String id, OffsetDateTime first, int place);

    @Update(
            """
            update scheduled_tasks set execution_time =
              (select min(execution_time) from scheduled_tasks where task_name = #{task}) - interval '1 microsecond'
            where task_name = #{task} and task_instance = #{id} and not picked
            """)
    void toHead(String task, String id);

    @Select("select min(execution_time) from scheduled_tasks where task_name = #{task} and not picked")
    OffsetDateTime firstPlace(String task);

    @Select("select distinct picked_by from scheduled_tasks where picked and picked_by is not null")
    List<String> pickers();

    @Update(
            """
            update scheduled_tasks set picked = false, picked_by = null, last_heartbeat = null
            where picked and picked_by = #{worker}
            """)
    int releasePicked(String worker);

    @Update(
            """
            update job j set state = 'STOPPED', finished = now()
            where state = 'STOPPING' and not exists
              (select 1 from scheduled_tasks t where t.task_instance = j.id and t.picked)
            """)
    int stopAbandoned();

    @Select(
            """
            select id from job j
            where state in ('WAITING', 'RUNNING') and created < now() - interval '10 seconds' and not exists
              (select 1 from scheduled_tasks t where t.task_instance = j.id)
            """)
    List<String> lost();
}
