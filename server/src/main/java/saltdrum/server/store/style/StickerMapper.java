package saltdrum.server.store.style;

import java.util.List;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
interface StickerMapper {
    /** @param layers JSON */
    record Row(String name, String label, String layers, boolean putAway) {}

    @Select(
            """
            select name, label, layers::text as layers, put_away is not null as put_away
            from sticker order by added_at, name
            """)
    List<Row> all();

    @Insert(
            """
            insert into sticker (name, label, layers) values (#{name}, #{label}, #{layers}::jsonb)
            on conflict (name) do update set put_away = null
            """)
    void add(String name, String label, String layers);

    @Update("update sticker set put_away = case when #{away} then now() end where name = #{name}")
    int putAway(String name, boolean away);
}
