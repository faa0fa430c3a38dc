package nobrec.server.tracking;

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
interface TrackMapper {

    @ChangesOneRow
    void insert(TrackRow row);

    @ChangesAnyRows
    void deleteOf(long shipmentId);

    @ChangesOneRow
    void delete(long id);

    /** Of a shipment that is in its carrier's hands: asked from then on. */
    @ChangesAnyRows
    void askFrom(@Param("shipmentId") long shipmentId, @Param("at") Instant at);

    List<TrackRow> ofShipment(long shipmentId);

    /** Nobody else changes them until the transaction ends. */
    List<TrackRow> lockedOfShipment(long shipmentId);

    Optional<TrackRow> byId(long id);

    List<TrackRow> byNumbers(@Param("numbers") Collection<String> numbers);

    /** Those that are due longest, but for those that another server has in hand. */
    List<TrackRow> dueLocked(@Param("carrier") String carrier, @Param("now") Instant now, @Param("limit") int limit);

    /** Takes them for one question; they are due again should it never end. */
    @ChangesAnyRows
    int claim(@Param("ids") Collection<Long> ids, @Param("question") String question, @Param("again") Instant again);

    /** Nothing new of these. */
    @ChangesAnyRows
    void asked(
            @Param("ids") Collection<Long> ids,
            @Param("askAt") @Nullable Instant askAt,
            @Param("askedAt") Instant askedAt,
            @Param("fault") String fault);

    /** Of these nothing could be learned. */
    @ChangesAnyRows
    void unanswered(
            @Param("ids") Collection<Long> ids,
            @Param("question") String question,
            @Param("askAt") Instant askAt,
            @Param("fault") String fault);

    @ChangesOneRow
    void askAt(@Param("id") long id, @Param("at") Instant at);

    @ChangesOneRow
    void learned(TrackRow row);

    /** @return none where it is kept already */
    @ChangesAnyRows
    int insertEvent(EventRow row);

    List<KnownEvent> knownEvents(@Param("ids") Collection<Long> ids);

    List<EventRow> events(@Param("ids") Collection<Long> ids);

    @ChangesAnyRows
    void markCounted(long shipmentId);

    @ChangesOneRow
    void close(@Param("id") long id, @Param("by") String by, @Param("at") Instant at);

    @ChangesOneRow
    void insertNote(NoteRow row);

    List<NoteRow> notes(@Param("ids") Collection<Long> ids);

    /** Those of a list; the last one seen before is the cursor. */
    List<TrackRow> list(
            @Param("filter") TrackFilter filter, @Param("cursor") @Nullable Long cursor, @Param("limit") int limit);

    /** How many, counted up to a limit. */
    int count(@Param("filter") TrackFilter filter, @Param("limit") int limit);
}
