package saltdrum.server.store.style;

import java.util.List;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import saltdrum.server.store.style.PictureStore.PictureRow;

@Mapper
interface PictureMapper {
    String ROW = "select hash, label, width, height, put_away is not null as put_away from picture ";

    @Select(ROW + "order by added_at, hash")
    List<PictureRow> all();

    @Select(ROW + "where hash = #{hash}")
    PictureRow find(String hash);

    @Insert(
            """
            insert into picture (hash, label, width, height) values (#{hash}, #{label}, #{width}, #{height})
            on conflict (hash) do update set put_away = null
            """)
    void add(String hash, String label, int width, int height);

    @Update("update picture set put_away = case when #{away} then now() end where hash = #{hash}")
    int putAway(String hash, boolean away);
}
