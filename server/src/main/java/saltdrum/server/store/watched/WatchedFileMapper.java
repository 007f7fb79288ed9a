package saltdrum.server.store.watched;

import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
interface WatchedFileMapper {
    String OF_FILE = " where path = #{file.path} and bytes = #{file.bytes} and modified = #{file.modified}";

    /** A claim that led to nothing, because its process ended, is given away again. */
    @Insert(
            """
            insert into watched_file (path, bytes, modified) values (#{file.path}, #{file.bytes}, #{file.modified})
            on conflict (path, bytes, modified) do update set taken = now()
              where not watched_file.done and watched_file.taken < now() - interval '30 minutes'
            """)
    int claim(@Param("file") WatchedFile file);

    @Update("update watched_file set done = true, fault = null, clip_id = #{clipId}" + OF_FILE)
    void became(WatchedFile file, String clipId);

    /** @param done false where it is tried again when the claim has grown old */
    @Update("update watched_file set done = #{done}, fault = #{fault}" + OF_FILE)
    void fault(WatchedFile file, String fault, boolean done);

    /** Faults of the same path as it was before say nothing any more. */
    @Delete("delete from watched_file where path = #{path} and fault is not null")
    void forgetFaults(String path);

    @Select("select path, fault from watched_file where fault is not null order by taken desc limit #{most}")
    List<WatchedFault> faults(int most);

    @Select("select count(*) from watched_file where done and fault is null")
    int taken();
}
