package nobrec.server.booking;

import java.util.Optional;
import nobrec.core.refusal.Refusal;
import nobrec.core.service.Carrier;
import nobrec.server.carrier.CarrierGateway;
import nobrec.server.carrier.ServiceCatalog;
import nobrec.server.carrier.TrackingNumbers;
import nobrec.server.connection.OutsideAnswer;
import nobrec.server.platform.outbox.OutboxEntry;
import nobrec.server.telling.GoneShipment;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;

/** The act of shipping: intent, call, answer. What a crash or silence leaves open, {@link Bookings} finishes. */
@Service
public class Shipping {

    /** What the person saw when she decided: service code and total. */
    public record Seen(String service, String total) {}

    private static final Logger LOG = LoggerFactory.getLogger(Shipping.class);

    private final ShippingIntents intents;
    private final ShippingOutcomes outcomes;
    private final AfterShipping afterShipping;
    private final CarrierGateway gateway;
    private final ServiceCatalog catalog;

    Shipping(
            ShippingIntents intents,
            ShippingOutcomes outcomes,
            AfterShipping afterShipping,
            CarrierGateway gateway,
            ServiceCatalog catalog) {
        this.intents = intents;
        this.outcomes = outcomes;
        this.afterShipping = afterShipping;
        this.gateway = gateway;
        this.catalog = catalog;
    }

    /**
     * Ships, or leaves the shipment waiting for the carrier's answer when none comes in time.
     *
     * @return the shipment as it has left; empty while that is not known
     */
    public Optional<GoneShipment> ship(long shipmentId, Seen seen, String signIn) {
        OutboxEntry booking = intents.begin(shipmentId, seen, signIn);
        Carrier carrier = catalog.carrier(booking.target());
        OutsideAnswer<TrackingNumbers> answer;
        try {
            answer = gateway.book(carrier, booking.entryKey(), booking.request());
            if (outcomes.settle(booking, answer)) {
                return Optional.of(afterShipping.runFor(shipmentId));
            }
        } catch (RuntimeException failed) {
            LOG.error("Shipment {} was begun and not finished; it goes on by itself", shipmentId, failed);
            return Optional.empty();
        }
        if (answer instanceof OutsideAnswer.Refused<TrackingNumbers> refused) {
            throw Refusal.unusable(
                    carrier.name(), "It refused the shipment: " + refused.reason(), "Correct that and ship again.");
        }
        return Optional.empty();
    }
}
