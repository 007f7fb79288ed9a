package saltdrum.server.store;

import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

@Mapper
interface GlossaryMapper {
    @Select("select term, say_as from glossary_term order by lower(term)")
    List<GlossaryRow> all();

    @Delete("delete from glossary_term")
    void clear();

    @Insert("insert into glossary_term (term, say_as) values (#{term}, #{sayAs}) on conflict do nothing")
    void add(GlossaryRow row);
}
