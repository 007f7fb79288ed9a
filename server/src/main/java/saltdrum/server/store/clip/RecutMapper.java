package saltdrum.server.store.clip;

import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import saltdrum.core.recut.CarryOver;
import saltdrum.core.recut.CarryOverResult;
import saltdrum.media.clip.ClipInfo;

@Mapper
interface RecutMapper {
    @Insert(
            """
            insert into recut (clip_id, media_hash, info, file_name)
            values (#{clipId}, #{mediaHash}, #{info}::jsonb, #{fileName})
            on conflict (clip_id) do update set media_hash = excluded.media_hash, info = excluded.info,
              file_name = excluded.file_name, before_id = null, carry = null, carried = null
            """)
    void offer(String clipId, String mediaHash, ClipInfo info, String fileName);

    @Select(
            """
            select clip_id, media_hash, info::text as info, file_name, before_id, carry::text as carry,
              carried::text as carried from recut
            where clip_id = #{clipId}
            """)
    RecutRow find(String clipId);

    @Update(
            """
            update recut set before_id = #{beforeId}, carry = #{carry}::jsonb, carried = #{carried}::jsonb
            where clip_id = #{clipId}
            """)
    void done(String clipId, String beforeId, CarryOver carry, CarryOverResult carried);

    /** What was made of the old footage goes; of its sounds the first is listened to. */
    @Update(
            """
            update clip set media_hash = #{mediaHash}, info = #{info}::jsonb, proxy_hash = null, poster_hash = null,
              peaks_hash = null, speech_hash = null, sound = default where id = #{clipId}
            """)
    void takePlace(String clipId, String mediaHash, ClipInfo info);

    @Delete("delete from measured where clip_id = #{clipId}")
    void forgetMeasured(String clipId);

    /** Invalidates edits that are based on the old length. */
    @Update("update track set version = version + 1 where clip_id = #{clipId}")
    void anotherVersion(String clipId);

    @Delete("delete from recut where clip_id = #{clipId} and (carried is not null) = #{done}")
    int forget(String clipId, boolean done);
}
