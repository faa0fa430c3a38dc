package nobrec.server.badge;

import java.time.Instant;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface BadgeMapper {

    Optional<String> signInOf(String hash);

    /** The one before it does not count any more. */
    void keep(@Param("signIn") String signIn, @Param("hash") String hash, @Param("at") Instant at);
}
