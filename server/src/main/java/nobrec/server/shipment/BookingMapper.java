package nobrec.server.shipment;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface BookingMapper {

    void insert(Booking booking);

    /** The next one whose time has come, which no other server takes until the transaction ends. */
    Optional<Booking> nextDue(Instant now);

    Optional<Booking> waitingOf(long shipmentId);

    List<WaitingBooking> waiting();

    void updateState(@Param("key") String key, @Param("state") BookingState state, @Param("answer") String answer);

    void postpone(@Param("key") String key, @Param("nextTryAt") Instant nextTryAt, @Param("attempts") int attempts);

    void updateAnswer(@Param("key") String key, @Param("answer") String answer);

    /** A booking that has no certain answer, with the job it is for. */
    record WaitingBooking(String job, String carrier, int attempts, String answer, Instant askedAt) {}
}
