package saltdrum.server.store.clip;

import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

/** A client id of null is the workshop itself. */
@Mapper
interface GlossaryMapper {
    @Select(
            """
            select term, say_as from glossary_term
            where client_id is not distinct from #{clientId,jdbcType=BIGINT} order by lower(term)
            """)
    List<GlossaryRow> of(Long clientId);

    @Delete("delete from glossary_term where client_id is not distinct from #{clientId,jdbcType=BIGINT}")
    void clear(Long clientId);

    @Insert(
            """
            insert into glossary_term (client_id, term, say_as)
            values (#{clientId,jdbcType=BIGINT}, #{row.term}, #{row.sayAs}) on conflict do nothing
            """)
    void add(Long clientId, GlossaryRow row);
}
