package nobrec.server.shipnotice;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import nobrec.server.platform.mapping.ChangesAnyRows;
import nobrec.server.platform.mapping.ChangesOneRow;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
interface ShipNoticeMapper {

    /** What one says, in our own form, and as it goes out once that is written. */
    record Text(String contents, String document) {}

    @ChangesOneRow
    void insert(NewShipNotice notice);

    Optional<ShipNoticeRow> byId(long id);

    Optional<ShipNoticeRow> byIdLocked(long id);

    Optional<Text> text(long id);

    /** Those a partner knows under a number, newest first. */
    List<ShipNoticeRow> numbered(@Param("partnerCode") String partnerCode, @Param("number") String number);

    /** The one that went out in an interchange. */
    Optional<ShipNoticeRow> controlled(@Param("partnerCode") String partnerCode, @Param("control") int control);

    /** Newest first; empty texts and nulls for all. */
    List<ShipNoticeRow> newest(
            @Param("partnerCode") String partnerCode,
            @Param("state") ShipNoticeState state,
            @Param("job") String job,
            @Param("before") Long before,
            @Param("limit") int limit);

    /** What lies ready for a partner, oldest first. */
    List<ShipNoticeRow> ready(
            @Param("partnerCode") String partnerCode, @Param("after") long after, @Param("limit") int limit);

    /** Written once: whoever comes later finds what is there. */
    @ChangesAnyRows
    void keepDocument(@Param("id") long id, @Param("document") String document);

    /** What was acknowledged meanwhile stays so. */
    @ChangesAnyRows
    void sent(
            @Param("id") long id,
            @Param("said") String said,
            @Param("sentAt") Instant sentAt,
            @Nullable @Param("dueAt") Instant dueAt);

    @ChangesAnyRows
    void fetched(@Param("ids") List<Long> ids);

    @ChangesAnyRows
    void refused(@Param("id") long id, @Param("said") String said);

    @ChangesOneRow
    void acknowledged(
            @Param("id") long id,
            @Param("said") String said,
            @Param("at") Instant at,
            @Nullable @Param("by") String by);

    /** Those that nothing came back on in time, and that were not sent again often enough. */
    List<ShipNoticeRow> due(@Param("now") Instant now, @Param("most") int most, @Param("limit") int limit);

    /** Whether this server is the one that sends it again. */
    @ChangesAnyRows
    int chase(
            @Param("id") long id,
            @Param("before") int before,
            @Param("chased") int chased,
            @Nullable @Param("dueAt") Instant dueAt);

    @ChangesAnyRows
    void saidAgain(@Param("id") long id, @Param("said") String said);

    ShipNoticeLedger.Stuck stuck(@Param("now") Instant now, @Param("most") int most);
}
