package nobrec.server.statusrule;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import nobrec.server.platform.mapping.ChangesAnyRows;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface StatusRuleMapper {

    /** JSON of each, in their order. */
    List<String> all();

    Optional<Integer> version();

    Optional<Integer> versionLocked();

    @ChangesAnyRows
    void keepSet(@Param("changedBy") String changedBy, @Param("changedAt") Instant changedAt);

    @ChangesAnyRows
    void forget();

    @ChangesAnyRows
    void insert(@Param("definitions") List<String> definitions);

    Optional<String> status(long workOrderId);

    @ChangesAnyRows
    void setStatus(
            @Param("workOrderId") long workOrderId,
            @Param("status") String status,
            @Param("setBy") String setBy,
            @Param("setAt") Instant setAt);
}
