package nobrec.server.posting;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import nobrec.server.platform.mapping.ChangesAnyRows;
import nobrec.server.platform.mapping.ChangesOneRow;
import nobrec.server.platform.outbox.DueTimes;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface PostingMapper {

    void insert(@Param("postings") List<Posting> postings);

    /** The next one whose time has come, which no other server takes until the transaction ends. */
    Optional<Posting> nextDue(DueTimes times);

    Optional<Posting> byIdLocked(long id);

    List<Posting> newest(@Param("state") PostingState state, @Param("job") String job, @Param("limit") int limit);

    int failed();

    /** Those waiting since before then. */
    int unanswered(Instant before);

    @ChangesOneRow
    void take(@Param("id") long id, @Param("until") Instant until);

    /** What came of it. One that was done meanwhile, by another server that got its answer late, stays done. */
    @ChangesAnyRows
    int settle(
            @Param("id") long id,
            @Param("state") PostingState state,
            @Param("answer") String answer,
            @Param("doneAt") Instant doneAt);

    /** To be tried again then, unless it was settled meanwhile. */
    @ChangesAnyRows
    int putOff(@Param("id") long id, @Param("until") Instant until, @Param("answer") String answer);

    /** A person has it tried again. */
    @ChangesOneRow
    void makeDue(@Param("id") long id, @Param("at") Instant at);
}
