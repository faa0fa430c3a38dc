package nobrec.server.platform.outbox;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import nobrec.server.platform.mapping.ChangesAnyRows;
import nobrec.server.platform.mapping.ChangesOneRow;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.joda.money.Money;
import org.jspecify.annotations.Nullable;

@Mapper
interface OutboxMapper {

    void insert(@Param("entries") List<OutboxEntry> entries);

    /** Targets with entries whose time has come. */
    List<String> dueTargets(DueTimes times);

    /** The next one of a target whose time has come, which no other server takes until the transaction ends. */
    Optional<OutboxEntry> nextDue(
            @Param("target") String target,
            @Param("times") DueTimes times,
            @Param("inOrder") Collection<OutboxKind> inOrder);

    Optional<OutboxEntry> byIdLocked(long id);

    /** Those of a subject, the oldest first. */
    List<OutboxEntry> ofSubject(@Param("kind") Subject.Kind kind, @Param("id") long id);

    Optional<OutboxEntry> byId(long id);

    Optional<OutboxEntry> byKey(String entryKey);

    List<OutboxEntry> notReversed(
            @Param("kinds") Collection<OutboxKind> kinds,
            @Param("subjectKind") Subject.Kind subjectKind,
            @Param("subjectId") long id);

    @ChangesAnyRows
    int markBeingReversed(@Param("ids") Collection<Long> ids);

    /** What is reversed stays so. */
    @ChangesAnyRows
    int reverse(long id);

    @ChangesAnyRows
    int callOff(
            @Param("kinds") Collection<OutboxKind> kinds,
            @Param("subjectKind") Subject.Kind subjectKind,
            @Param("subjectId") long id);

    /** The one that waits, locked. */
    Optional<OutboxEntry> waitingLocked(
            @Param("kind") OutboxKind kind,
            @Param("subjectKind") Subject.Kind subjectKind,
            @Param("subjectId") long id);

    /** Those that wait, of some kinds, the oldest first. */
    List<OutboxEntry> waiting(@Param("kinds") Collection<OutboxKind> kinds, @Param("limit") int limit);

    List<OutboxEntry> newest(
            @Param("filter") OutboxFilter filter, @Param("before") @Nullable Long before, @Param("limit") int limit);

    /** Money that hangs on those that are not done. */
    Money hanging(@Param("filter") OutboxFilter filter);

    /** Ids of those of a state, the oldest first. */
    List<Long> idsOf(@Param("filter") OutboxFilter filter, @Param("after") long after, @Param("limit") int limit);

    /** The newest one of a kind that a target has of a job by another subject and that nothing reverses. */
    Optional<OutboxEntry> standing(
            @Param("kind") OutboxKind kind,
            @Param("target") String target,
            @Param("subjectName") String subjectName,
            @Param("otherThan") long otherThan);

    /** What was sent at the last try. */
    Optional<String> sent(long id);

    @ChangesOneRow
    void keepSent(@Param("key") String entryKey, @Param("sent") String sent);

    /** Whether another one of its target and subject was done after it. */
    boolean wasOvertaken(OutboxEntry entry);

    @ChangesOneRow
    void setAside(@Param("id") long id, @Param("attempts") int attempts, @Param("answer") String answer);

    List<TargetRow> targets();

    Optional<TargetRow> target(String code);

    /** Takes one call of a target that is limited; no row when the next one may not be made yet. */
    @ChangesAnyRows
    int takeCall(
            @Param("code") String code,
            @Param("now") Instant now,
            @Param("earliest") Instant earliest,
            @Param("stepMicros") long stepMicros);

    @ChangesAnyRows
    int keepTarget(TargetRow target);

    int waitingFor(String target);

    /** How many of some kinds failed, and how many of some wait since before a moment. */
    OpenCounts openCounts(
            @Param("failed") Collection<OutboxKind> failed,
            @Param("waiting") Collection<OutboxKind> waiting,
            @Param("before") Instant before);

    @ChangesOneRow
    void take(@Param("key") String entryKey, @Param("until") Instant until);

    /** One that waits has come to an end; one that has come to it before stays as it is. */
    @ChangesAnyRows
    int settle(
            @Param("key") String entryKey,
            @Param("state") OutboxState state,
            @Param("answer") String answer,
            @Param("doneAt") @Nullable Instant doneAt);

    /** One that was done has failed after all; one that is not done stays as it is. */
    @ChangesAnyRows
    int fail(@Param("key") String entryKey, @Param("answer") String answer);

    /** It is done and leaves no trace. */
    @ChangesAnyRows
    int delete(String entryKey);

    /** To be tried again then, unless it was settled meanwhile. */
    @ChangesAnyRows
    int putOff(@Param("key") String entryKey, @Param("until") Instant until, @Param("answer") String answer);

    /** A person has it tried again. */
    @ChangesOneRow
    void makeDue(@Param("id") long id, @Param("at") Instant at);
}
