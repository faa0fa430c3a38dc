package nobrec.server.audit;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface AuditLogMapper {

    List<AuditEntry> of(@Param("things") Collection<String> things, @Param("limit") int limit);

    void insert(
            @Param("at") Instant at,
            @Param("signIn") String signIn,
            @Param("act") String act,
            @Param("thing") String thing,
            @Param("detail") String detail);
}
