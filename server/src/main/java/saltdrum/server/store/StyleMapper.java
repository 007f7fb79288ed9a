package saltdrum.server.store;

import java.util.List;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

@Mapper
interface StyleMapper {
    /** The newest version of each, as JSON, in the order of the strip. */
    @Select(
            """
            select distinct on (s.place, s.id) v.style::text from style s join style_version v on v.style_id = s.id
            order by s.place, s.id, v.version desc
            """)
    List<String> newest();

    @Insert(
            """
            insert into style (name, place, shipped) values (#{name}, #{place}, true)
            on conflict (name) do update set place = excluded.place
            """)
    void ship(String name, int place);

    /** A version more, where the newest is another. */
    @Insert(
            """
            insert into style_version (style_id, version, style)
            select s.id, coalesce(v.version, 0) + 1, #{json}::jsonb from style s
            left join lateral (select version, style from style_version where style_id = s.id
              order by version desc limit 1) v on true
            where s.name = #{name} and v.style is distinct from #{json}::jsonb
            on conflict do nothing
            """)
    void keep(String name, String json);
}
