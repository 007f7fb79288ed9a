package saltdrum.server.store;

import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
interface AnsweredCallMapper {
    @Insert("insert into answered_call (id) values (#{id}) on conflict do nothing")
    int begin(String id);

    @Update("update answered_call set status = #{status}, media_type = #{mediaType}, body = #{body} where id = #{id}")
    void end(String id, int status, String mediaType, byte[] body);

    @Select("select status, media_type, body from answered_call where id = #{id} and status is not null")
    AnsweredCallStore.Answer find(String id);

    @Delete("delete from answered_call where id = #{id}")
    void drop(String id);

    @Delete("delete from answered_call where created < now() - #{minutes} * interval '1 minute'")
    void dropOlder(int minutes);
}
