package nobrec.server.shipment;

import java.time.Clock;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import nobrec.core.rating.Service;
import nobrec.server.actlog.ActLog;
import nobrec.server.carrier.CarrierGateway;
import nobrec.server.carrier.ServiceCatalog;
import nobrec.server.platform.GrowingPause;
import nobrec.server.workorder.WorkOrder;
import nobrec.server.workorder.WorkOrders;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * Second half of shipping: the carrier's answer is stored, and with it, in the same transaction, the papers, the work
 * order's state and the postings. An answer that comes twice is stored once.
 */
@Component
class ShippingOutcomes {

    private final Shipments shipments;
    private final ShipmentMapper mapper;
    private final BookingMapper bookings;
    private final WorkOrders workOrders;
    private final ServiceCatalog catalog;
    private final ShipmentPapers papers;
    private final ActLog actLog;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    ShippingOutcomes(
            Shipments shipments,
            ShipmentMapper mapper,
            BookingMapper bookings,
            WorkOrders workOrders,
            ServiceCatalog catalog,
            ShipmentPapers papers,
            ActLog actLog,
            ApplicationEventPublisher events,
            Clock clock) {
        this.shipments = shipments;
        this.mapper = mapper;
        this.bookings = bookings;
        this.workOrders = workOrders;
        this.catalog = catalog;
        this.papers = papers;
        this.actLog = actLog;
        this.events = events;
        this.clock = clock;
    }

    @Transactional
    public void settle(Booking booking, CarrierGateway.Booking answer) {
        Shipment shipment = shipments.locked(booking.shipmentId());
        if (shipment.state() != ShipmentState.SHIPPING) {
            return;
        }
        if (answer instanceof CarrierGateway.Booking.Accepted accepted
                && accepted.trackingNumbers().size() == shipment.packages().size()) {
            accept(booking, shipment, accepted.trackingNumbers());
        } else if (answer instanceof CarrierGateway.Booking.Refused refused) {
            refuse(booking, shipment, refused.reason());
        } else {
            wait(booking, answer);
        }
    }

    private void accept(Booking booking, Shipment shipment, Map<Integer, String> trackingNumbers) {
        bookings.updateState(booking.bookingKey(), BookingState.ACCEPTED, "");
        trackingNumbers.forEach((number, tracking) -> mapper.updateTrackingNumber(shipment.id(), number, tracking));
        mapper.markShipped(shipment.id(), clock.instant());
        Shipment shipped = shipments.byId(shipment.id());
        Jobs jobs = shipments.jobs(shipment);
        jobs.all().forEach(job -> workOrders.markShipped(job.id(), leaving(shipment, job)));
        Service service = catalog.service(shipped.outcome().orElseThrow().serviceCode());
        papers.make(shipped, jobs, service);
        actLog.write(
                shipment.startedBy().orElse(ActLog.BY_ITSELF),
                "shipped",
                "Job " + jobs.numbers(),
                service.name() + ", " + String.join(", ", trackingNumbers.values()));
        events.publishEvent(ShipmentShipped.of(shipped, jobs, service));
    }

    /** Pieces of a work order in the shipment, by line. */
    private static Map<Long, Integer> leaving(Shipment shipment, WorkOrder job) {
        Set<Long> own = job.lines().stream().map(WorkOrder.Line::id).collect(Collectors.toSet());
        return shipment.lines().stream()
                .filter(line -> own.contains(line.workOrderLineId()))
                .collect(Collectors.toMap(Shipment.Line::workOrderLineId, Shipment.Line::quantity));
    }

    private void refuse(Booking booking, Shipment shipment, String reason) {
        bookings.updateState(booking.bookingKey(), BookingState.REFUSED, reason);
        mapper.updateState(shipment.id(), ShipmentState.OPEN, null);
        actLog.write(
                shipment.startedBy().orElse(ActLog.BY_ITSELF),
                "was refused by the carrier",
                "Shipment " + shipment.id(),
                reason);
    }

    private void wait(Booking booking, CarrierGateway.Booking answer) {
        String reason = answer instanceof CarrierGateway.Booking.Unknown unknown
                ? unknown.reason()
                : "The carrier has not got it yet.";
        int attempts = booking.attempts() + 1;
        bookings.updateAnswer(booking.bookingKey(), reason);
        bookings.postpone(booking.bookingKey(), clock.instant().plus(GrowingPause.after(attempts)), attempts);
    }
}
