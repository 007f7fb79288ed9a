package saltdrum.server.store.clip;

import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import saltdrum.core.check.Onsets;

@Mapper
interface ClipMeasurementsMapper {
    @Select("select light_hash, onsets::text from measured where clip_id = #{clipId}")
    ClipMeasurements find(String clipId);

    @Insert(
            """
            insert into measured (clip_id, light_hash) values (#{clipId}, #{hash})
            on conflict (clip_id) do update set light_hash = excluded.light_hash
            """)
    void light(String clipId, String hash);

    @Insert(
            """
            insert into measured (clip_id, onsets) values (#{clipId}, #{onsets,jdbcType=VARCHAR}::jsonb)
            on conflict (clip_id) do update set onsets = excluded.onsets
            """)
    void onsets(String clipId, Onsets onsets);
}
