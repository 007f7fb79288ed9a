package saltdrum.server.store.people;

import java.util.Collection;
import java.util.List;
import java.util.Set;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
public interface PersonMapper {
    String PERSON =
            "select person.id, person.name, email, password, role, client_id, client.name as client, person.created, seen, "
                    + "code_secret is not null as second_step "
                    + "from person left join client on client.id = client_id ";
    String INVITATION =
            "select invitation.id, invitation.name, role, client_id, client.name as client, person_id, invited_by, invitation.created, "
                    + "expires from invitation left join client on client.id = client_id ";

    @Select(PERSON + "order by role = 'REVIEWER', lower(person.name), person.id")
    List<PersonRow> all();

    @Select(PERSON + "where person.id = #{id}")
    PersonRow find(long id);

    @Select(PERSON + "where lower(email) = lower(#{email})")
    PersonRow named(String email);

    @Select("select count(*) from person where role = 'OWNER'")
    int owners();

    /** Locks the owners, so that two who leave at once cannot both go. */
    @Select("select count(*) from (select 1 from person where role = 'OWNER' for update) as held")
    int ownersHeld();

    @Insert(
            """
            insert into person (name, email, password, role, client_id)
            values (#{name}, #{email}, #{password}, #{role}, #{clientId,jdbcType=BIGINT})
            """)
    void add(String name, String email, String password, Role role, Long clientId);

    @Update("update person set role = #{role}, client_id = #{clientId,jdbcType=BIGINT} where id = #{id}")
    void become(long id, Role role, Long clientId);

    @Update("update person set password = #{password} where id = #{id}")
    void setPassword(long id, String password);

    @Update("update person set seen = now() where id = #{id}")
    void seen(long id);

    @Delete("delete from person where id = #{id}")
    int remove(long id);

    @Insert(
            """
            insert into invitation (token_hash, name, role, client_id, person_id, invited_by, invited_by_id, expires)
            values (#{tokenHash}, #{name}, #{role}, #{clientId,jdbcType=BIGINT}, #{personId,jdbcType=BIGINT},
              #{invitedBy.name}, #{invitedBy.id,jdbcType=BIGINT}, now() + #{hours} * interval '1 hour')
            """)
    void invite(String tokenHash, String name, Role role, Long clientId, Long personId, PersonRow invitedBy, int hours);

    @Select(INVITATION + "where expires > now() order by invitation.created desc")
    List<InvitationRow> invitations();

    @Select(INVITATION + "where token_hash = #{tokenHash} and expires > now()")
    InvitationRow invitation(String tokenHash);

    @Delete("delete from invitation where token_hash = #{tokenHash} and expires > now()")
    int use(String tokenHash);

    @Delete("delete from invitation where id = #{id}")
    int withdraw(long id);

    @Delete("delete from invitation where invited_by is null or expires < now()")
    void forgetOwnAndOld();

    @Delete("delete from invitation where invited_by_id = #{personId}")
    void withdrawAllBy(long personId);

    @Delete("delete from invitation where person_id = #{personId}")
    void withdrawAllFor(long personId);

    @Insert("insert into known_browser (token_hash, person_id) values (#{tokenHash}, #{personId})")
    void rememberBrowser(String tokenHash, long personId);

    @Delete("delete from known_browser where created < now() - interval '1 year'")
    void forgetOldBrowsers();

    @Select("select count(*) from known_browser where token_hash = #{tokenHash} and person_id = #{personId}")
    boolean knowsBrowser(String tokenHash, long personId);

    @Select(
            """
            <script>
            select session_id from spring_session where session_id in
            <foreach item="id" collection="ids" open="(" separator="," close=")">#{id}</foreach>
              and expiry_time > (extract(epoch from now()) * 1000)::bigint
            </script>
            """)
    Set<String> openSessions(@Param("ids") Collection<String> ids);

    @Delete("delete from spring_session where principal_name = #{principal} and session_id <> #{but}")
    void endSessions(String principal, String but);
}
