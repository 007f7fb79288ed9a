package saltdrum.server.store.people;

import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

@Mapper
interface PresenceMapper {
    @Insert(
            """
            insert into open_page (id, clip_id, person_id, cue_id, typing)
            values (#{page}, #{clipId}, #{personId}::bigint, #{cueId}::bigint, #{typing})
            on conflict (id) do update set clip_id = excluded.clip_id, person_id = excluded.person_id,
              cue_id = excluded.cue_id, typing = excluded.typing, seen = now()
            """)
    void seen(String page, String clipId, Long personId, Long cueId, boolean typing);

    @Delete("delete from open_page where seen < now() - make_interval(secs => #{seconds})")
    void forgetSilent(int seconds);

    @Delete("delete from open_page where id = #{page}")
    void remove(String page);

    @Select(
            """
            select open_page.id as page, name, cue_id, typing from open_page left join person on person.id = person_id
            where clip_id = #{clipId} and open_page.id <> #{page} and open_page.seen >= now() - make_interval(secs => #{seconds})
            order by open_page.id limit 50
            """)
    List<PresenceRow> others(String clipId, String page, int seconds);
}
