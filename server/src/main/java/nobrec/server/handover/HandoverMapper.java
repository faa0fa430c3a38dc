package nobrec.server.handover;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import nobrec.core.calendar.LeavesBy;
import nobrec.server.platform.mapping.ChangesOneRow;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
interface HandoverMapper {

    /** The one that is not closed. */
    Optional<HandoverRow> open(@Param("site") long site, @Param("carrier") String carrier);

    /** The same, and nobody else changes it until the transaction ends. */
    Optional<HandoverRow> openLocked(@Param("site") long site, @Param("carrier") String carrier);

    Optional<HandoverRow> byId(long id);

    Optional<HandoverRow> byIdLocked(long id);

    /** All that are not closed, the oldest first. */
    List<HandoverRow> allOpen();

    /** Those closed on a pickup's day, the latest first. */
    List<HandoverRow> closedOn(LocalDate day);

    /** Those before an id; the newest first. Null for the newest of all. */
    List<HandoverRow> newest(@Param("before") @Nullable Long before, @Param("limit") int limit);

    /** The next number of its day. */
    void insert(
            @Param("site") long site,
            @Param("carrier") String carrier,
            @Param("day") LocalDate day,
            @Param("by") String by,
            @Param("at") Instant at);

    /** On another day, under that day's next number. */
    @ChangesOneRow
    void moveTo(@Param("id") long id, @Param("day") LocalDate day);

    /** From open to closing. */
    @ChangesOneRow
    void beginClosing(
            @Param("id") long id,
            @Param("leavesBy") LeavesBy leavesBy,
            @Param("driver") String driver,
            @Param("by") String by,
            @Param("at") Instant at);

    /** From closing to closed. */
    @ChangesOneRow
    void close(@Param("id") long id, @Param("manifest") String manifest);

    /** From closing back to open: the carrier refused. */
    @ChangesOneRow
    void reopen(@Param("id") long id, @Param("reason") String reason);
}
