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

    @Update(
            "update watched_file set done = true, clip_id = #{clipId,jdbcType=VARCHAR}, fault = #{fault,jdbcType=VARCHAR}"
                    + OF_FILE)
    void done(WatchedFile file, String clipId, String fault);

    @Delete("delete from watched_file" + OF_FILE)
    void giveBack(@Param("file") WatchedFile file);

    @Select("select path, fault from watched_file where fault is not null order by taken desc limit #{most}")
    List<WatchedFault> faults(int most);

    @Select("select count(*) from watched_file where done and fault is null")
    int taken();
}
