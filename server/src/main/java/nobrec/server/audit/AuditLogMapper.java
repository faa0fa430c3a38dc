package nobrec.server.audit;

import java.time.Instant;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface AuditLogMapper {

    void insert(
            @Param("at") Instant at,
            @Param("signIn") String signIn,
            @Param("act") String act,
            @Param("thing") String thing,
            @Param("detail") String detail);
}
