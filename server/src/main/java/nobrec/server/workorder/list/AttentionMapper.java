package nobrec.server.workorder.list;

import java.util.Collection;
import java.util.List;
import nobrec.core.readiness.AttentionKind;
import nobrec.server.platform.mapping.ChangesAnyRows;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
interface AttentionMapper {

    List<AttentionRow> of(@Param("ids") Collection<Long> ids);

    void insert(AttentionRow row);

    @ChangesAnyRows
    void delete(@Param("id") long id, @Param("kinds") Collection<AttentionKind> kinds);

    @ChangesAnyRows
    void deleteAll(long id);

    List<AttentionCount> counts();

    /** The jobs promised first, after a row. */
    List<AttentionRow> page(
            @Param("kind") @Nullable AttentionKind kind,
            @Param("after") @Nullable AttentionRow after,
            @Param("limit") int limit);
}
