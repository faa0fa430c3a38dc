package nobrec.server.tracking;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import nobrec.core.refusal.Refusal;
import nobrec.core.service.Carrier;
import nobrec.core.tracking.TrackingEvent;
import nobrec.server.carrier.CarrierGateway;
import nobrec.server.carrier.PackageNews;
import nobrec.server.carrier.ServiceCatalog;
import nobrec.server.connection.OutsideAnswer;
import nobrec.server.platform.BackgroundWork.Sweep;
import nobrec.server.platform.Shortened;
import nobrec.server.platform.outbox.GrowingPause;
import nobrec.server.site.Sites;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.stereotype.Component;

/**
 * Asks each carrier about the packages that are due, some at once. A question takes its packages for itself in the database, so that
 * several servers never ask about the same one; should a server be killed they are due again after a while. A carrier that does not answer
 * is left alone until the next turn.
 */
@Component
class TrackAsker {

    private static final Logger LOG = LoggerFactory.getLogger(TrackAsker.class);
    private static final Duration PAUSE = Duration.ofSeconds(3);
    private static final int BATCH = 100;
    private static final int MOST_BATCHES = 50;
    private static final int LONGEST_FAULT = 500;
    private static final Duration CLAIM = Duration.ofMinutes(5);
    private static final String SILENT = "The carrier's answer does not mention it.";

    private final TrackMapper mapper;
    private final TrackKeeper keeper;
    private final CarrierGateway gateway;
    private final ServiceCatalog catalog;
    private final Intervals intervals;
    private final Sites sites;
    private final Clock clock;

    TrackAsker(
            TrackMapper mapper,
            TrackKeeper keeper,
            CarrierGateway gateway,
            ServiceCatalog catalog,
            Intervals intervals,
            Sites sites,
            Clock clock) {
        this.mapper = mapper;
        this.keeper = keeper;
        this.gateway = gateway;
        this.catalog = catalog;
        this.intervals = intervals;
        this.sites = sites;
        this.clock = clock;
    }

    @Configuration
    static class Sweeping {
        @Bean
        Sweep sweepOfTracks(TrackAsker asker) {
            return new Sweep("packages en route", PAUSE, asker::askAll);
        }
    }

    /** All that are due by now. */
    void askAll() {
        for (Carrier carrier : catalog.carriers()) {
            try {
                askAbout(carrier);
            } catch (Refusal notConnected) {
                LOG.debug("{} is not asked about packages: {}", carrier.name(), notConnected.getMessage());
            }
        }
    }

    private void askAbout(Carrier carrier) {
        if (!gateway.tracks(carrier)) {
            return;
        }
        int batches = 0;
        while (batches < MOST_BATCHES && askSome(carrier) == BATCH) {
            batches++;
        }
    }

    /** @return how many there were; none when the carrier did not answer */
    private int askSome(Carrier carrier) {
        String question = UUID.randomUUID().toString();
        Instant now = clock.instant();
        if (mapper.claim(carrier.code(), now, question, now.plus(CLAIM), BATCH) == 0) {
            return 0;
        }
        List<TrackRow> rows = mapper.claimed(question);
        List<String> numbers = rows.stream().map(TrackRow::trackingNumber).toList();
        OutsideAnswer<List<PackageNews>> answer = gateway.track(carrier, question, numbers, now);
        if (answer instanceof OutsideAnswer.Accepted<List<PackageNews>> accepted) {
            keep(rows, accepted.result());
            return rows.size();
        }
        String why = answer instanceof OutsideAnswer.Refused<List<PackageNews>> refused
                ? refused.reason()
                : answer.whyOpen();
        int failures = rows.stream().mapToInt(TrackRow::failures).max().orElse(0);
        mapper.unanswered(
                question, now.plus(GrowingPause.after(failures + 1, question)), Shortened.to(LONGEST_FAULT, why));
        return 0;
    }

    private void keep(List<TrackRow> rows, List<PackageNews> news) {
        Instant now = clock.instant();
        Map<String, CheckedNews> byNumber = news.stream()
                .map(each -> CheckedNews.of(each, now))
                .collect(Collectors.toMap(CheckedNews::trackingNumber, each -> each, (first, again) -> first));
        Map<Long, Set<String>> known = knownOf(rows);
        Map<NextTurn, List<Long>> unchanged = new HashMap<>();
        for (TrackRow row : rows) {
            CheckedNews said = Optional.ofNullable(byNumber.get(row.trackingNumber()))
                    .orElseGet(() -> new CheckedNews(row.trackingNumber(), List.of(), Optional.empty(), SILENT));
            if (isNew(row, said, known.getOrDefault(row.id(), Set.of()))) {
                keeper.learn(row.shipmentId(), said, false);
            } else {
                Optional<Instant> next = intervals
                        .of(row.carrierCode())
                        .next(row.state(), row.movedAt(), row.promise(), now, sites.today());
                unchanged
                        .computeIfAbsent(new NextTurn(next, said.fault()), turn -> new ArrayList<>())
                        .add(row.id());
            }
        }
        unchanged.forEach((turn, ids) -> mapper.asked(ids, turn.at().orElse(null), now, turn.fault()));
    }

    private record NextTurn(Optional<Instant> at, String fault) {}

    private Map<Long, Set<String>> knownOf(List<TrackRow> rows) {
        Map<Long, Set<String>> known = new HashMap<>();
        mapper.knownEvents(rows.stream().map(TrackRow::id).toList())
                .forEach(each -> known.computeIfAbsent(each.trackId(), id -> new HashSet<>())
                        .add(each.eventKey()));
        return known;
    }

    private static boolean isNew(TrackRow row, CheckedNews said, Set<String> known) {
        return !known.containsAll(said.events().stream().map(TrackingEvent::key).toList())
                || said.expectedOn()
                        .filter(day -> !day.equals(row.carrierDay()))
                        .isPresent();
    }
}
