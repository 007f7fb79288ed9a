package saltdrum.server.store.clip;

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

    @Select("select " + COLUMNS + " from clip where id = #{id} and removed is null")
    ClipRow find(String id);

    /** The newest first. */
    @Select(
            """
            <script>
            select clip.id, clip.name, media_hash, proxy_hash, peaks_hash, info::text as info, clip.created, sound, client_id,
              client.name as client, track.style, track.version, track.changed, archived, removed,
              (select count(*) from cue where cue.track_id = track.id) as cues,
              (select count(*) from word where word.track_id = track.id) as words,
              (select coalesce(string_agg(t.language, ' ' order by t.language), '') from track t
                where t.clip_id = clip.id and t.translation) as translations,
              (select coalesce(string_agg(distinct e.step, ' '), '') from edit e
                where e.track_id = track.id and not e.undone) as steps,
              coalesce(looked_version = track.version, false) as looked, looked_open, coalesce(looked_unsure, 0) as looked_unsure,
              work.state as work_state, work.progress as work_progress, work.message as work_message,
              (select j.id from job j where j.clip_id = clip.id and j.kind = 'RENDER' and j.state = 'DONE'
                and j.output_name like '%.mp4' order by j.finished desc limit 1) as film,
              (select case when j.content = track.content then track.version else j.track_version end from job j
                where j.clip_id = clip.id and j.state = 'DONE' and track_version is not null
                order by j.track_version desc limit 1) as delivered_version
            from clip join track on track.clip_id = clip.id and not track.translation
              left join client on client.id = clip.client_id
              left join lateral (select j.state, j.progress, j.message from job j
                where j.clip_id = clip.id and (j.kind = 'WORDS' or j.kind = 'RENDER' and j.state not in ('DONE', 'FAILED', 'STOPPED'))
                order by j.state not in ('DONE', 'FAILED', 'STOPPED') desc, j.kind = 'WORDS' desc, j.created desc limit 1)
                as work on true
            where
            <choose>
              <when test="id != null">clip.id = #{id} and removed is null</when>
              <when test="shelf.name() == 'REMOVED'">removed is not null</when>
              <when test="shelf.name() == 'ARCHIVED'">removed is null and archived is not null</when>
              <otherwise>removed is null and archived is null</otherwise>
            </choose>
            <if test="clientId != null">and coalesce(client_id, 0) = #{clientId}</if>
            order by clip.created desc, clip.id
            </script>
            """)
    List<ClipListRow> listed(ClipSearch search);

    @Update("update clip set poster_hash = #{poster}, peaks_hash = #{peaks}, proxy_hash = #{proxy} where id = #{id}")
    void prepared(String id, String poster, String peaks, String proxy);

    @Update("update clip set sound = #{sound}, speech_hash = null where id = #{id}")
    void listenTo(String id, String sound);

    @Update("update clip set speech_hash = #{hash} where id = #{id}")
    void speech(String id, String hash);

    @Update("update clip set client_id = #{clientId,jdbcType=BIGINT} where id = #{id}")
    void belongTo(String id, Long clientId);

    @Select("select id from clip where removed is null order by created")
    List<String> ids();

    @Select("select exists (select 1 from clip)")
    boolean any();

    @Update("update clip set name = #{name} where id = #{id} and removed is null")
    int rename(String id, String name);

    @Update(
            "update clip set archived = case when #{is} then coalesce(archived, now()) end where id = #{id} and removed is null")
    int archive(String id, boolean is);

    @Update("update clip set removed = now() where id = #{id} and removed is null")
    int remove(String id);

    @Update("update clip set removed = null where id = #{id} and removed is not null")
    int bringBack(String id);

    @Delete("delete from clip where id = #{id} and removed is not null")
    int forget(String id);

    @Delete("delete from clip where removed < now() - #{days} * interval '1 day'")
    int forgetOld(int days);

    @Insert(
            """
            insert into clip (id, name, media_hash, proxy_hash, poster_hash, peaks_hash, info, sound, speech_hash, client_id)
            select #{id}, #{name}, media_hash, proxy_hash, poster_hash, peaks_hash, info, sound, speech_hash, client_id
            from clip where id = #{from}
            """)
    void copy(String from, String id, String name);

    @Insert(
            "insert into measured (clip_id, light_hash, onsets) select #{to}, light_hash, onsets from measured where clip_id = #{from}")
    void copyMeasured(String from, String to);
}
