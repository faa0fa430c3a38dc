package nobrec.server.tracking;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import nobrec.server.platform.mapping.ChangesAnyRows;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface IntervalMapper {

    List<IntervalRow> all();

    Optional<Integer> versionLocked(String carrierCode);

    @ChangesAnyRows
    void keep(
            @Param("row") IntervalRow row, @Param("changedBy") String changedBy, @Param("changedAt") Instant changedAt);
}
