package nobrec.server.source;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import nobrec.server.platform.mapping.ChangesAnyRows;
import nobrec.server.platform.mapping.ChangesOneRow;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
interface RecordMapper {

    List<RecordSourceRow> sources();

    Optional<RecordSourceRow> source(String code);

    Optional<RecordSourceRow> lockedSource(String code);

    void insertSource(@Param("code") String code, @Param("name") String name, @Param("adapter") String adapter);

    @ChangesOneRow
    void changeSource(
            @Param("code") String code,
            @Param("name") String name,
            @Param("layout") @Nullable String layout,
            @Param("defaults") String defaults,
            @Param("everyMinutes") int everyMinutes,
            @Param("nextAt") @Nullable Instant nextAt);

    @ChangesAnyRows
    void deleteRecords(String code);

    @ChangesOneRow
    void deleteSource(String code);

    @ChangesOneRow
    void setQuery(@Param("code") String code, @Param("query") String query, @Param("about") String about);

    @ChangesOneRow
    void setAbout(@Param("code") String code, @Param("about") String about);

    @ChangesOneRow
    void begin(@Param("code") String code, @Param("taskId") long taskId);

    @ChangesOneRow
    void ended(
            @Param("code") String code,
            @Param("at") Instant at,
            @Param("said") String said,
            @Param("failed") boolean failed,
            @Param("failures") int failures,
            @Param("knownUntil") @Nullable Instant knownUntil,
            @Param("nextAt") @Nullable Instant nextAt);

    List<RecordSourceRow> due(@Param("now") Instant now);

    /** One server asks: no row where another has taken its turn. */
    @ChangesAnyRows
    int takeTurn(@Param("code") String code, @Param("nextAt") Instant nextAt, @Param("later") Instant later);

    List<KeptRecordRow> records(@Param("source") String source, @Param("numbers") Collection<String> numbers);

    void keep(@Param("row") KeptRecordRow row, @Param("seenAt") Instant seenAt);

    List<KeptRecordRow> ofState(
            @Param("source") String source,
            @Param("states") Collection<RecordState> states,
            @Param("afterId") long afterId,
            @Param("limit") int limit);

    List<KeptRecordRow> someNewest(@Param("source") String source, @Param("limit") int limit);

    List<StateCount> counts(@Param("source") String source);

    List<StatusCount> statuses(@Param("source") String source);

    List<StatusCount> unknownStatuses();

    Optional<KeptRecordRow> lockedRecord(long id);

    Optional<KeptRecordRow> ofWorkOrder(long workOrderId);

    @ChangesOneRow
    void setState(
            @Param("id") long id,
            @Param("state") RecordState state,
            @Param("takenDocument") @Nullable String takenDocument,
            @Param("workOrderId") @Nullable Long workOrderId);

    @ChangesAnyRows
    void setProblem(@Param("id") long id, @Param("problem") String problem);

    @ChangesOneRow
    void setSaid(@Param("code") String code, @Param("said") String said);

    /** Records that wait for their status to mean something, or do not mean it any more. */
    @ChangesAnyRows
    void reclassify(@Param("source") String source, @Param("status") String status, @Param("state") RecordState state);
}
