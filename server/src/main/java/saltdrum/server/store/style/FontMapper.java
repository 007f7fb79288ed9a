package saltdrum.server.store.style;

import java.util.List;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
interface FontMapper {
    /** Without its bytes. */
    record Row(String id, String fileName, String facts, String licence, boolean putAway) {}

    /** The bytes alone. */
    record Bytes(byte[] file) {}

    @Select(
            """
            select id, file_name, facts::text as facts, licence, put_away is not null as put_away
            from font order by lower(facts ->> 'family'), (facts ->> 'weight')::int, id
            """)
    List<Row> all();

    @Select("select file from font where id = #{id}")
    Bytes file(String id);

    @Insert(
            """
            insert into font (id, file_name, facts, licence, file)
            values (#{id}, #{fileName}, #{facts}::jsonb, #{licence}, #{file})
            on conflict (id) do update set put_away = null
            """)
    void add(String id, String fileName, String facts, String licence, byte[] file);

    @Update("update font set licence = #{licence} where id = #{id}")
    int note(String id, String licence);

    @Update("update font set put_away = case when #{away} then now() end where id = #{id}")
    int putAway(String id, boolean away);
}
