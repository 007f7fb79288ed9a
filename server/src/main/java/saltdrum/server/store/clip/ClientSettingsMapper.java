package saltdrum.server.store.clip;

import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import saltdrum.core.check.Limits;
import saltdrum.core.cue.SafeZones;
import saltdrum.core.firstdraft.DraftSettings;
import saltdrum.server.store.WorkshopMapper;

/** A client id of null is the workshop itself. */
@Mapper
interface ClientSettingsMapper {
    /** The client's own settings, else the workshop's; null if neither exist. */
    @Select(
            "select " + WorkshopMapper.UNSURE_BELOW
                    + """
             as unsure_below, coalesce(own.zones, every.zones)::text as zones,
              coalesce(own.limits, every.limits)::text as limits, coalesce(own.draft, every.draft)::text as draft
            from (values (1)) as one
              left join house own on own.client_id = #{clientId,jdbcType=BIGINT}
              left join house every on every.client_id is null
            """)
    ClientSettings of(Long clientId);

    @Insert(
            """
            insert into house (client_id, zones) values (#{clientId,jdbcType=BIGINT}, #{zones,jdbcType=VARCHAR}::jsonb)
            on conflict (client_id) do update set zones = excluded.zones
            """)
    void setZones(Long clientId, SafeZones zones);

    @Insert(
            """
            insert into house (client_id, limits) values (#{clientId,jdbcType=BIGINT}, #{limits,jdbcType=VARCHAR}::jsonb)
            on conflict (client_id) do update set limits = excluded.limits
            """)
    void setLimits(Long clientId, Limits limits);

    @Insert(
            """
            insert into house (client_id, draft) values (#{clientId,jdbcType=BIGINT}, #{draft,jdbcType=VARCHAR}::jsonb)
            on conflict (client_id) do update set draft = excluded.draft
            """)
    void setDraft(Long clientId, DraftSettings draft);
}
