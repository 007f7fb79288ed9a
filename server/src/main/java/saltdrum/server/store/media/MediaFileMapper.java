package saltdrum.server.store.media;

import java.util.List;
import java.util.Set;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

@Mapper
interface MediaFileMapper {
    String UNUSED =
            """
            created < now() - interval '10 minutes'
              and not exists (select 1 from clip c where m.hash in (c.media_hash, c.proxy_hash, c.poster_hash, c.peaks_hash, c.speech_hash))
              and not exists (select 1 from job j where j.output_hash = m.hash)
              and not exists (select 1 from measured d where d.light_hash = m.hash)
              and not exists (select 1 from picture p where p.hash = m.hash)
              and not exists (select 1 from recut r where r.media_hash = m.hash)
              and not exists (select 1 from media_store s where s.hash = m.hash)
            """;

    /** Locks these bytes until the end of the transaction. */
    @Select("select pg_advisory_xact_lock(hashtextextended(#{hash}, 0))")
    Object alone(String hash);

    /**
     * Whether no backup is copying the store; if so, none can start until the end of the transaction. See
     * tools/backup.
     */
    @Select("select pg_try_advisory_xact_lock(7311001)")
    boolean mayRemove();

    /** The same bytes again are as fresh as new ones: what will refer to them is about to be written. */
    @Insert(
            """
            insert into media_file (hash, bytes) values (#{hash}, #{bytes})
            on conflict (hash) do update set created = now()
            """)
    void add(String hash, long bytes);

    /** Null before there is one. */
    @Select("select hash from media_store")
    String storeMark();

    /** If two callers mark at once, the first one is used, unless a new mark is requested. */
    @Insert(
            """
            insert into media_store (hash) values (#{hash})
            on conflict (one) do update set hash = case when #{anew} then excluded.hash else media_store.hash end
            """)
    void markStore(String hash, boolean anew);

    @Select("select hash from media_file")
    Set<String> all();

    @Select("select exists (select 1 from media_file where hash = #{hash})")
    boolean has(String hash);

    @Select("select hash from media_file m where " + UNUSED)
    List<String> unused();

    /** @return 1, or 0 when it is used or fresh again */
    @Delete("delete from media_file m where hash = #{hash} and " + UNUSED)
    int removeUnused(String hash);
}
