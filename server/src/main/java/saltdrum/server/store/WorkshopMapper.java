package saltdrum.server.store;

import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
public interface WorkshopMapper {
    /** Kept as four bytes: 0.6 is to come back as 0.6. */
    String UNSURE_BELOW = "(select round(unsure_below::numeric, 4)::float8 from workshop)";

    @Select("select " + UNSURE_BELOW)
    double unsureBelow();

    @Update("update workshop set unsure_below = #{below}")
    void setUnsureBelow(double below);
}
