package nobrec.server.bench;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import nobrec.core.calendar.WorkCalendar;
import nobrec.core.rating.Offer;
import nobrec.core.rating.ServiceChoice;
import nobrec.core.shipment.Jobs;
import nobrec.core.shipment.Shipment;
import nobrec.core.shipment.ShipmentState;
import nobrec.server.api.figure.Amount;
import nobrec.server.packing.CombiningActs;
import nobrec.server.pricing.Assessor;
import nobrec.server.shipment.ShipmentStore;
import nobrec.server.shipment.Shipments;
import nobrec.server.site.Sites;
import nobrec.server.workorder.JobPlaces;
import nobrec.server.workorder.WorkOrders;
import nobrec.server.workorder.list.JobAttentions;
import org.joda.money.Money;
import org.springframework.stereotype.Component;

/** Whether leaving on a later day keeps the promise and costs less: each such day is tried, priced and rolled back. */
@Component
class LaterOffers {

    private static final int DAYS_LOOKED_AT = 4;
    private static final int JOBS_LOOKED_AT = 2;

    /**
     * @param day on which it would leave
     * @param with the job it would go together with, which cannot go yet; nothing where it goes for itself
     * @param total of what leaves that day
     * @param saves against leaving today; both jobs each for itself where it goes with another
     */
    record LaterOffer(
            LocalDate day,
            String service,
            String name,
            LocalDate delivery,
            Optional<NotYet> with,
            Amount total,
            Amount saves) {}

    /** @param reason why it cannot go yet */
    record NotYet(String job, String reason) {}

    private record Found(LocalDate day, Offer offer, Optional<NotYet> with, Money saves) {
        LaterOffer view() {
            return new LaterOffer(
                    day,
                    offer.service().code(),
                    offer.service().name(),
                    offer.delivery(),
                    with,
                    Amount.of(offer.total().orElseThrow()),
                    Amount.of(saves));
        }
    }

    private static final Comparator<Found> SAVES_MOST_THEN_SOONEST = Comparator.comparing(Found::saves)
            .reversed()
            .thenComparing(Found::day)
            .thenComparing(found -> found.with().isPresent());

    private final Shipments shipments;
    private final ShipmentStore store;
    private final CombiningActs combining;
    private final WorkOrders workOrders;
    private final JobPlaces places;
    private final Sites sites;
    private final Assessor assessor;
    private final JobAttentions attentions;
    private final Trials trials;

    LaterOffers(
            Shipments shipments,
            ShipmentStore store,
            CombiningActs combining,
            WorkOrders workOrders,
            JobPlaces places,
            Sites sites,
            Assessor assessor,
            JobAttentions attentions,
            Trials trials) {
        this.shipments = shipments;
        this.store = store;
        this.combining = combining;
        this.workOrders = workOrders;
        this.places = places;
        this.sites = sites;
        this.assessor = assessor;
        this.attentions = attentions;
        this.trials = trials;
    }

    /** The one that saves most, the soonest of these; empty where nothing is promised or no later day costs less. */
    Optional<LaterOffer> of(String job, String signIn) {
        List<LocalDate> days = trials.rolledBack(() -> daysBeforePromise(trials.opened(job, signIn)));
        List<NotYet> others = days.isEmpty() ? List.of() : notYet(job);
        List<Found> found = new ArrayList<>();
        for (LocalDate day : days) {
            trials.ifAllowed(() -> alone(job, day, signIn)).ifPresent(found::add);
            others.forEach(other ->
                    trials.ifAllowed(() -> together(job, other, day, signIn)).ifPresent(found::add));
        }
        return found.stream().min(SAVES_MOST_THEN_SOONEST).map(Found::view);
    }

    /** What could go along today is offered by itself; these can do so only once they are ready. */
    private List<NotYet> notYet(String job) {
        return places.goingThereNotYet(workOrders.idOf(job), JOBS_LOOKED_AT).stream()
                .map(workOrders::byNumber)
                .flatMap(other -> attentions.of(other).stream()
                        .limit(1)
                        .map(reason -> new NotYet(other.number(), reason.reason())))
                .toList();
    }

    /** Days on which the site is open, after the one it leaves on as it stands. */
    private List<LocalDate> daysBeforePromise(Shipment shipment) {
        if (shipment.state() != ShipmentState.OPEN) {
            return List.of();
        }
        Optional<LocalDate> promise = shipments.jobs(shipment).promiseDate();
        WorkCalendar calendar = sites.calendar(shipment.siteId());
        LocalDate today = sites.timeAt(sites.byId(shipment.siteId())).toLocalDate();
        LocalDate leaves = shipment.shipOn().filter(day -> day.isAfter(today)).orElse(today);
        return promise.stream()
                .flatMap(last -> Stream.iterate(
                                calendar.openOrNext(leaves.plusDays(1)),
                                day -> day.isBefore(last),
                                day -> calendar.openOrNext(day.plusDays(1)))
                        .limit(DAYS_LOOKED_AT))
                .toList();
    }

    private Optional<Found> alone(String job, LocalDate day, String signIn) {
        Shipment shipment = trials.opened(job, signIn);
        return cheapestToday(shipment).flatMap(today -> cheaper(shipment, day, today, Optional.empty()));
    }

    /** Leaving as it stands, by what is cheapest and in time. */
    private Optional<Money> cheapestToday(Shipment shipment) {
        Jobs jobs = shipments.jobs(shipment);
        return cheapest(shipment, jobs).flatMap(Offer::total);
    }

    private Optional<Offer> cheapest(Shipment shipment, Jobs jobs) {
        return jobs.promiseDate()
                .flatMap(promise -> ServiceChoice.cheapestInTime(
                        assessor.assess(shipment, jobs).offers(), promise));
    }

    private Optional<Found> together(String job, NotYet other, LocalDate day, String signIn) {
        Shipment shipment = trials.opened(job, signIn);
        if (shipments.jobs(shipment).all().stream()
                .anyMatch(each -> each.number().equals(other.job()))) {
            return Optional.empty();
        }
        Optional<Money> each = cheapestToday(shipment)
                .flatMap(
                        own -> cheapestToday(trials.opened(other.job(), signIn)).map(own::plus));
        combining.addJob(shipment.id(), other.job(), signIn);
        return each.flatMap(now -> cheaper(shipments.byId(shipment.id()), day, now, Optional.of(other)));
    }

    private Optional<Found> cheaper(Shipment shipment, LocalDate day, Money now, Optional<NotYet> with) {
        store.shipOn(shipment.id(), day);
        Shipment later = shipments.byId(shipment.id());
        Jobs jobs = shipments.jobs(later);
        return cheapest(later, jobs)
                .filter(offer -> offer.total().orElseThrow().isLessThan(now))
                .map(offer ->
                        new Found(day, offer, with, now.minus(offer.total().orElseThrow())));
    }
}
