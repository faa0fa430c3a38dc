package nobrec.server.bench;

import java.time.Instant;
import java.util.List;
import nobrec.server.platform.mapping.ChangesAnyRows;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface PresenceMapper {

    void beat(@Param("job") String job, @Param("signIn") String signIn, @Param("at") Instant at);

    /** Others who have it open since then. */
    List<String> others(@Param("job") String job, @Param("signIn") String signIn, @Param("since") Instant since);

    @ChangesAnyRows
    int forget(@Param("signIn") String signIn, @Param("before") Instant before);
}
