package nobrec.server.departure;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import nobrec.core.address.PostalAddress;
import nobrec.core.calendar.Pickup;
import nobrec.core.departure.DepartureOutlook.Verdict;
import nobrec.core.departure.PickupLoad;
import nobrec.core.measure.Weight;
import nobrec.core.service.Carrier;
import nobrec.server.api.figure.WeightFigure;
import nobrec.server.api.list.Part;
import nobrec.server.carrier.ServiceCatalog;
import nobrec.server.departure.DayPlan.Planned;
import nobrec.server.departure.DepartureView.JobOutlookList;
import nobrec.server.departure.DepartureView.JobOutlookView;
import nobrec.server.departure.DepartureView.PickupView;
import nobrec.server.place.PostalReference;
import nobrec.server.platform.NobrecSettings;
import nobrec.server.shipment.DepartedRow;
import nobrec.server.shipment.Shipments;
import nobrec.server.site.Site;
import nobrec.server.site.Sites;
import nobrec.server.workorder.OpenOrder;
import nobrec.server.workorder.WorkOrders;
import org.springframework.stereotype.Component;

/** Puts the day's pickups and the jobs that need them together. */
@Component
class DepartureBoard {

    /** What is late first, then by the pickup it must make, then what can wait, by the day it must leave on. */
    private static final Comparator<Planned> MOST_URGENT_FIRST = Comparator.<Planned, Verdict>comparing(
                    each -> each.outlook().verdict())
            .thenComparing(DepartureBoard::leavesOn)
            .thenComparing(each -> each.pickup().cutOff())
            .thenComparing(each -> each.service().carrier().name())
            .thenComparing(each -> each.job().number());

    private final Sites sites;
    private final ServiceCatalog catalog;
    private final WorkOrders workOrders;
    private final Shipments shipments;
    private final PostalReference postal;
    private final StuckThings stuck;
    private final NobrecSettings settings;

    DepartureBoard(
            Sites sites,
            ServiceCatalog catalog,
            WorkOrders workOrders,
            Shipments shipments,
            PostalReference postal,
            StuckThings stuck,
            NobrecSettings settings) {
        this.sites = sites;
        this.catalog = catalog;
        this.workOrders = workOrders;
        this.shipments = shipments;
        this.postal = postal;
        this.stuck = stuck;
        this.settings = settings;
    }

    DepartureView today() {
        Site site = sites.home();
        LocalDateTime now = sites.timeAt(site);
        Map<String, Pickup> pickups = catalog.pickups(site.id());
        DayPlan plan = plan(site, now, pickups);
        return new DepartureView(
                site.company() + ", " + site.city(),
                now.toLocalDate(),
                now.toLocalTime().truncatedTo(ChronoUnit.MINUTES),
                site.opensAt(),
                site.closesAt(),
                sites.calendar(site.id()).isOpen(now.toLocalDate()),
                pickupViews(pickups, plan.planned(), now),
                stuck.with(plan.notPlanned()));
    }

    /** Every job that is not shipped and whose departure can be foreseen, the most urgent first. */
    JobOutlookList jobs(Part part) {
        Site site = sites.home();
        LocalDateTime now = sites.timeAt(site);
        List<Planned> all = plan(site, now, catalog.pickups(site.id())).planned().stream()
                .sorted(MOST_URGENT_FIRST)
                .toList();
        int from = part.placeIn(all.size());
        List<Planned> rows = all.subList(from, Math.min(all.size(), from + part.limit()));
        Map<Long, Long> there = all.stream()
                .flatMap(each -> each.job().placeId().stream())
                .collect(Collectors.groupingBy(Function.identity(), Collectors.counting()));
        Map<Long, Weight> weights =
                workOrders.weights(rows.stream().map(each -> each.job().id()).toList());
        return new JobOutlookList(
                rows.stream()
                        .map(each -> view(
                                each, Optional.ofNullable(weights.get(each.job().id())), others(each, there), now))
                        .toList(),
                from + rows.size() < all.size() ? Optional.of((long) from + rows.size()) : Optional.empty(),
                all.size());
    }

    private DayPlan plan(Site site, LocalDateTime now, Map<String, Pickup> pickups) {
        Map<Long, String> choices = shipments.openChoices();
        DayPlan plan = new DayPlan(catalog.services(), pickups, postal, site, now);
        workOrders.notShipped().forEach(job -> plan.add(job, Optional.ofNullable(choices.get(job.id()))));
        return plan;
    }

    /** The next departure; of what can wait the last one in time, and the last day of all where nothing is promised. */
    private static LocalDate leavesOn(Planned each) {
        return each.outlook().verdict() == Verdict.CAN_WAIT
                ? each.outlook().leaveBy().orElse(LocalDate.MAX)
                : each.outlook().nextDeparture();
    }

    private List<PickupView> pickupViews(Map<String, Pickup> pickups, List<Planned> planned, LocalDateTime now) {
        Map<String, List<DepartedRow>> departed = shipments.departedOn(now.toLocalDate()).stream()
                .collect(Collectors.groupingBy(
                        row -> catalog.service(row.serviceCode()).carrier().code()));
        Map<String, List<Planned>> leaving = planned.stream()
                .filter(each -> each.outlook().verdict() != Verdict.CAN_WAIT)
                .collect(Collectors.groupingBy(each -> each.service().carrier().code()));
        return pickups.entrySet().stream()
                .sorted(Comparator.comparing(each -> each.getValue().cutOff()))
                .map(each -> pickupView(
                        catalog.carrier(each.getKey()),
                        each.getValue(),
                        departed.getOrDefault(each.getKey(), List.of()),
                        leaving.getOrDefault(each.getKey(), List.of()),
                        now))
                .toList();
    }

    private PickupView pickupView(
            Carrier carrier, Pickup pickup, List<DepartedRow> departed, List<Planned> leaving, LocalDateTime now) {
        List<Long> promised = leaving.stream()
                .filter(each -> each.outlook().verdict() == Verdict.MUST_LEAVE_TODAY)
                .map(each -> each.job().id())
                .toList();
        Map<Long, Weight> weights = workOrders.weights(promised);
        PickupLoad load = new PickupLoad(
                departed.stream().map(DepartedRow::weight).reduce(Weight.ZERO, Weight::plus),
                departed.stream().mapToInt(DepartedRow::packages).sum(),
                PickupLoad.sum(promised.stream()
                        .map(job -> Optional.ofNullable(weights.get(job)))
                        .toList()),
                promised.size());
        return new PickupView(
                carrier.name(),
                pickup.cutOff(),
                pickup.comesOn(now.toLocalDate()),
                (int) ChronoUnit.MINUTES.between(now.toLocalTime(), pickup.cutOff()),
                load.packages(),
                WeightFigure.of(load.packed(), settings.units()),
                load.jobs(),
                load.toPack().map(weight -> WeightFigure.of(weight, settings.units())),
                leaving.size() - promised.size(),
                load.packedPercent());
    }

    private static int others(Planned each, Map<Long, Long> there) {
        return each.job()
                .placeId()
                .map(place -> (int) (there.getOrDefault(place, 1L) - 1))
                .orElse(0);
    }

    private JobOutlookView view(Planned each, Optional<Weight> jobWeight, int goingThereToo, LocalDateTime now) {
        OpenOrder job = each.job();
        boolean today = each.outlook().nextDeparture().equals(now.toLocalDate());
        return new JobOutlookView(
                job.number(),
                job.customer(),
                place(job.shipTo()),
                each.outlook().verdict(),
                job.promiseDate(),
                today ? Optional.of(each.pickup().cutOff()) : Optional.empty(),
                each.outlook().nextDeparture(),
                each.outlook().leaveBy(),
                each.service().code(),
                each.service().name(),
                each.service().carrier().name(),
                jobWeight.map(weight -> WeightFigure.of(weight, settings.units())),
                job.status(),
                goingThereToo,
                each.outlook().reason() + each.remark());
    }

    /** City and state; abroad there may be no state. */
    private static String place(PostalAddress address) {
        return address.state().isEmpty() ? address.city() : address.city() + ", " + address.state();
    }
}
