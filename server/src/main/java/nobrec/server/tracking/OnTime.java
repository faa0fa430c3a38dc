package nobrec.server.tracking;

import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import nobrec.core.address.PostalAddress;
import nobrec.core.tracking.Area;
import nobrec.core.tracking.OnTimeRecord;
import nobrec.server.site.Site;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** How well services keep their promises, by site and area. */
@Service
public class OnTime {

    private final OnTimeMapper mapper;

    OnTime(OnTimeMapper mapper) {
        this.mapper = mapper;
    }

    /** How shipments of services came in that went to where this one goes, by service; those of which too little is known are left out. */
    public Map<String, OnTimeRecord> of(Collection<String> services, Site site, PostalAddress shipTo) {
        if (services.isEmpty()) {
            return Map.of();
        }
        Area area = Area.of(shipTo, site.address().country());
        Map<String, List<OnTimeRow>> byService = mapper.of(services, List.of(site.id()), area.fromNearToWide()).stream()
                .collect(Collectors.groupingBy(OnTimeRow::serviceCode));
        Map<String, OnTimeRecord> records = new HashMap<>();
        byService.forEach((service, rows) -> nearest(rows).ifPresent(each -> records.put(service, each)));
        return records;
    }

    /** The same for packages that are on their way. */
    Map<Long, OnTimeRecord> of(List<TrackRow> tracks) {
        if (tracks.isEmpty()) {
            return Map.of();
        }
        List<OnTimeRow> rows = mapper.of(
                tracks.stream().map(TrackRow::serviceCode).distinct().toList(),
                tracks.stream().map(TrackRow::siteId).distinct().toList(),
                tracks.stream()
                        .flatMap(each -> new Area(each.area()).fromNearToWide().stream())
                        .distinct()
                        .toList());
        Map<Long, OnTimeRecord> records = new HashMap<>();
        for (TrackRow track : tracks) {
            List<String> areas = new Area(track.area()).fromNearToWide();
            nearest(rows.stream()
                            .filter(row -> row.serviceCode().equals(track.serviceCode())
                                    && row.siteId() == track.siteId()
                                    && areas.contains(row.area()))
                            .toList())
                    .ifPresent(each -> records.put(track.id(), each));
        }
        return records;
    }

    private static Optional<OnTimeRecord> nearest(List<OnTimeRow> rows) {
        return OnTimeRecord.nearest(rows.stream()
                .sorted(Comparator.comparingInt((OnTimeRow row) -> row.area().length())
                        .reversed())
                .map(row -> new OnTimeRecord(Area.words(row.area()), row.onTime(), row.aDayLate(), row.later()))
                .toList());
    }

    /** @param arrived when all of a shipment was there; empty where that will never be */
    @Transactional(propagation = Propagation.MANDATORY)
    public void count(String service, long siteId, String area, LocalDate promise, Optional<LocalDate> arrived) {
        for (String each : new Area(area).fromNearToWide()) {
            OnTimeRecord one = OnTimeRecord.of(each, promise, arrived);
            mapper.add(new OnTimeRow(service, siteId, each, one.onTime(), one.aDayLate(), one.later()));
        }
    }
}
