package saltdrum.server.store;

import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import saltdrum.media.clip.ClipInfo;

@Mapper
interface ClipMapper {
    String COLUMNS =
            "id, name, media_hash, proxy_hash, poster_hash, peaks_hash, info::text as info, created, sound, speech_hash, "
                    + "client_id, (select client.name from client where client.id = clip.client_id) as client";

    @Insert("insert into clip (id, name, media_hash, info) values (#{id}, #{name}, #{mediaHash}, #{info}::jsonb)")
    void add(String id, String name, String mediaHash, ClipInfo info);

    @Select("select " + COLUMNS + " from clip where id = #{id}")
    ClipRow find(String id);

    /** @param id of one clip; null for all, the newest first */
    @Select(
            """
            select clip.id, clip.name, proxy_hash, peaks_hash, info::text as info, clip.created, sound, client_id,
              client.name as client, track.style,
              (select count(*) from cue where cue.track_id = track.id) as cues,
              (select count(*) from word where word.track_id = track.id) as words,
              (select coalesce(string_agg(t.language, ' ' order by t.language), '') from track t
                where t.clip_id = clip.id and t.translation) as translations
            from clip join track on track.clip_id = clip.id and not track.translation
              left join client on client.id = clip.client_id
            where #{id,jdbcType=VARCHAR}::text is null or clip.id = #{id}
            order by clip.created desc, clip.id
            """)
    List<ClipListRow> listed(String id);

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
