package nobrec.server.booking;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import nobrec.core.shipment.Shipment;
import nobrec.core.shipment.ShipmentState;
import nobrec.server.platform.Age;
import org.springframework.stereotype.Service;

/** Shipments whose carrier has not answered, and those that wait for what follows. */
@Service
public class WaitingShipments {

    /** An act that is waited for that long is worth a line of its own. */
    private static final Duration AT_ONCE = Duration.ofSeconds(10);

    /** A booking without a certain answer. */
    public record Waiting(long shipmentId, String job, String reason) {}

    /** Something that follows on a shipment and did not come to an end yet. */
    public record Following(String job, String what, String reason) {}

    private final BookingMapper bookings;
    private final CompletionMapper completions;
    private final Clock clock;

    WaitingShipments(BookingMapper bookings, CompletionMapper completions, Clock clock) {
        this.bookings = bookings;
        this.completions = completions;
        this.clock = clock;
    }

    /** The oldest first, each with its age. */
    public List<Waiting> all() {
        return bookings.waiting().stream()
                .filter(row -> !row.answer().isEmpty() || age(row.askedAt()).compareTo(AT_ONCE) > 0)
                .map(row -> new Waiting(row.shipmentId(), row.job(), reason(row)))
                .toList();
    }

    private String reason(BookingMapper.WaitingBooking row) {
        String waits = row.carrier() + " has not answered for " + Age.words(age(row.askedAt())) + ".";
        return row.answer().isEmpty() ? waits : waits + " " + row.answer();
    }

    public List<Following> following() {
        return completions.waiting().stream()
                .map(row -> new Following(
                        row.job(),
                        row.kind().words(),
                        "Not done for " + Age.words(age(row.since())) + ". " + row.answer()))
                .toList();
    }

    /** Why a shipment is not through yet; empty when it is, or was never begun. */
    public Optional<String> reasonOf(Shipment shipment) {
        return switch (shipment.state()) {
            case OPEN -> Optional.empty();
            case SHIPPING ->
                bookings.waitingOf(shipment.id())
                        .map(booking -> booking.answer().isEmpty()
                                ? "The carrier is being asked."
                                : booking.answer() + " It is asked again by itself; it will be shipped once only.");
            case SHIPPED ->
                completions.of(shipment.id()).stream()
                        .findFirst()
                        .map(each -> each.kind().words() + " are not done yet. "
                                + (each.answer().isEmpty() ? "They come in a moment." : each.answer()));
        };
    }

    /** Why the carrier refused a shipment that is open again. */
    public Optional<String> refusalOf(Shipment shipment) {
        return shipment.state() == ShipmentState.OPEN ? bookings.newestRefusalOf(shipment.id()) : Optional.empty();
    }

    private Duration age(Instant since) {
        return Duration.between(since, clock.instant());
    }
}
