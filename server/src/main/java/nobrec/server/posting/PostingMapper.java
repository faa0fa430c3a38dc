package nobrec.server.posting;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface PostingMapper {

    void insert(Posting posting);

    /** The next one whose time has come, which no other server takes until the transaction ends. */
    Optional<Posting> nextDue(Instant now);

    Optional<Posting> byId(long id);

    List<Posting> newest(@Param("state") PostingState state, @Param("job") String job, @Param("limit") int limit);

    int countOf(@Param("state") PostingState state, @Param("attempts") int attempts);

    void claim(@Param("id") long id, @Param("attempts") int attempts, @Param("until") Instant until);

    void updateResult(
            @Param("id") long id,
            @Param("state") PostingState state,
            @Param("answer") String answer,
            @Param("nextTryAt") Instant nextTryAt,
            @Param("doneAt") Instant doneAt);
}
