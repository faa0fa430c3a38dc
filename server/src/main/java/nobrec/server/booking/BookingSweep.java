package nobrec.server.booking;

import java.time.Clock;
import java.time.Instant;
import java.util.Optional;
import nobrec.core.service.Carrier;
import nobrec.server.carrier.CarrierGateway;
import nobrec.server.carrier.ServiceCatalog;
import nobrec.server.platform.outbox.DueTimes;
import nobrec.server.platform.outbox.DueWork;
import nobrec.server.platform.outbox.DueWorker;
import nobrec.server.platform.outbox.GrowingPause;
import org.springframework.stereotype.Component;

/**
 * Finishes bookings that have no certain answer: asks the carrier what it has under the key, and sends it again, under
 * the same key, when it has nothing.
 */
@Component
public class BookingSweep implements DueWork<Booking> {

    private final BookingMapper bookings;
    private final ShippingOutcomes outcomes;
    private final Completions completions;
    private final CarrierGateway gateway;
    private final ServiceCatalog catalog;
    private final DueWorker worker;
    private final Clock clock;

    BookingSweep(
            BookingMapper bookings,
            ShippingOutcomes outcomes,
            Completions completions,
            CarrierGateway gateway,
            ServiceCatalog catalog,
            DueWorker worker,
            Clock clock) {
        this.bookings = bookings;
        this.outcomes = outcomes;
        this.completions = completions;
        this.gateway = gateway;
        this.catalog = catalog;
        this.worker = worker;
        this.clock = clock;
    }

    /** Works through all whose time has come. */
    public void run() {
        worker.run(this);
    }

    /** Asks about a shipment now, whenever its time would come. */
    public void askNow(long shipmentId) {
        bookings.waitingOf(shipmentId)
                .ifPresent(booking -> gateway.callAllTheSame(catalog.carrier(booking.carrierCode())));
        worker.runOne(this, () -> bookings.waitingOfLocked(shipmentId));
    }

    @Override
    public String name() {
        return "Bookings";
    }

    @Override
    public Optional<Booking> nextDue(DueTimes times) {
        return bookings.nextDue(times);
    }

    @Override
    public void take(Booking booking, Instant until) {
        bookings.take(booking.bookingKey(), until);
    }

    @Override
    public void carryOut(Booking booking) {
        Carrier carrier = catalog.carrier(booking.carrierCode());
        CarrierGateway.Booking answer = gateway.lookUp(carrier, booking.bookingKey());
        if (answer instanceof CarrierGateway.Booking.NeverArrived) {
            answer = gateway.book(carrier, booking.bookingKey(), booking.request());
        }
        if (outcomes.settle(booking, answer)) {
            completions.runFor(booking.shipmentId());
        }
    }

    @Override
    public void failed(Booking booking, String reason) {
        bookings.putOff(booking.bookingKey(), clock.instant().plus(GrowingPause.after(booking.attempts() + 1)), reason);
    }
}
