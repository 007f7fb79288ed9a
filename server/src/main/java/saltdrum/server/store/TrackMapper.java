package saltdrum.server.store;

import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
interface TrackMapper {
    String ROW =
            "clip_id, version, language, style, recipe::text as recipe, frame::text as frame, next_id, beside::text as beside";

    @Insert(
            """
            insert into track (clip_id, language, style, recipe, frame, next_id, beside)
            values (#{clipId}, #{language}, #{style}, #{recipe}::jsonb, #{frame}::jsonb, #{nextId}, #{beside}::jsonb)
            """)
    void add(TrackRow row);

    @Select("select " + ROW + " from track where clip_id = #{clipId}")
    TrackRow find(String clipId);

    @Select("select " + ROW + " from track where clip_id = #{clipId} for update")
    TrackRow lock(String clipId);

    @Update(
            """
            update track set version = #{version}, language = #{language}, style = #{style}, recipe = #{recipe}::jsonb,
              frame = #{frame}::jsonb, next_id = #{nextId}, beside = #{beside}::jsonb
            where clip_id = #{clipId}
            """)
    void update(TrackRow row);

    @Select(
            """
            select w.cue_id, array_to_string(c.line_starts, ' ') as line_starts, c.locked, c.show_ms, c.hide_ms, c.settings, w.id, w.text, w.start_ms, w.end_ms,
              w.confidence, w.source, w.emphasis, w.pin
            from cue c join word w on w.clip_id = c.clip_id and w.cue_id = c.id
            where c.clip_id = #{clipId} order by c.ordinal, w.ordinal
            """)
    List<WordRow> words(String clipId);

    @Delete("delete from cue where clip_id = #{clipId} and ordinal >= #{from} and ordinal < #{to}")
    void removeCues(String clipId, int from, int to);

    @Update("update cue set ordinal = ordinal + #{by} where clip_id = #{clipId} and ordinal >= #{from}")
    void moveCues(String clipId, int from, int by);

    /** {@code cues}: JSON of cues as the core writes them; they get ordinals from {@code from} on. */
    @Insert(
            """
            insert into cue (clip_id, id, ordinal, line_starts, locked, show_ms, hide_ms, settings)
            select #{clipId}, (c ->> 'id')::bigint, #{from} + n - 1,
              array(select jsonb_array_elements_text(c -> 'lineStarts')::int), (c ->> 'locked')::boolean,
              (c -> 'given' ->> 'showMs')::int, (c -> 'given' ->> 'hideMs')::int, c -> 'given' ->> 'settings'
            from jsonb_array_elements(#{cues}::jsonb) with ordinality as e(c, n)
            """)
    void addCues(String clipId, int from, String cues);

    @Insert(
            """
            insert into word (clip_id, id, cue_id, ordinal, text, start_ms, end_ms, confidence, source, emphasis, pin)
            select #{clipId}, (w ->> 'id')::bigint, (c ->> 'id')::bigint, n - 1, w ->> 'text', (w ->> 'startMs')::int,
              (w ->> 'endMs')::int, (w ->> 'confidence')::real, w ->> 'source', (w ->> 'emphasis')::smallint, w ->> 'pin'
            from jsonb_array_elements(#{cues}::jsonb) as e(c),
              lateral jsonb_array_elements(c -> 'words') with ordinality as f(w, n)
            """)
    void addWords(String clipId, String cues);

    @Delete("delete from edit where clip_id = #{clipId} and undone")
    void forgetUndone(String clipId);

    @Insert(
            """
            insert into edit (clip_id, seq, said, change)
            select #{clipId}, coalesce(max(seq), 0) + 1, #{said}, #{change}::jsonb from edit where clip_id = #{clipId}
            """)
    void addEdit(String clipId, String said, String change);

    @Select(
            """
            select seq, said, change::text as change, undone from edit
            where clip_id = #{clipId} and not undone order by seq desc limit 1
            """)
    EditRow lastDone(String clipId);

    @Select(
            """
            select seq, said, change::text as change, undone from edit
            where clip_id = #{clipId} and undone order by seq limit 1
            """)
    EditRow firstUndone(String clipId);

    @Delete("delete from edit where clip_id = #{clipId} and seq = #{seq}")
    void forget(String clipId, long seq);

    @Update("update edit set undone = #{undone} where clip_id = #{clipId} and seq = #{seq}")
    void markUndone(String clipId, long seq, boolean undone);

    @Select(
            """
            select (select said from edit where clip_id = #{clipId} and not undone order by seq desc limit 1) as undo,
                   (select said from edit where clip_id = #{clipId} and undone order by seq limit 1) as redo
            """)
    Steps steps(String clipId);

    @Select("select coalesce(max(version), -1) from track where clip_id = #{clipId}")
    long version(String clipId);
}
