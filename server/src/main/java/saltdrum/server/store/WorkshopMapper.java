package saltdrum.server.store;

import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
interface WorkshopMapper {
    @Select("select unsure_below from workshop")
    double unsureBelow();

    @Update("update workshop set unsure_below = #{below}")
    void setUnsureBelow(double below);
}
