package saltdrum.server.store.people;

import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

@Mapper
interface AuditMapper {
    @Insert(
            """
            insert into audit_entry (person_id, person, did, about)
            values (#{personId}::bigint, (select name from person where id = #{personId}::bigint), #{did}, left(#{about}, 300))
            """)
    void add(Long personId, String did, String about);

    @Select(
            """
            select id, made, person, did, about from audit_entry where id < #{before} order by id desc limit #{most}
            """)
    List<AuditEntry> before(long before, int most);

    @Select("select id, made, person, did, about from audit_entry order by id")
    List<AuditEntry> all();

    @Delete("delete from audit_entry where made < now() - interval '1 year'")
    void forgetOld();
}
