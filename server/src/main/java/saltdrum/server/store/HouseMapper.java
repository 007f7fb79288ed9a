package saltdrum.server.store;

import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import saltdrum.core.check.Limits;
import saltdrum.core.cue.SafeZones;

/** A client id of null is the workshop itself. */
@Mapper
interface HouseMapper {
    @Select("select zones::text from house where client_id is not distinct from #{clientId,jdbcType=BIGINT}")
    SafeZones zones(Long clientId);

    @Insert(
            """
            insert into house (client_id, zones) values (#{clientId,jdbcType=BIGINT}, #{zones,jdbcType=VARCHAR}::jsonb)
            on conflict (client_id) do update set zones = excluded.zones
            """)
    void setZones(Long clientId, SafeZones zones);

    @Select("select limits::text from house where client_id is not distinct from #{clientId,jdbcType=BIGINT}")
    Limits limits(Long clientId);

    @Insert(
            """
            insert into house (client_id, limits) values (#{clientId,jdbcType=BIGINT}, #{limits,jdbcType=VARCHAR}::jsonb)
            on conflict (client_id) do update set limits = excluded.limits
            """)
    void setLimits(Long clientId, Limits limits);
}
