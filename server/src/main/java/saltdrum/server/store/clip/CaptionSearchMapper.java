package saltdrum.server.store.clip;

import java.util.List;
import java.util.Set;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

@Mapper
interface CaptionSearchMapper {
    /** A track's words: {@code shown} a line each, a form feed before each cue's first; {@code starts} with spaces between. */
    record SaidRow(String clipId, String trackId, long version, String language, String shown, String starts) {}

    /** Of tracks whose words have changed since they were written down for searching. */
    @Select(
            """
            select t.clip_id, t.id as track_id, t.version, t.language, coalesce(now.shown, '') as shown,
              coalesce(now.starts, '') as starts
            from track t left join said s on s.track_id = t.id left join lateral (
              select string_agg(case when w.ordinal = 0 then E'\f' else '' end || w.text, E'\n' order by c.ordinal, w.ordinal)
                  as shown,
                string_agg(w.start_ms::text, ' ' order by c.ordinal, w.ordinal) as starts
              from cue c join word w on w.track_id = c.track_id and w.cue_id = c.id where c.track_id = t.id) now on true
            where s.version is distinct from t.version limit #{most}
            """)
    List<SaidRow> stale(int most);

    @Insert(
            """
            insert into said (track_id, version, text, shown, starts)
            select id, #{row.version}, #{text}, #{row.shown}, string_to_array(#{row.starts}, ' ')::int[]
            from track where id = #{row.trackId}
            on conflict (track_id) do update
              set version = excluded.version, text = excluded.text, shown = excluded.shown, starts = excluded.starts
            where said.version < excluded.version
            """)
    void write(SaidRow row, String text);

    @Select("select t.clip_id from said s join track t on t.id = s.track_id where strpos(s.text, #{term}) > 0")
    Set<String> saying(String term);

    /** A track in which a term is said. {@code line}: of its first word that holds it, from 1; {@code atMs} when that begins. */
    record PlaceRow(String clipId, String shown, int line, int atMs, String language) {}

    /** One of each clip, of the clip's own words before its translations. */
    @Select(
            """
            select clip_id, shown, line, starts[line] as at_ms, language from (
              select distinct on (t.clip_id) t.clip_id, s.shown, s.starts, t.language,
                1 + length(p.before) - length(replace(p.before, E'\n', '')) as line
              from said s join track t on t.id = s.track_id,
                lateral (select left(s.text, strpos(s.text, #{term})) as before) p
              where strpos(s.text, #{term}) > 0 order by t.clip_id, t.translation, t.id) first
            """)
    List<PlaceRow> places(String term);
}
