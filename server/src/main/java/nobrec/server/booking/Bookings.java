package nobrec.server.booking;

import java.util.Set;
import nobrec.core.service.Carrier;
import nobrec.server.carrier.CarrierGateway;
import nobrec.server.carrier.ServiceCatalog;
import nobrec.server.carrier.TrackingNumbers;
import nobrec.server.connection.OutsideAnswer;
import nobrec.server.platform.outbox.OutboxEntry;
import nobrec.server.platform.outbox.OutboxHandler;
import nobrec.server.platform.outbox.OutboxKind;
import nobrec.server.platform.outbox.OutboxWorker;
import nobrec.server.platform.outbox.Subject;
import org.springframework.stereotype.Component;

/**
 * Finishes bookings that have no certain answer: asks the carrier what it has under the key, and sends it again, under
 * the same key, when it has nothing.
 */
@Component
public class Bookings implements OutboxHandler {

    private final ShippingOutcomes outcomes;
    private final AfterShipping afterShipping;
    private final CarrierGateway gateway;
    private final ServiceCatalog catalog;
    private final OutboxWorker worker;

    Bookings(
            ShippingOutcomes outcomes,
            AfterShipping afterShipping,
            CarrierGateway gateway,
            ServiceCatalog catalog,
            OutboxWorker worker) {
        this.outcomes = outcomes;
        this.afterShipping = afterShipping;
        this.gateway = gateway;
        this.catalog = catalog;
        this.worker = worker;
    }

    @Override
    public Set<OutboxKind> kinds() {
        return Set.of(OutboxKind.BOOKING);
    }

    @Override
    public void carryOut(OutboxEntry booking) {
        Carrier carrier = catalog.carrier(booking.target());
        OutsideAnswer<TrackingNumbers> answer = gateway.lookUp(carrier, booking.entryKey());
        if (answer instanceof OutsideAnswer.NotFound<TrackingNumbers>) {
            answer = gateway.book(carrier, booking.entryKey(), booking.request());
        }
        if (outcomes.settle(booking, answer)) {
            afterShipping.runFor(booking.subjectId());
        }
    }

    /** Asks about a shipment now, whenever its time would come. */
    public void askNow(long shipmentId) {
        outcomes.waiting(shipmentId).ifPresent(booking -> gateway.callAllTheSame(catalog.carrier(booking.target())));
        worker.runNow(OutboxKind.BOOKING, Subject.Kind.SHIPMENT, shipmentId);
    }
}
