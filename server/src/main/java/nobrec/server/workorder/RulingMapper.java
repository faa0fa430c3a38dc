package nobrec.server.workorder;

import java.util.Collection;
import java.util.List;
import nobrec.server.platform.mapping.ChangesAnyRows;
import nobrec.server.platform.mapping.ChangesOneRow;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
interface RulingMapper {

    /** Of those that have any. */
    List<ReleasedRow> released(@Param("ids") Collection<Long> ids);

    /** Work orders of which the rules say the same as before. */
    @ChangesAnyRows
    void lookedAt(@Param("ids") Collection<Long> ids, @Param("version") int version);

    @ChangesOneRow
    void keep(
            @Param("id") long id,
            @Param("ruling") @Nullable String ruling,
            @Param("service") @Nullable String service,
            @Param("hold") @Nullable String hold,
            @Param("site") @Nullable String site,
            @Param("version") int version);

    @ChangesOneRow
    void keepReleased(@Param("id") long id, @Param("released") @Nullable String released);

    List<Long> outdated(@Param("version") int version, @Param("afterId") long afterId, @Param("limit") int limit);

    int countOutdated(@Param("version") int version);

    /** Locks those of them that nobody else holds, and says which. */
    List<Long> lockThoseFree(@Param("ids") Collection<Long> ids);
}
