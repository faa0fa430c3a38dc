package nobrec.server.departure;

import java.math.BigInteger;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import nobrec.core.calendar.Pickup;
import nobrec.core.departure.DepartureOutlook.Verdict;
import nobrec.core.measure.Weight;
import nobrec.core.notation.MeasureText;
import nobrec.core.service.Carrier;
import nobrec.server.carrier.ServiceCatalog;
import nobrec.server.departure.DayPlan.Planned;
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

    private static final int MAX_JOBS = 60;

    private static final Comparator<Planned> MAX_URGENT_FIRST = Comparator.<Planned, Verdict>comparing(
                    each -> each.outlook().verdict())
            .thenComparing(each -> each.outlook().nextDeparture())
            .thenComparing(each -> each.pickup().cutOff())
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
        List<Planned> planned = plan.planned().stream().sorted(MAX_URGENT_FIRST).toList();
        List<Planned> urgent = planned.stream()
                .filter(each -> each.outlook().verdict() != Verdict.CAN_WAIT)
                .toList();
        List<Planned> shown = urgent.subList(0, Math.min(urgent.size(), MAX_JOBS));
        Map<Long, Weight> weights =
                workOrders.weights(urgent.stream().map(each -> each.job().id()).toList());
        return new DepartureView(
                site.company() + ", " + site.city(),
                now.toLocalDate(),
                now.toLocalTime().truncatedTo(ChronoUnit.MINUTES),
                site.opensAt(),
                site.closesAt(),
                sites.calendar(site.id()).isOpen(now.toLocalDate()),
                pickupViews(pickups, urgent, weights, now),
                shown.stream()
                        .map(each -> view(
                                each, Optional.ofNullable(weights.get(each.job().id())), now))
                        .toList(),
                planned.size() - urgent.size(),
                stuck.with(plan.notPlanned()));
    }

    private DayPlan plan(Site site, LocalDateTime now, Map<String, Pickup> pickups) {
        Map<Long, String> choices = shipments.openChoices();
        DayPlan plan = new DayPlan(catalog.services(), pickups, postal, site.postalCode(), now);
        workOrders.notShipped().forEach(job -> plan.add(job, Optional.ofNullable(choices.get(job.id()))));
        return plan;
    }

    private static boolean mustLeaveToday(Planned each) {
        return each.outlook().verdict() == Verdict.MUST_LEAVE_TODAY;
    }

    private List<PickupView> pickupViews(
            Map<String, Pickup> pickups, List<Planned> planned, Map<Long, Weight> weights, LocalDateTime now) {
        Map<String, List<DepartedRow>> departed = shipments.departedOn(now.toLocalDate()).stream()
                .collect(Collectors.groupingBy(
                        row -> catalog.service(row.serviceCode()).carrier().code()));
        return catalog.carriers().stream()
                .filter(carrier -> pickups.containsKey(carrier.code()))
                .sorted(Comparator.comparing(
                        carrier -> pickups.get(carrier.code()).cutOff()))
                .map(carrier -> pickupView(carrier, pickups.get(carrier.code()), departed, planned, weights, now))
                .toList();
    }

    private PickupView pickupView(
            Carrier carrier,
            Pickup pickup,
            Map<String, List<DepartedRow>> departed,
            List<Planned> planned,
            Map<Long, Weight> weights,
            LocalDateTime now) {
        List<DepartedRow> onIt = departed.getOrDefault(carrier.code(), List.of());
        List<Planned> promised = planned.stream()
                .filter(DepartureBoard::mustLeaveToday)
                .filter(each -> each.service().carrier().code().equals(carrier.code()))
                .toList();
        int packages = onIt.stream().mapToInt(DepartedRow::packages).sum();
        Weight packed = onIt.stream().map(DepartedRow::weight).reduce(Weight.ZERO, Weight::plus);
        Optional<Weight> open = sum(promised, weights);
        return new PickupView(
                carrier.name(),
                pickup.cutOff(),
                pickup.comesOn(now.toLocalDate()),
                (int) ChronoUnit.MINUTES.between(now.toLocalTime(), pickup.cutOff()),
                packages,
                MeasureText.show(packed, settings.units()),
                promised.size(),
                open.map(weight -> MeasureText.show(weight, settings.units())),
                (int) planned.stream()
                        .filter(each -> each.outlook().verdict() == Verdict.WILL_MISS)
                        .filter(each -> each.service().carrier().code().equals(carrier.code()))
                        .count(),
                packedPercent(packed, open, packages, promised.size()));
    }

    /** By weight; by count of packages and jobs where a weight is not known. */
    private static int packedPercent(Weight packed, Optional<Weight> open, int packages, int jobs) {
        BigInteger done =
                open.isPresent() ? BigInteger.valueOf(packed.eighthNanograms()) : BigInteger.valueOf(packages);
        BigInteger all =
                done.add(BigInteger.valueOf(open.map(Weight::eighthNanograms).orElse((long) jobs)));
        return all.signum() == 0
                ? 0
                : done.multiply(BigInteger.valueOf(100)).divide(all).intValueExact();
    }

    /** Empty when a weight is not known, or they are more than can be said. */
    private static Optional<Weight> sum(List<Planned> jobs, Map<Long, Weight> weights) {
        BigInteger sum = BigInteger.ZERO;
        for (Planned each : jobs) {
            Weight own = weights.get(each.job().id());
            if (own == null) {
                return Optional.empty();
            }
            sum = sum.add(BigInteger.valueOf(own.eighthNanograms()));
        }
        return sum.bitLength() < Long.SIZE ? Optional.of(new Weight(sum.longValueExact())) : Optional.empty();
    }

    private JobOutlookView view(Planned each, Optional<Weight> jobWeight, LocalDateTime now) {
        OpenOrder job = each.job();
        boolean today = each.outlook().nextDeparture().equals(now.toLocalDate());
        return new JobOutlookView(
                job.number(),
                job.customer(),
                job.shipTo().city() + ", " + job.shipTo().state(),
                each.outlook().verdict(),
                job.promiseDate(),
                today ? Optional.of(each.pickup().cutOff()) : Optional.empty(),
                each.outlook().nextDeparture(),
                each.service().name(),
                each.service().carrier().name(),
                jobWeight.map(weight -> MeasureText.show(weight, settings.units())),
                job.status(),
                each.outlook().reason() + each.remark());
    }
}
