package saltdrum.server.store.review;

import java.util.List;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
interface LinkMapper {
    record OpenLink(String id, String token) {}

    /** MyBatis takes an array as a list of rows. */
    record Key(byte[] key) {}

    @Select("select key from link_key")
    Key key();

    @Insert("insert into link_key (key) values (#{key}) on conflict do nothing")
    void addKey(byte[] key);

    @Select("select id, token from review where token is not null")
    List<OpenLink> open();

    @Update("update review set sealed = #{sealed}, token = null where id = #{id}")
    void seal(String id, byte[] sealed);
}
