package nobrec.server.writeback;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import nobrec.server.platform.mapping.ChangesAnyRows;
import nobrec.server.platform.mapping.ChangesOneRow;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface WriteBackTargetMapper {

    List<WriteBackTargetRow> all();

    Optional<WriteBackTargetRow> locked(String code);

    @ChangesAnyRows
    void keep(
            @Param("row") WriteBackTargetRow row,
            @Param("changedBy") String changedBy,
            @Param("changedAt") Instant changedAt);

    @ChangesOneRow
    void delete(String code);
}
