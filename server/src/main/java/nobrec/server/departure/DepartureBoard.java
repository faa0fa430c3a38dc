package nobrec.server.departure;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.LinkedHashMap;
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
import nobrec.server.account.AppUser;
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
import nobrec.server.shipment.OpenChoice;
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

    /** @param looked the sites looked at; the day is told in the time of the first */
    DepartureView today(List<Site> looked) {
        Site first = looked.get(0);
        LocalDateTime now = sites.timeAt(first);
        List<DayPlan> plans = plans(looked);
        return new DepartureView(
                looked.size() == 1 ? first.name() : "All sites",
                looked.size() == 1 ? first.code() : AppUser.ALL_SITES,
                sites.all().stream()
                        .map(each -> new DepartureView.SiteView(each.code(), each.city()))
                        .toList(),
                now.toLocalDate(),
                now.toLocalTime().truncatedTo(ChronoUnit.MINUTES),
                first.opensAt(),
                first.closesAt(),
                looked.stream().anyMatch(site -> sites.calendar(site.id()).isOpen(now.toLocalDate())),
                pickupViews(plans, now),
                stuck.with(plans.stream()
                        .flatMap(plan -> plan.notPlanned().stream())
                        .toList()));
    }

    /** Every job that is not shipped and whose departure can be foreseen, the most urgent first. */
    JobOutlookList jobs(List<Site> looked, Part part) {
        LocalDateTime now = sites.timeAt(looked.get(0));
        List<Planned> all = plans(looked).stream()
                .flatMap(plan -> plan.planned().stream())
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

    /** A plan for each site; a job is in that of the site it leaves from. */
    private List<DayPlan> plans(List<Site> looked) {
        Map<Long, OpenChoice> choices = shipments.openChoices();
        Map<Long, DayPlan> plans = new LinkedHashMap<>();
        for (Site site : looked) {
            plans.put(
                    site.id(),
                    new DayPlan(catalog.services(), catalog.pickups(site.id()), postal, site, sites.timeAt(site)));
        }
        for (OpenOrder job : workOrders.notShipped()) {
            Optional<OpenChoice> choice = Optional.ofNullable(choices.get(job.id()));
            long site = choice.map(OpenChoice::siteId)
                    .orElseGet(() -> sites.orHome(job.site()).id());
            DayPlan plan = plans.get(site);
            if (plan != null) {
                plan.add(job, choice.flatMap(OpenChoice::service));
            }
        }
        return List.copyOf(plans.values());
    }

    /** The next departure; of what can wait the last one in time, and the last day of all where nothing is promised. */
    private static LocalDate leavesOn(Planned each) {
        return each.outlook().verdict() == Verdict.CAN_WAIT
                ? each.outlook().leaveBy().orElse(LocalDate.MAX)
                : each.outlook().nextDeparture();
    }

    private List<PickupView> pickupViews(List<DayPlan> plans, LocalDateTime now) {
        List<DepartedRow> departed = shipments.departedOn(now.toLocalDate());
        boolean named = plans.size() > 1;
        return plans.stream()
                .flatMap(plan -> plan.pickups().entrySet().stream()
                        .map(each -> pickupView(
                                named ? Optional.of(plan.site().city()) : Optional.empty(),
                                catalog.carrier(each.getKey()),
                                each.getValue(),
                                departed.stream()
                                        .filter(row ->
                                                row.siteId() == plan.site().id())
                                        .filter(row -> catalog.service(row.serviceCode())
                                                .carrier()
                                                .code()
                                                .equals(each.getKey()))
                                        .toList(),
                                plan.leavingWith(each.getKey()),
                                now)))
                .sorted(Comparator.comparing(PickupView::cutOff))
                .toList();
    }

    private PickupView pickupView(
            Optional<String> site,
            Carrier carrier,
            Pickup pickup,
            List<DepartedRow> departed,
            List<Planned> leaving,
            LocalDateTime now) {
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
                site,
                carrier.name(),
                pickup.by(),
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
