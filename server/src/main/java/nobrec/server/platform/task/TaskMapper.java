package nobrec.server.platform.task;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import nobrec.server.platform.mapping.ChangesAnyRows;
import nobrec.server.platform.mapping.ChangesOneRow;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface TaskMapper {

    @ChangesAnyRows
    void insertLane(String lane);

    /** Its id. */
    long insert(
            @Param("task") NewTask task,
            @Param("request") String request,
            @Param("startedBy") String startedBy,
            @Param("madeAt") Instant madeAt);

    /** Lanes with something to do: a task that waits, or one whose server has gone. */
    List<String> dueLanes(@Param("now") Instant now, @Param("notPossible") Instant notPossible);

    /** Locks the lane until the transaction ends; empty when somebody else looks at it. */
    Optional<String> lockLane(String lane);

    /** The task of a lane that is next: the one that is under way first. */
    Optional<TaskRow> first(String lane);

    /** Whether a server still works at it. */
    boolean isHeld(@Param("id") long id, @Param("now") Instant now, @Param("notPossible") Instant notPossible);

    @ChangesOneRow
    void take(@Param("id") long id, @Param("owner") String owner, @Param("leaseEnds") Instant leaseEnds);

    /** How many of these leases are still ours. */
    @ChangesAnyRows
    int renew(@Param("id") long id, @Param("owner") String owner, @Param("leaseEnds") Instant leaseEnds);

    /** Says how far it is; no row where it is not ours any more. */
    @ChangesAnyRows
    int report(
            @Param("id") long id,
            @Param("owner") String owner,
            @Param("phase") String phase,
            @Param("done") long done,
            @Param("total") long total,
            @Param("progress") String progress);

    @ChangesAnyRows
    int end(
            @Param("id") long id,
            @Param("owner") String owner,
            @Param("state") TaskState state,
            @Param("problem") String problem,
            @Param("endedAt") Instant endedAt);

    /** A task that failed by accident waits for its next try. */
    @ChangesAnyRows
    void release(@Param("id") long id, @Param("owner") String owner);

    int attempts(long id);

    boolean stopRequested(long id);

    Optional<TaskRow> byId(long id);

    List<TaskRow> newest(@Param("lane") String lane, @Param("limit") int limit);

    @ChangesAnyRows
    void requestStop(long id);

    /** One that nobody has begun ends at once. */
    @ChangesAnyRows
    void stopWaiting(@Param("id") long id, @Param("endedAt") Instant endedAt);

    @ChangesAnyRows
    void forgetEndedBefore(@Param("before") Instant before);
}
