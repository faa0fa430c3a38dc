package nobrec.server.booking;

import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import nobrec.core.shipment.Shipment;
import nobrec.core.shipment.ShipmentState;
import nobrec.server.actlog.ActLog;
import nobrec.server.carrier.CarrierGateway;
import nobrec.server.carrier.ServiceCatalog;
import nobrec.server.platform.Shortened;
import nobrec.server.platform.outbox.GrowingPause;
import nobrec.server.shipment.ShipmentStore;
import nobrec.server.shipment.Shipments;
import nobrec.server.workorder.WorkOrders;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * Second half of shipping: what is certain of the carrier's answer is stored, in one transaction with the pieces that have
 * left and the work orders' state. Papers and postings follow, see {@link Completions}. An answer that comes twice is stored
 * once.
 */
@Component
class ShippingOutcomes {

    private static final int LONGEST_ANSWER = 500;

    private final Shipments shipments;
    private final ShipmentStore store;
    private final BookingMapper bookings;
    private final WorkOrders workOrders;
    private final ServiceCatalog catalog;
    private final Completions completions;
    private final ActLog actLog;
    private final Clock clock;

    ShippingOutcomes(
            Shipments shipments,
            ShipmentStore store,
            BookingMapper bookings,
            WorkOrders workOrders,
            ServiceCatalog catalog,
            Completions completions,
            ActLog actLog,
            Clock clock) {
        this.shipments = shipments;
        this.store = store;
        this.bookings = bookings;
        this.workOrders = workOrders;
        this.catalog = catalog;
        this.completions = completions;
        this.actLog = actLog;
        this.clock = clock;
    }

    /** @return whether the shipment has left by this answer */
    @Transactional
    public boolean settle(Booking booking, CarrierGateway.Booking answer) {
        Shipment shipment = shipments.lockedInOutline(booking.shipmentId());
        boolean awaited = shipment.state() == ShipmentState.SHIPPING
                && bookings.waitingOf(shipment.id())
                        .filter(waiting -> waiting.bookingKey().equals(booking.bookingKey()))
                        .isPresent();
        if (!awaited) {
            return false;
        }
        if (answer instanceof CarrierGateway.Booking.Accepted accepted) {
            String fault = faultOf(accepted.trackingNumbers(), shipment);
            if (fault.isEmpty()) {
                accept(booking, shipment, accepted.trackingNumbers());
                return true;
            }
            putOff(booking, fault);
        } else if (answer instanceof CarrierGateway.Booking.Refused refused) {
            refuse(booking, shipment, refused.reason());
        } else {
            putOff(
                    booking,
                    answer instanceof CarrierGateway.Booking.Unknown unknown
                            ? unknown.reason()
                            : "The carrier has not got it yet.");
        }
        return false;
    }

    /** Why an acceptance cannot be right; empty text when it can. */
    private String faultOf(Map<Integer, String> trackingNumbers, Shipment shipment) {
        Set<Integer> packages =
                shipment.packages().stream().map(Shipment.Package::number).collect(Collectors.toSet());
        if (!trackingNumbers.keySet().equals(packages)) {
            return "The carrier gave numbers for " + trackingNumbers.size() + " packages; the shipment has "
                    + packages.size() + ".";
        }
        List<String> inUse = store.trackingNumbersInUse(trackingNumbers.values());
        return inUse.isEmpty() ? "" : "The carrier gave number " + inUse.get(0) + ", which another package has.";
    }

    private void accept(Booking booking, Shipment shipment, Map<Integer, String> trackingNumbers) {
        bookings.updateState(booking.bookingKey(), BookingState.ACCEPTED, "");
        store.markShipped(shipment.id(), trackingNumbers);
        List<String> jobs = workOrders.markShipped(shipment.lines().stream()
                .collect(Collectors.toMap(Shipment.Line::workOrderLineId, Shipment.Line::quantity)));
        completions.begin(shipment.id());
        actLog.write(
                shipment.startedBy().orElse(ActLog.BY_ITSELF),
                "shipped",
                "Job " + String.join(" and ", jobs),
                catalog.carrier(booking.carrierCode()).name() + ", " + String.join(", ", trackingNumbers.values()));
    }

    private void refuse(Booking booking, Shipment shipment, String reason) {
        bookings.updateState(booking.bookingKey(), BookingState.REFUSED, Shortened.to(LONGEST_ANSWER, reason));
        store.reopen(shipment.id());
        actLog.write(
                shipment.startedBy().orElse(ActLog.BY_ITSELF),
                "was refused by the carrier",
                "Shipment " + shipment.id(),
                reason);
    }

    private void putOff(Booking booking, String reason) {
        bookings.putOff(
                booking.bookingKey(),
                clock.instant().plus(GrowingPause.after(booking.attempts() + 1)),
                Shortened.to(LONGEST_ANSWER, reason));
    }
}
