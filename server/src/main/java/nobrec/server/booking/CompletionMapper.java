package nobrec.server.booking;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import nobrec.server.platform.mapping.ChangesAnyRows;
import nobrec.server.platform.mapping.ChangesOneRow;
import nobrec.server.platform.outbox.DueTimes;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface CompletionMapper {

    void insert(@Param("shipmentId") long shipmentId, @Param("at") Instant at, @Param("until") Instant until);

    /** The next one whose time has come, which no other server takes until the transaction ends. */
    Optional<Completion> nextDue(DueTimes times);

    List<Completion> of(long shipmentId);

    /** Those that did not come to an end at the first try, with the job they are for. */
    List<WaitingCompletion> waiting();

    @ChangesOneRow
    void take(@Param("id") long id, @Param("until") Instant until);

    /** To be tried again then; one that was done meanwhile is gone. */
    @ChangesAnyRows
    void putOff(@Param("id") long id, @Param("until") Instant until, @Param("answer") String answer);

    /** It is done. Somebody else has done it when it is gone already: then nothing of this transaction stays. */
    @ChangesOneRow
    void done(long id);

    /** A completion that waits, with the job it is for. */
    record WaitingCompletion(String job, Completion.Kind kind, String answer, Instant since) {}
}
