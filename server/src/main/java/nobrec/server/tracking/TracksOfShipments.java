package nobrec.server.tracking;

import java.time.Instant;
import java.util.Set;
import java.util.stream.Collectors;
import nobrec.core.address.PostalAddress;
import nobrec.core.shipment.Shipment;
import nobrec.core.telling.Moment;
import nobrec.core.tracking.Area;
import nobrec.core.tracking.Track;
import nobrec.server.moment.MomentReached;
import nobrec.server.platform.Shortened;
import nobrec.server.shipment.Shipments;
import nobrec.server.site.Site;
import nobrec.server.site.Sites;
import nobrec.server.telling.GoneShipment;
import nobrec.server.voiding.PackageVoided;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Begins to follow the packages of what gets its labels, and leaves off where these are void; in the same transaction. */
@Component
class TracksOfShipments {

    private static final int LONGEST = 200;

    private final TrackMapper mapper;
    private final Shipments shipments;
    private final Sites sites;
    private final Intervals intervals;

    TracksOfShipments(TrackMapper mapper, Shipments shipments, Sites sites, Intervals intervals) {
        this.mapper = mapper;
        this.shipments = shipments;
        this.sites = sites;
        this.intervals = intervals;
    }

    @EventListener
    void on(MomentReached reached) {
        if (reached.moment() == Moment.LABEL_BOUGHT) {
            follow(reached.gone().orElseThrow(), reached.at());
        } else if (reached.moment() == Moment.VOID) {
            mapper.deleteOf(reached.shipmentId());
        } else if (reached.moment() == Moment.HANDED_OVER) {
            mapper.askFrom(
                    reached.shipmentId(),
                    reached.at().plus(intervals.of(carrierOf(reached)).dueToday()));
        }
    }

    private static String carrierOf(MomentReached reached) {
        return reached.gone().orElseThrow().service().carrier().code();
    }

    private void follow(GoneShipment gone, Instant now) {
        Shipment shipment = gone.shipment();
        Shipment.Outcome outcome = shipment.outcome().orElseThrow();
        Site site = sites.byId(shipment.siteId());
        PostalAddress to = gone.jobs().leading().shipToOnPapers();
        String carrier = gone.service().carrier().code();
        for (Shipment.Package each : shipment.packages()) {
            mapper.insert(new TrackRow(
                    0,
                    shipment.id(),
                    each.number(),
                    shipment.packages().size(),
                    each.trackingNumber().orElseThrow(),
                    carrier,
                    outcome.serviceCode(),
                    site.id(),
                    Shortened.to(LONGEST, gone.jobs().leading().number()),
                    Shortened.to(LONGEST, to.name()),
                    Shortened.to(LONGEST, to.cityLine()),
                    Area.of(to, site.address().country()).code(),
                    now,
                    outcome.shipDate(),
                    outcome.deliveryDate(),
                    Track.State.EXPECTED,
                    now,
                    "",
                    "",
                    null,
                    null,
                    null,
                    now.plus(intervals.of(carrier).usual()),
                    null,
                    "",
                    0,
                    null,
                    null,
                    false));
        }
    }

    /** One of several packages is void: the others stay on their way. */
    @EventListener
    void on(PackageVoided voided) {
        Set<String> left = shipments.byId(voided.shipment().id()).packages().stream()
                .flatMap(each -> each.trackingNumber().stream())
                .collect(Collectors.toSet());
        mapper.ofShipment(voided.shipment().id()).stream()
                .filter(track -> !left.contains(track.trackingNumber()))
                .forEach(track -> mapper.delete(track.id()));
    }
}
