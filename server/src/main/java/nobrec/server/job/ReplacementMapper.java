package nobrec.server.job;

import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;

@Mapper
interface ReplacementMapper {

    void insert(ReplacementRow row);

    /** What a job replaces. */
    Optional<ReplacementRow> byReplacement(long workOrderId);

    /** What replaces pieces of a job, the oldest first. */
    List<ReplacementRow> of(long replacesId);
}
