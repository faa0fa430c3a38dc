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
interface BookingMapper {

    void insert(Booking booking);

    /** The next one whose time has come, which no other server takes until the transaction ends. */
    Optional<Booking> nextDue(DueTimes times);

    /** The one without an answer of a shipment, locked. */
    Optional<Booking> waitingOfLocked(long shipmentId);

    Optional<Booking> waitingOf(long shipmentId);

    List<WaitingBooking> waiting();

    /** Why the last booking of a shipment was refused. */
    Optional<String> newestRefusalOf(long shipmentId);

    /** One that had no certain answer has one now. */
    @ChangesOneRow
    void updateState(@Param("key") String key, @Param("state") BookingState state, @Param("answer") String answer);

    @ChangesOneRow
    void take(@Param("key") String key, @Param("until") Instant until);

    /** To be asked about again then; one that has a certain answer by now stays as it is. */
    @ChangesAnyRows
    int putOff(@Param("key") String key, @Param("until") Instant until, @Param("answer") String answer);

    /** A booking that has no certain answer, with the job it is for. */
    record WaitingBooking(long shipmentId, String job, String carrier, int attempts, String answer, Instant askedAt) {}
}
