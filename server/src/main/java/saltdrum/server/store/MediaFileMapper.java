package saltdrum.server.store;

import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

@Mapper
interface MediaFileMapper {
    @Insert("insert into media_file (hash, bytes) values (#{hash}, #{bytes}) on conflict do nothing")
    void add(String hash, long bytes);

    @Select(
            """
            select hash from media_file m
            where created < now() - interval '10 minutes'
              and not exists (select 1 from clip c where m.hash in (c.media_hash, c.proxy_hash, c.poster_hash, c.peaks_hash, c.speech_hash))
              and not exists (select 1 from job j where j.output_hash = m.hash)
            """)
    List<String> unused();

    @Delete("delete from media_file where hash = #{hash}")
    void remove(String hash);
}
