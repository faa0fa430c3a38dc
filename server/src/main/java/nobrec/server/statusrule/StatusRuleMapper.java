package nobrec.server.statusrule;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import nobrec.server.platform.mapping.ChangesAnyRows;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface StatusRuleMapper {

    Optional<String> status(long workOrderId);

    List<JobStatusRow> statuses(@Param("ids") Collection<Long> ids);

    @ChangesAnyRows
    void setStatus(
            @Param("workOrderId") long workOrderId,
            @Param("status") String status,
            @Param("setBy") String setBy,
            @Param("setAt") Instant setAt);
}
