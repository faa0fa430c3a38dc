package nobrec.server.tracking;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import nobrec.core.tracking.Forecast;
import nobrec.core.tracking.OnTimeRecord;
import nobrec.core.tracking.Track;
import nobrec.server.account.Accounts;
import nobrec.server.api.figure.Amount;
import nobrec.server.carrier.ServiceCatalog;
import nobrec.server.site.Site;
import nobrec.server.site.Sites;
import org.springframework.stereotype.Component;

/** Packages as they are shown, each with its events, what was done about it, and its forecast. */
@Component
class TrackViews {

    private final TrackMapper mapper;
    private final OnTime onTime;
    private final ServiceCatalog catalog;
    private final Sites sites;
    private final Accounts accounts;

    TrackViews(TrackMapper mapper, OnTime onTime, ServiceCatalog catalog, Sites sites, Accounts accounts) {
        this.mapper = mapper;
        this.onTime = onTime;
        this.catalog = catalog;
        this.sites = sites;
        this.accounts = accounts;
    }

    List<TrackView> of(List<TrackRow> rows) {
        if (rows.isEmpty()) {
            return List.of();
        }
        List<Long> ids = rows.stream().map(TrackRow::id).toList();
        Map<Long, List<EventRow>> events =
                mapper.events(ids).stream().collect(Collectors.groupingBy(EventRow::trackId));
        Map<Long, List<NoteRow>> notes = mapper.notes(ids).stream().collect(Collectors.groupingBy(NoteRow::trackId));
        Map<Long, OnTimeRecord> lanes = onTime.of(rows);
        return rows.stream()
                .map(row -> view(
                        row,
                        events.getOrDefault(row.id(), List.of()),
                        notes.getOrDefault(row.id(), List.of()),
                        Optional.ofNullable(lanes.get(row.id()))))
                .toList();
    }

    private TrackView view(TrackRow row, List<EventRow> events, List<NoteRow> notes, Optional<OnTimeRecord> lane) {
        Site site = sites.byId(row.siteId());
        LocalDate today = sites.timeAt(site).toLocalDate();
        Track track = Track.of(events.stream().map(EventRow::event).toList());
        Forecast forecast = Forecast.of(
                track,
                new Forecast.Known(row.promise(), Optional.ofNullable(row.carrierDay()), lane),
                today,
                site.zone(),
                sites.calendar(site.id()));
        return new TrackView(
                row.id(),
                row.trackingNumber(),
                row.job(),
                row.receiver(),
                row.destination(),
                catalog.carrier(row.carrierCode()).name(),
                catalog.service(row.serviceCode()).name(),
                row.packageNumber(),
                row.packages(),
                row.shipDate(),
                row.promise(),
                row.state(),
                row.state().words(),
                row.said(),
                row.movedAt(),
                OnTimeRecord.daysLate(row.promise(), row.deliveredOn() == null ? today : row.deliveredOn()),
                forecast.day(),
                forecast.reason(),
                lane.map(OnTimeRecord::words).orElse(""),
                Optional.ofNullable(row.askedAt()),
                Optional.ofNullable(row.askAt()),
                row.fault(),
                row.closedBy() == null ? "" : accounts.displayName(row.closedBy()),
                eventViews(events),
                notes.stream().map(this::view).toList());
    }

    private static List<TrackView.EventView> eventViews(List<EventRow> events) {
        return events.stream()
                .sorted(Comparator.comparing(EventRow::happenedAt).thenComparing(EventRow::kind))
                .map(row -> new TrackView.EventView(
                        row.kind(),
                        row.kind().words(),
                        row.kind().isException(),
                        row.event().at().toString(),
                        row.place(),
                        row.text(),
                        row.pushed()))
                .toList();
    }

    private TrackView.NoteView view(NoteRow row) {
        return new TrackView.NoteView(
                row.kind(),
                row.kind().words(),
                row.text(),
                Optional.ofNullable(row.amount()).map(Amount::of),
                accounts.displayName(row.madeBy()),
                row.madeAt());
    }
}
