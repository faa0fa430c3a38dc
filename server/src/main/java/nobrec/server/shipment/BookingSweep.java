package nobrec.server.shipment;

import java.time.Clock;
import java.util.Optional;
import nobrec.core.rating.Carrier;
import nobrec.server.carrier.CarrierGateway;
import nobrec.server.carrier.ServiceCatalog;
import nobrec.server.platform.GrowingPause;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionOperations;

/**
 * Finishes bookings that have no certain answer: asks the carrier what it has under the key, and sends it again, under
 * the same key, when it has nothing.
 */
@Component
public class BookingSweep {

    private final BookingMapper bookings;
    private final ShippingOutcomes outcomes;
    private final CarrierGateway gateway;
    private final ServiceCatalog catalog;
    private final TransactionOperations transactions;
    private final Clock clock;

    BookingSweep(
            BookingMapper bookings,
            ShippingOutcomes outcomes,
            CarrierGateway gateway,
            ServiceCatalog catalog,
            TransactionOperations transactions,
            Clock clock) {
        this.bookings = bookings;
        this.outcomes = outcomes;
        this.gateway = gateway;
        this.catalog = catalog;
        this.transactions = transactions;
        this.clock = clock;
    }

    /** Works through all whose time has come. */
    public void run() {
        Optional<Booking> due = claim();
        while (due.isPresent()) {
            finish(due.get());
            due = claim();
        }
    }

    /** Takes the next one and pushes its next try away, so that no other server takes it meanwhile. */
    private Optional<Booking> claim() {
        return transactions.execute(status -> {
            Optional<Booking> due = bookings.nextDue(clock.instant());
            due.ifPresent(booking -> bookings.postpone(
                    booking.bookingKey(),
                    clock.instant().plus(GrowingPause.after(booking.attempts() + 2)),
                    booking.attempts()));
            return due;
        });
    }

    private void finish(Booking booking) {
        Carrier carrier = catalog.carrier(booking.carrierCode());
        CarrierGateway.Booking answer = gateway.lookUp(carrier, booking.bookingKey());
        if (answer instanceof CarrierGateway.Booking.NeverArrived) {
            answer = gateway.book(carrier, booking.bookingKey(), booking.request());
        }
        outcomes.settle(booking, answer);
    }
}
