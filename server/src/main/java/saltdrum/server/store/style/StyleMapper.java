package saltdrum.server.store.style;

import java.util.List;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
interface StyleMapper {
    String ROW =
            """
            select s.id, s.name, v.style::text as style, v.version,
              (select max(version) from style_version where style_id = s.id) as newest,
              s.shipped, s.put_away is not null as put_away, s.motion, v.made
            from style s join style_version v on v.style_id = s.id
            """;

    /** The newest version of each, in the order of the strip. */
    @Select(
            ROW
                    + """
            where s.put_away is null and s.motion = #{motion} and v.version = (select max(version) from style_version where style_id = s.id)
            order by s.place, s.id
            """)
    List<StyleRow> newest(boolean motion);

    /** By its name, or by one it had; version 0 for the newest. A name in use wins over one of the past. */
    @Select(
            ROW
                    + """
            where (lower(s.name) = lower(#{name}) or lower(#{name}) = any(select lower(unnest(s.former_names))))
              and v.version = case when #{version} > 0 then #{version}
                else (select max(version) from style_version where style_id = s.id) end
            order by lower(s.name) = lower(#{name}) desc, s.id desc limit 1
            """)
    StyleRow find(String name, int version);

    @Select(ROW + "where s.id = #{id} order by v.version desc")
    List<StyleRow> versions(long id);

    @Insert(
            """
            insert into style (name, place, shipped, motion) values (#{name}, #{place}, true, #{motion})
            on conflict (name) do update set place = excluded.place, shipped = true
            """)
    void ship(String name, int place, boolean motion);

    /** After all others in the strip; one of that name that was put away comes back. */
    @Insert(
            """
            insert into style (name, place, motion) select #{name}, coalesce(max(place), 0) + 1, #{motion} from style
            on conflict (name) do update set put_away = null
            """)
    void add(String name, boolean motion);

    /** Tracks that use the newest version are pinned to the present one. */
    @Update(
            """
            update track set version = version + 1, styling = coalesce(styling, '{"all": {}, "roles": []}'::jsonb) || jsonb_build_object('version',
              (select max(v.version) from style_version v join style s on s.id = v.style_id where s.name = #{name}))
            where style = #{name} and coalesce((styling ->> 'version')::int, 0) = 0
              and exists (select from style_version v join style s on s.id = v.style_id where s.name = #{name})
            """)
    void pin(String name);

    /** The same for what their histories say was, {@code before} or {@code after} a step. */
    @Update(
            """
            update edit set change = jsonb_set(change, array[#{when}, 'styling'],
              coalesce(change -> #{when} -> 'styling', '{}'::jsonb) || jsonb_build_object('version',
                (select max(v.version) from style_version v join style s on s.id = v.style_id where s.name = #{name})))
            where change -> #{when} ->> 'style' = #{name}
              and coalesce((change -> #{when} -> 'styling' ->> 'version')::int, 0) = 0
              and exists (select from style_version v join style s on s.id = v.style_id where s.name = #{name})
            """)
    void pinHistory(String name, String when);

    @Insert(
            """
            insert into style_version (style_id, version, style)
            select s.id, coalesce((select max(version) from style_version where style_id = s.id), 0) + 1, #{json}::jsonb
            from style s where s.name = #{name}
            """)
    void addVersion(String name, String json);

    @Update(
            """
            update style set name = #{newName}, former_names = array_append(array_remove(former_names, #{newName}), name)
            where id = #{id}
            """)
    void rename(long id, String newName);

    /** Tracks that use it name it by its new name. */
    @Update("update track set version = version + 1, style = #{newName} where style = #{name}")
    void renameInTracks(String name, String newName);

    /** The same for what their histories say was, {@code before} or {@code after} a step. */
    @Update(
            """
            update edit set change = jsonb_set(change, array[#{when}, 'style'], to_jsonb(#{newName}::text))
            where change -> #{when} ->> 'style' = #{name}
            """)
    void renameInHistory(String name, String newName, String when);

    @Update("update style set used_at = clock_timestamp() where name = #{name}")
    void used(String name);

    @Select(
            "select name from style where used_at is not null and put_away is null and not motion order by used_at desc limit 1")
    String lastUsed();

    @Select(
            """
            select (select count(distinct t.clip_id) from track t join clip c on c.id = t.clip_id
                where t.style = s.name and c.removed is null) as clips,
              (select count(*) from client where style_id = s.id) as clients
            from style s where s.id = #{id}
            """)
    StyleUses uses(long id);

    @Update("update style set put_away = case when #{away} then now() end where id = #{id}")
    void putAway(long id, boolean away);
}
