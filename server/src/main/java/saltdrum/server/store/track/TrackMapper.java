package saltdrum.server.store.track;

import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import saltdrum.core.cue.Size;
import saltdrum.core.delivery.WorkStep;
import saltdrum.core.merge.Change;

@Mapper
public interface TrackMapper {
    /** A removed clip's captions can be neither read nor changed until it is restored. */
    String OF_A_CLIP = "not exists (select 1 from clip where clip.id = track.clip_id and clip.removed is not null)";

    String ROW =
            "id, version, language, style, styling::text as styling, recipe::text as recipe, frame::text as frame, next_id, beside::text as beside, "
                    + "(select (clip.info ->> 'durationMs')::int from clip where clip.id = track.clip_id) as length_ms, incarnation::text as incarnation, content";

    @Select(
            "select (info ->> 'width')::int as width, (info ->> 'height')::int as height from clip join track on track.clip_id = clip.id where track.id = #{trackId}")
    Size clipSize(String trackId);

    @Insert(
            """
            insert into track (id, clip_id, translation, language, style, styling, recipe, frame, next_id, beside)
            values (#{id}, #{clipId}, #{translation}, #{row.language}, #{row.style}, #{row.styling}::jsonb, #{row.recipe}::jsonb,
              #{row.frame}::jsonb, #{row.nextId}, #{row.beside}::jsonb)
            """)
    void add(String id, String clipId, boolean translation, TrackRow row);

    /** The tracks of a clip, without their history, as those of another. Ids of tracks begin with their clip's. */
    @Insert(
            """
            insert into track (id, clip_id, translation, version, language, style, styling, recipe, frame, next_id, beside)
            select #{to} || substr(id, length(#{from}) + 1), #{to}, translation, 0, language, style, styling, recipe, frame,
              next_id, beside
            from track where clip_id = #{from}
            """)
    void copyTracks(String from, String to);

    @Insert(
            """
            insert into cue (track_id, id, ordinal, line_starts, locked, show_ms, hide_ms, settings, look)
            select #{to} || substr(track_id, length(#{from}) + 1), cue.id, ordinal, line_starts, locked, show_ms, hide_ms,
              settings, look
            from cue join track on track.id = cue.track_id where track.clip_id = #{from}
            """)
    void copyCues(String from, String to);

    @Insert(
            """
            insert into word (track_id, id, cue_id, ordinal, text, start_ms, end_ms, confidence, source, emphasis, pin, look, speaker)
            select #{to} || substr(track_id, length(#{from}) + 1), word.id, cue_id, ordinal, text, start_ms, end_ms,
              confidence, source, emphasis, pin, look, speaker
            from word join track on track.id = word.track_id where track.clip_id = #{from}
            """)
    void copyWords(String from, String to);

    @Insert(
            """
            insert into reading (track_id, word_id, heard, readings)
            select #{to} || substr(track_id, length(#{from}) + 1), word_id, heard, readings
            from reading join track on track.id = reading.track_id where track.clip_id = #{from}
            """)
    void copyReadings(String from, String to);

    @Select("select language from track where clip_id = #{clipId} and translation order by language")
    List<String> translations(String clipId);

    @Delete("delete from track where id = #{trackId} and translation")
    int remove(String trackId);

    @Select("select " + ROW + " from track where id = #{trackId} and " + OF_A_CLIP)
    TrackRow find(String trackId);

    @Select("select " + ROW + " from track where id = #{trackId} and " + OF_A_CLIP + " for update")
    TrackRow lock(String trackId);

    @Update(
            """
            update track set version = #{version}, language = #{language}, style = #{style}, styling = #{styling}::jsonb, recipe = #{recipe}::jsonb,
              frame = #{frame}::jsonb, next_id = #{nextId}, beside = #{beside}::jsonb,
              content = #{content}, changed = now()
            where id = #{id}
            """)
    void update(TrackRow row);

    @Select(
            """
            select w.cue_id, array_to_string(c.line_starts, ' ') as line_starts, c.locked, c.show_ms, c.hide_ms, c.settings, c.look::text as cue_look,
              w.id, w.text, w.start_ms, w.end_ms,
              w.confidence, w.source, w.emphasis, w.pin, w.look::text as look, w.speaker
            from cue c join word w on w.track_id = c.track_id and w.cue_id = c.id
            where c.track_id = #{trackId} order by c.ordinal, w.ordinal
            """)
    List<WordRow> words(String trackId);

    @Delete("delete from cue where track_id = #{trackId} and ordinal >= #{from} and ordinal < #{to}")
    void removeCues(String trackId, int from, int to);

    @Update("update cue set ordinal = ordinal + #{by} where track_id = #{trackId} and ordinal >= #{from}")
    void moveCues(String trackId, int from, int by);

    /** {@code cues}: JSON of cues as the core writes them; they get ordinals from {@code from} on. */
    @Insert(
            """
            insert into cue (track_id, id, ordinal, line_starts, locked, show_ms, hide_ms, settings, look)
            select #{trackId}, (c ->> 'id')::bigint, #{from} + n - 1,
              array(select jsonb_array_elements_text(c -> 'lineStarts')::int), (c ->> 'locked')::boolean,
              (c -> 'given' ->> 'showMs')::int, (c -> 'given' ->> 'hideMs')::int, c -> 'given' ->> 'settings', c -> 'look'
            from jsonb_array_elements(#{cues}::jsonb) with ordinality as e(c, n)
            """)
    void addCues(String trackId, int from, String cues);

    @Insert(
            """
            insert into word (track_id, id, cue_id, ordinal, text, start_ms, end_ms, confidence, source, emphasis, pin, look, speaker)
            select #{trackId}, (w ->> 'id')::bigint, (c ->> 'id')::bigint, n - 1, w ->> 'text', (w ->> 'startMs')::int,
              (w ->> 'endMs')::int, (w ->> 'confidence')::real, w ->> 'source', (w ->> 'emphasis')::smallint, w ->> 'pin',
              w -> 'look', coalesce((w ->> 'speaker')::smallint, 0)
            from jsonb_array_elements(#{cues}::jsonb) as e(c),
              lateral jsonb_array_elements(c -> 'words') with ordinality as f(w, n)
            """)
    void addWords(String trackId, String cues);

    /** @param open all findings that are open, those of unsure words among them */
    @Update(
            """
            update track set looked_version = #{version}, looked_open = #{open}, looked_unsure = #{unsure}
            where id = #{id} and version = #{version}
            """)
    void saveNeeded(String id, long version, int open, int unsure);

    /** Steps that a person can undo or redo: their own, and those without an author. */
    String OF_PERSON = "(#{personId}::bigint is null or person_id is null or person_id = #{personId}::bigint)";

    String STEP = "select seq, said, change::text as change, undone, job_id, person_id, "
            + "(select name from person where person.id = person_id) as by from edit where track_id = #{trackId} and ";

    @Delete("delete from edit where track_id = #{trackId} and undone and " + OF_PERSON)
    void forgetUndone(String trackId, Long personId);

    @Insert(
            """
            insert into edit (track_id, seq, said, change, step, job_id, person_id)
            select #{trackId}, coalesce(max(seq), 0) + 1, #{said}, #{change}::jsonb, #{step}, #{jobId}, #{personId}::bigint from edit
            where track_id = #{trackId}
            """)
    void addEdit(String trackId, String said, String change, WorkStep step, String jobId, Long personId);

    /** The last step that is done. */
    @Select(STEP + "not undone order by seq desc limit 1")
    EditRow lastDone(String trackId);

    @Select(STEP + "not undone and " + OF_PERSON + " order by seq desc limit 1")
    EditRow lastDoneBy(String trackId, Long personId);

    @Select(STEP + "undone and " + OF_PERSON + " order by seq limit 1")
    EditRow firstUndoneBy(String trackId, Long personId);

    /** Steps that are done after the step {@code seq}, the newest first. */
    @Select(STEP + "not undone and seq > #{seq} order by seq desc")
    List<EditRow> doneAfter(String trackId, long seq);

    /**
     * Undone steps up to {@code seq}, the oldest first. One that precedes an applied step was undone separately, and
     * is redone only if it is the requested step itself.
     */
    @Select(
            STEP
                    + """
            undone and seq <= #{seq}
            and (seq = #{seq} or seq > (select coalesce(max(seq), 0) from edit where track_id = #{trackId} and not undone))
            order by seq
            """)
    List<EditRow> undoneUpTo(String trackId, long seq);

    @Insert("insert into track_change (track_id, version, change) values (#{trackId}, #{version}, #{change}::jsonb)")
    void addChange(String trackId, long version, String change);

    @Delete("delete from track_change where track_id = #{trackId} and version <= #{version}")
    void forgetChanges(String trackId, long version);

    /** What made the versions after {@code after} up to {@code to}, the newest first; fewer where some are not known. */
    @Select(
            """
            select change::text as change from track_change
            where track_id = #{trackId} and version > #{after} and version <= #{to} order by version desc
            """)
    List<Change> changes(String trackId, long after, long to);

    @Select(
            """
            select seq, said, undone, made, (select name from person where person.id = person_id) as by
            from edit where track_id = #{trackId} order by seq
            """)
    List<HistoryRow> history(String trackId);

    /** All steps, the oldest first. */
    @Select(
            "select said, change::text as change, step, undone, made from edit where track_id = #{trackId} order by seq")
    List<TrackImport.Step> wholeHistory(String trackId);

    @Insert(
            """
            insert into edit (track_id, seq, said, change, step, undone, made)
            values (#{trackId}, #{seq}, #{step.said}, #{change}::jsonb, #{step.step}, #{step.undone}, #{step.made})
            """)
    void bringInStep(String trackId, long seq, TrackImport.Step step, String change);

    @Delete("delete from edit where track_id = #{trackId} and seq = #{seq}")
    void forget(String trackId, long seq);

    @Update("update edit set undone = #{undone} where track_id = #{trackId} and seq = #{seq}")
    void markUndone(String trackId, long seq, boolean undone);

    @Select("""
            select (select said from edit where track_id = #{trackId} and not undone and """
            + OF_PERSON
            + """
             order by seq desc limit 1) as undo,
                   (select said from edit where track_id = #{trackId} and undone and """
            + OF_PERSON
            + """
             order by seq limit 1) as redo
            """)
    UndoSteps steps(String trackId, Long personId);

    @Insert(
            """
            insert into reading (track_id, word_id, heard, readings)
            select #{trackId}, (r ->> 'wordId')::bigint, r ->> 'heard', array(select jsonb_array_elements_text(r -> 'readings'))
            from jsonb_array_elements(#{readings}::jsonb) as e(r)
            on conflict (track_id, word_id) do update set heard = excluded.heard, readings = excluded.readings
            """)
    void addReadings(String trackId, String readings);

    @Select(
            """
            select jsonb_build_object('wordId', word_id, 'heard', heard, 'readings', readings)::text from reading
            where track_id = #{trackId} and word_id = #{wordId}
            """)
    String reading(String trackId, long wordId);

    @Select("select coalesce(max(version), -1) from track where id = #{trackId}")
    long version(String trackId);
}
