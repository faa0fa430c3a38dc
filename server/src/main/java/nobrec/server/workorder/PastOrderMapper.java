package nobrec.server.workorder;

import java.time.Instant;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface PastOrderMapper {

    List<CameInRow> since(@Param("from") Instant from, @Param("beforeId") long beforeId, @Param("limit") int limit);

    int countSince(@Param("from") Instant from);
}
