package saltdrum.server.store.job;

import java.time.OffsetDateTime;
import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import saltdrum.server.Settings.Role;

@Mapper
interface WorkerMapper {
    @Insert(
            """
            insert into worker (name, role, started, cores, memory_mb, lanes)
            values (#{name}, #{role}, #{started}, #{cores}, #{memoryMb}, #{lanes}::jsonb)
            on conflict (name) do update set seen = now()
            """)
    void seen(String name, Role role, OffsetDateTime started, int cores, long memoryMb, String lanes);

    @Delete("delete from worker where name = #{name}")
    void deregister(String name);

    @Delete("delete from worker where seen < now() - #{seconds} * interval '1 second'")
    void forget(int seconds);

    @Select(
            "select name, role, started, seen, cores, memory_mb, lanes::text as lanes from worker order by role, started, name")
    List<WorkerRow> all();

    @Select(
            """
            select t.picked_by as worker, j.id as job_id, j.kind, j.state, j.progress, clip.name as clip, j.file_name
            from scheduled_tasks t join job j on j.id = t.task_instance join clip on clip.id = j.clip_id
            where t.picked order by j.started, j.id
            """)
    List<RunningJobRow> underWay();

    @Select(
            """
            select count(*) from scheduled_tasks t join job j on j.id = t.task_instance
            where t.task_name = #{queue} and not t.picked and j.state = 'WAITING'
            """)
    int waiting(String queue);
}
