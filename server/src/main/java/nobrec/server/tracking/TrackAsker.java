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
import java.util.stream.Collectors;
import nobrec.core.refusal.Refusal;
import nobrec.core.service.Carrier;
import nobrec.core.tracking.TrackingEvent;
import nobrec.server.carrier.CarrierGateway;
import nobrec.server.carrier.PackageNews;
import nobrec.server.carrier.ServiceCatalog;
import nobrec.server.connection.OutsideAnswer;
import nobrec.server.platform.BackgroundWork.Sweep;
import nobrec.server.site.Sites;
import org.jspecify.annotations.Nullable;
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
    private static final String NOT_KEPT = "What the carrier says could not be kept; it is asked again.";
    private static final String SILENT = "The carrier's answer does not mention it.";

    private final TrackMapper mapper;
    private final TrackClaims claims;
    private final TrackKeeper keeper;
    private final CarrierGateway gateway;
    private final ServiceCatalog catalog;
    private final Intervals intervals;
    private final Sites sites;
    private final Clock clock;

    TrackAsker(
            TrackMapper mapper,
            TrackClaims claims,
            TrackKeeper keeper,
            CarrierGateway gateway,
            ServiceCatalog catalog,
            Intervals intervals,
            Sites sites,
            Clock clock) {
        this.mapper = mapper;
        this.claims = claims;
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
        Instant now = clock.instant();
        TrackClaims.Question question = claims.take(carrier.code(), now, BATCH);
        List<TrackRow> rows = question.packages();
        if (rows.isEmpty()) {
            return 0;
        }
        List<String> numbers = rows.stream().map(TrackRow::trackingNumber).toList();
        OutsideAnswer<List<PackageNews>> answer = gateway.track(carrier, question.key(), numbers, now);
        if (answer instanceof OutsideAnswer.Accepted<List<PackageNews>> accepted) {
            keep(rows, accepted.result());
            return rows.size();
        }
        claims.unanswered(
                question,
                now,
                answer instanceof OutsideAnswer.Refused<List<PackageNews>> refused
                        ? refused.reason()
                        : answer.whyOpen());
        return 0;
    }

    private void keep(List<TrackRow> rows, List<PackageNews> news) {
        Instant now = clock.instant();
        Map<String, CheckedNews> byNumber = news.stream()
                .map(each -> CheckedNews.of(each, now))
                .collect(Collectors.toMap(CheckedNews::trackingNumber, each -> each, (first, again) -> first));
        Map<Long, Set<String>> known = knownOf(rows);
        Map<TrackClaims.NextTurn, List<Long>> unchanged = new HashMap<>();
        for (TrackRow row : rows) {
            CheckedNews said = Optional.ofNullable(byNumber.get(row.trackingNumber()))
                    .orElseGet(() -> new CheckedNews(row.trackingNumber(), List.of(), Optional.empty(), SILENT));
            boolean somethingNew = isNew(row, said, known.getOrDefault(row.id(), Set.of()));
            Optional<String> unlearned = somethingNew ? whyNotLearned(row, said) : Optional.of(said.fault());
            unlearned.ifPresent(fault -> unchanged
                    .computeIfAbsent(new TrackClaims.NextTurn(nextTurn(row, now), fault), turn -> new ArrayList<>())
                    .add(row.id()));
        }
        unchanged.forEach((turn, ids) -> claims.unchanged(ids, turn, now));
    }

    /** @return nothing where it is kept; one package that cannot be kept holds up no other */
    private Optional<String> whyNotLearned(TrackRow row, CheckedNews said) {
        try {
            keeper.learn(row.shipmentId(), said, false);
            return Optional.empty();
        } catch (RuntimeException failed) {
            LOG.error("What the carrier says of {} could not be kept", row.trackingNumber(), failed);
            return Optional.of(NOT_KEPT);
        }
    }

    private @Nullable Instant nextTurn(TrackRow row, Instant now) {
        return intervals
                .of(row.carrierCode())
                .next(row.state(), row.movedAt(), row.promise(), now, sites.today())
                .orElse(null);
    }

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
