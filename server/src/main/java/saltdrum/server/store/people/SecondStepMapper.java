package saltdrum.server.store.people;

import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
interface SecondStepMapper {
    /** MyBatis takes an array as a list of rows. */
    record Secret(byte[] secret) {}

    @Select("select code_secret as secret from person where id = #{personId} and code_secret is not null")
    Secret secret(long personId);

    @Update("update person set code_secret = #{secret}, code_step = #{step} where id = #{personId}")
    void set(@Param("personId") long personId, @Param("secret") byte[] secret, @Param("step") long step);

    @Update("update person set code_step = #{step} where id = #{personId} and code_step < #{step}")
    int use(long personId, long step);

    @Update("update person set code_secret = null where id = #{personId}")
    void drop(long personId);

    @Delete("delete from recovery_code where person_id = #{personId}")
    void forgetRecovery(long personId);

    @Insert("insert into recovery_code (person_id, hash) values (#{personId}, #{hash})")
    void addRecovery(long personId, String hash);

    @Delete("delete from recovery_code where person_id = #{personId} and hash = #{hash}")
    int useRecovery(long personId, String hash);

    @Select("select second_step from workshop")
    boolean ofAll();

    @Update("update workshop set second_step = #{ofAll}")
    void requireOfEveryone(boolean ofAll);

    @Select("select id from person where code_secret is null")
    List<Long> without();
}
