package nobrec.server.workorder.list;

import java.util.List;
import nobrec.server.platform.mapping.ChangesAnyRows;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface JobViewMapper {

    /** A person's own, and those of the shop. */
    List<JobViewRow> of(String signIn);

    int count(String owner);

    /** A new one, or another in place of the one of that name. */
    void keep(
            @Param("owner") String owner,
            @Param("name") String name,
            @Param("query") String query,
            @Param("isStart") boolean isStart);

    @ChangesAnyRows
    void noStart(String owner);

    @ChangesAnyRows
    int forget(@Param("id") long id, @Param("owner") String owner);
}
