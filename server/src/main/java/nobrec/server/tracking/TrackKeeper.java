package nobrec.server.tracking;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import nobrec.core.shipment.ShipmentState;
import nobrec.core.telling.Moment;
import nobrec.core.tracking.Track;
import nobrec.core.tracking.TrackingEvent;
import nobrec.server.moment.Moments;
import nobrec.server.platform.Shortened;
import nobrec.server.shipment.Shipments;
import nobrec.server.site.Sites;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * Keeps what a carrier says of a package, each event once, and what follows from all of them together, in one transaction with whoever
 * is told of it. What comes late or again changes nothing but the list of events.
 */
@Component
class TrackKeeper {

    private static final int LONGEST = 500;
    private static final DateTimeFormatter LOCAL = DateTimeFormatter.ofPattern("MMM d, h:mm a", Locale.US);

    private final TrackMapper mapper;
    private final Shipments shipments;
    private final Moments moments;
    private final OnTime onTime;
    private final Intervals intervals;
    private final Sites sites;
    private final Clock clock;

    TrackKeeper(
            TrackMapper mapper,
            Shipments shipments,
            Moments moments,
            OnTime onTime,
            Intervals intervals,
            Sites sites,
            Clock clock) {
        this.mapper = mapper;
        this.shipments = shipments;
        this.moments = moments;
        this.onTime = onTime;
        this.intervals = intervals;
        this.sites = sites;
        this.clock = clock;
    }

    /**
     * @param shipmentId of the package
     * @return how many events were new
     */
    @Transactional
    public int learn(long shipmentId, CheckedNews news, boolean pushed) {
        if (shipments.lockedInOutline(shipmentId).state() != ShipmentState.SHIPPED) {
            return 0;
        }
        Optional<TrackRow> found = mapper.lockedOfShipment(shipmentId).stream()
                .filter(each -> each.trackingNumber().equals(news.trackingNumber()))
                .findFirst();
        if (found.isEmpty()) {
            return 0;
        }
        TrackRow row = found.get();
        Instant now = clock.instant();
        int added = news.events().stream()
                .mapToInt(event -> mapper.insertEvent(EventRow.of(row.id(), event, pushed, now)))
                .sum();
        Track track = Track.of(
                mapper.events(List.of(row.id())).stream().map(EventRow::event).toList());
        TrackRow next = after(row, track, news, now);
        mapper.learned(next);
        tell(row, next, track);
        return added;
    }

    private TrackRow after(TrackRow row, Track track, CheckedNews news, Instant now) {
        Optional<TrackingEvent> last = track.last();
        Instant moved = last.map(each -> each.at().toInstant()).orElse(row.movedAt());
        Optional<TrackingEvent> delivered = track.delivered();
        String exception = track.exception().map(TrackingEvent::key).orElse("");
        boolean newTrouble = !exception.isEmpty() && !exception.equals(row.exceptionKey());
        return new TrackRow(
                row.id(),
                row.shipmentId(),
                row.packageNumber(),
                row.packages(),
                row.trackingNumber(),
                row.carrierCode(),
                row.serviceCode(),
                row.siteId(),
                row.job(),
                row.receiver(),
                row.destination(),
                row.area(),
                row.shippedAt(),
                row.shipDate(),
                row.promise(),
                track.state(),
                moved,
                Shortened.to(LONGEST, last.map(TrackingEvent::said).orElse("")),
                exception,
                news.expectedOn().orElse(row.carrierDay()),
                delivered.map(each -> each.at().toInstant()).orElse(null),
                delivered.map(each -> each.at().toLocalDate()).orElse(null),
                intervals
                        .of(row.carrierCode())
                        .next(track.state(), moved, row.promise(), now, sites.today())
                        .orElse(null),
                now,
                news.fault(),
                0,
                newTrouble ? null : row.closedBy(),
                newTrouble ? null : row.closedAt(),
                row.counted());
    }

    private void tell(TrackRow before, TrackRow now, Track track) {
        if (!now.exceptionKey().isEmpty() && !now.exceptionKey().equals(before.exceptionKey())) {
            TrackingEvent event = track.exception().orElseThrow();
            moments.reached(now.shipmentId(), Moment.EXCEPTION, now.trackingNumber() + ": " + told(event));
        }
        if (now.state().isLast() && !before.state().isLast()) {
            allOf(now.shipmentId());
        }
    }

    /** A shipment is delivered once all its packages are. */
    private void allOf(long shipmentId) {
        List<TrackRow> all = mapper.ofShipment(shipmentId);
        if (all.stream().allMatch(each -> each.state() == Track.State.DELIVERED)) {
            TrackRow last = lastDelivered(all);
            moments.reached(shipmentId, Moment.DELIVERED, last.said());
        }
        countOnce(all);
    }

    /** Counts a shipment of which nothing more is to be expected, once. */
    void countOnce(List<TrackRow> all) {
        if (!all.stream().allMatch(TrackRow::needsNothingMore) || all.stream().anyMatch(TrackRow::counted)) {
            return;
        }
        TrackRow one = all.get(0);
        boolean arrived = all.stream().allMatch(each -> each.state() == Track.State.DELIVERED);
        Optional<LocalDate> day =
                arrived ? Optional.ofNullable(lastDelivered(all).deliveredOn()) : Optional.empty();
        mapper.markCounted(one.shipmentId());
        onTime.count(one.serviceCode(), one.siteId(), one.area(), one.promise(), day);
    }

    private static TrackRow lastDelivered(List<TrackRow> all) {
        return all.stream()
                .max(Comparator.comparing(each -> each.deliveredAt() == null ? Instant.MIN : each.deliveredAt()))
                .orElseThrow();
    }

    private static String told(TrackingEvent event) {
        OffsetDateTime at = event.at();
        return event.said() + ", " + LOCAL.format(at);
    }
}
