package saltdrum.server.store.clip;

import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import saltdrum.core.cue.Recipe;

/** A client id of null is the workshop itself. */
@Mapper
interface ClientMapper {
    @Select("select id, name from client order by lower(name)")
    List<ClientRow> all();

    @Select("select id, name from client where lower(name) = lower(#{name})")
    ClientRow named(String name);

    @Select("select id, name from client where id = #{id}")
    ClientRow find(long id);

    @Insert("insert into client (name) values (#{name}) on conflict do nothing")
    void add(String name);

    @Select(
            """
            select recipe::text from client_recipe
            where client_id is not distinct from #{clientId,jdbcType=BIGINT} order by lower(name)
            """)
    List<Recipe> recipes(Long clientId);

    @Insert(
            """
            insert into client_recipe (client_id, name, recipe) values (#{clientId,jdbcType=BIGINT}, #{name}, #{recipe}::jsonb)
            on conflict (coalesce(client_id, 0), lower(name)) do update set name = excluded.name, recipe = excluded.recipe
            """)
    void saveRecipe(Long clientId, String name, Recipe recipe);

    @Delete(
            """
            delete from client_recipe
            where client_id is not distinct from #{clientId,jdbcType=BIGINT} and lower(name) = lower(#{name})
            """)
    int removeRecipe(Long clientId, String name);

    /** Name of the style that its new clips start with, or null. */
    @Select("select s.name from client c join style s on s.id = c.style_id where c.id = #{id} and s.put_away is null")
    String style(long id);

    @Update(
            "update client set style_id = (select id from style where name = #{style,jdbcType=VARCHAR}) where id = #{id}")
    void startWith(long id, String style);
}
