package nobrec.server.moment;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import nobrec.core.telling.Moment;
import nobrec.server.booking.ShipmentShipped;
import nobrec.server.platform.Shortened;
import nobrec.server.returns.ReturnReceived;
import nobrec.server.telling.FactSheets;
import nobrec.server.telling.GoneShipment;
import nobrec.server.voiding.ShipmentVoided;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what became of each shipment, and tells whoever listens, in one transaction. */
@Service
public class Moments {

    private static final int LONGEST_DETAIL = 500;

    private final MomentMapper mapper;
    private final FactSheets sheets;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    Moments(MomentMapper mapper, FactSheets sheets, ApplicationEventPublisher events, Clock clock) {
        this.mapper = mapper;
        this.sheets = sheets;
        this.events = events;
        this.clock = clock;
    }

    /** All that is known to have become of a shipment, the oldest first. */
    public List<MomentRow> of(long shipmentId) {
        return mapper.of(shipmentId);
    }

    public Optional<MomentRow> latest(long shipmentId) {
        return mapper.latest(shipmentId);
    }

    @EventListener
    void on(ShipmentShipped shipped) {
        reached(shipped.shipmentId(), Moment.LABEL_BOUGHT, "", Optional.of(shipped.gone()), clock.instant());
    }

    @EventListener
    void on(ShipmentVoided voided) {
        reached(
                voided.shipmentId(),
                Moment.VOID,
                String.join(", ", voided.trackingNumbers()),
                Optional.empty(),
                clock.instant());
    }

    @EventListener
    void on(ReturnReceived received) {
        reached(
                received.shipmentId(),
                Moment.RETURNED,
                received.came(),
                Optional.of(sheets.load(received.shipmentId())),
                clock.instant());
    }

    /** One that has left has gone further. What can happen only once and has happened changes nothing. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void reached(long shipmentId, Moment moment, String detail) {
        reached(shipmentId, moment, detail, clock.instant());
    }

    /** @param at when it was, where that is known only afterwards */
    @Transactional(propagation = Propagation.MANDATORY)
    public void reached(long shipmentId, Moment moment, String detail, Instant at) {
        reached(shipmentId, moment, detail, Optional.of(sheets.load(shipmentId)), at);
    }

    private void reached(long shipmentId, Moment moment, String detail, Optional<GoneShipment> gone, Instant at) {
        String kept = Shortened.to(LONGEST_DETAIL, detail);
        if (mapper.insert(new MomentRow(0, shipmentId, moment, at, kept)) > 0) {
            events.publishEvent(new MomentReached(shipmentId, moment, at, kept, gone));
        }
    }
}
