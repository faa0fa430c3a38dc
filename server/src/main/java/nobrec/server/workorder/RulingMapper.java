package nobrec.server.workorder;

import java.util.List;
import nobrec.server.platform.mapping.ChangesOneRow;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
interface RulingMapper {

    /** JSON of ids; null for none. */
    @Nullable
    String released(long id);

    @ChangesOneRow
    void keep(
            @Param("id") long id,
            @Param("ruling") @Nullable String ruling,
            @Param("service") @Nullable String service,
            @Param("version") int version);

    @ChangesOneRow
    void keepReleased(@Param("id") long id, @Param("released") @Nullable String released);

    List<Long> outdated(@Param("version") int version, @Param("afterId") long afterId, @Param("limit") int limit);

    int countOutdated(@Param("version") int version);

    long lock(long id);
}
