package nobrec.server.account;

import java.time.Instant;
import java.util.Optional;
import nobrec.server.platform.mapping.ChangesAnyRows;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface SignInMapper {

    /** What was counted, locked: two tries at one moment are counted one after the other. */
    Optional<SignInFailure> failureLocked(String subject);

    void countFailure(
            @Param("subject") String subject,
            @Param("at") Instant at,
            @Param("forgottenBefore") Instant forgottenBefore);

    @ChangesAnyRows
    void forget(String subject);

    @ChangesAnyRows
    void takeOneBack(String subject);

    @ChangesAnyRows
    void forgetOld(Instant before);

    boolean isKnown(@Param("hash") String hash, @Param("userId") long userId);

    void remember(@Param("hash") String hash, @Param("userId") long userId, @Param("at") Instant at);

    @ChangesAnyRows
    void forgetOldDevices(Instant before);
}
