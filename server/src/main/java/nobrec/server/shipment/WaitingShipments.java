package nobrec.server.shipment;

import java.util.List;
import org.springframework.stereotype.Service;

/** Shipments whose carrier has not answered. */
@Service
public class WaitingShipments {

    public record Waiting(String job, String reason) {}

    private final BookingMapper bookings;

    WaitingShipments(BookingMapper bookings) {
        this.bookings = bookings;
    }

    public List<Waiting> all() {
        return bookings.waiting().stream()
                .map(row -> new Waiting(row.job(), row.answer()))
                .toList();
    }
}
