package saltdrum.server.store;

import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
interface ClipMapper {
    String COLUMNS =
            "id, name, media_hash, proxy_hash, poster_hash, peaks_hash, info::text as info, created, sound, speech_hash, "
                    + "client_id, (select client.name from client where client.id = clip.client_id) as client";

    @Insert("insert into clip (id, name, media_hash, info) values (#{id}, #{name}, #{mediaHash}, #{info}::jsonb)")
    void add(String id, String name, String mediaHash, String info);

    @Select("select " + COLUMNS + " from clip where id = #{id}")
    ClipRow find(String id);

    @Select("select " + COLUMNS + " from clip order by created desc, id")
    List<ClipRow> all();

    @Update("update clip set poster_hash = #{poster}, peaks_hash = #{peaks}, proxy_hash = #{proxy} where id = #{id}")
    void prepared(String id, String poster, String peaks, String proxy);

    @Update("update clip set sound = #{sound}, speech_hash = null where id = #{id}")
    void listenTo(String id, String sound);

    @Update("update clip set speech_hash = #{hash} where id = #{id}")
    void speech(String id, String hash);

    @Update("update clip set client_id = #{clientId,jdbcType=BIGINT} where id = #{id}")
    void belongTo(String id, Long clientId);

    @Delete("delete from clip where id = #{id}")
    int remove(String id);
}
