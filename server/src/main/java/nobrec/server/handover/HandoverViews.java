package nobrec.server.handover;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import nobrec.core.calendar.LeavesBy;
import nobrec.core.calendar.Pickup;
import nobrec.core.handover.HandoverScan;
import nobrec.core.measure.Weight;
import nobrec.core.service.Carrier;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.account.Accounts;
import nobrec.server.api.figure.WeightFigure;
import nobrec.server.api.security.SignedIn;
import nobrec.server.carrier.ServiceCatalog;
import nobrec.server.document.Papers;
import nobrec.server.handover.HandoverView.ClosedView;
import nobrec.server.handover.HandoverView.PackageLine;
import nobrec.server.handover.HandoverView.PickupLine;
import nobrec.server.platform.NobrecSettings;
import nobrec.server.platform.outbox.Subject;
import nobrec.server.shipment.DepartedRow;
import nobrec.server.shipment.HandedPackages;
import nobrec.server.shipment.LabeledRow;
import nobrec.server.site.Site;
import nobrec.server.site.Sites;
import nobrec.server.workorder.WorkOrders;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Handovers as the screen shows them. */
@Component
class HandoverViews {

    private static final int MISSING_SHOWN = 100;
    private static final int SCANNED_SHOWN = 8;

    private final HandoverMapper mapper;
    private final Handovers handovers;
    private final HandedPackages packages;
    private final WorkOrders workOrders;
    private final ServiceCatalog catalog;
    private final Sites sites;
    private final Accounts accounts;
    private final Papers papers;
    private final NobrecSettings settings;

    HandoverViews(
            HandoverMapper mapper,
            Handovers handovers,
            HandedPackages packages,
            WorkOrders workOrders,
            ServiceCatalog catalog,
            Sites sites,
            Accounts accounts,
            Papers papers,
            NobrecSettings settings) {
        this.mapper = mapper;
        this.handovers = handovers;
        this.packages = packages;
        this.workOrders = workOrders;
        this.catalog = catalog;
        this.sites = sites;
        this.accounts = accounts;
        this.papers = papers;
        this.settings = settings;
    }

    /** Packages of some services, counted and weighed. */
    private record Load(int packages, Weight weight) {

        static Load of(Collection<DepartedRow> rows) {
            return new Load(
                    rows.stream().mapToInt(DepartedRow::packages).sum(),
                    rows.stream().map(DepartedRow::weight).reduce(Weight.ZERO, Weight::plus));
        }
    }

    /** The pickups of some sites: those with something waiting, or that come, by their cut-off. */
    @Transactional(readOnly = true)
    public HandoverView.HandoverDay day(List<Site> looked) {
        List<PickupLine> lines = new ArrayList<>();
        for (Site site : looked) {
            catalog.carriers().forEach(carrier -> line(site, carrier).ifPresent(lines::add));
        }
        lines.sort(Comparator.comparing((PickupLine line) -> !line.overdue())
                .thenComparing(PickupLine::day)
                .thenComparing(line -> line.cutOff().isEmpty())
                .thenComparing(line -> line.cutOff().orElse(site(line).closesAt()))
                .thenComparing(PickupLine::carrier));
        return new HandoverView.HandoverDay(lines);
    }

    private Site site(PickupLine line) {
        return sites.byCode(line.siteCode());
    }

    private Optional<PickupLine> line(Site site, Carrier carrier) {
        Optional<Pickup> pickup = Optional.ofNullable(catalog.pickups(site.id()).get(carrier.code()));
        Optional<HandoverRow> open = mapper.open(site.id(), carrier.code());
        LocalDate day = open.map(HandoverRow::day).orElseGet(() -> handovers.pickupDay(site, carrier));
        Load waiting = waiting(site, carrier, day);
        if (pickup.isEmpty() && open.isEmpty() && waiting.packages() == 0) {
            return Optional.empty();
        }
        Load inside = open.map(row -> Load.of(packages.in(row.id()))).orElse(new Load(0, Weight.ZERO));
        LocalDateTime now = sites.timeAt(site);
        return Optional.of(new PickupLine(
                carrier.code(),
                carrier.name(),
                site.code(),
                site.city(),
                day,
                by(pickup),
                pickup.map(Pickup::cutOff),
                pickup.filter(each -> day.equals(now.toLocalDate()))
                        .map(each -> (int) ChronoUnit.MINUTES.between(now.toLocalTime(), each.cutOff())),
                open.map(HandoverRow::state),
                isOverdue(open, site),
                inside.packages(),
                waiting.packages(),
                figure(inside.weight().plus(waiting.weight()))));
    }

    /** One that does not come here has to be asked to, or is gone to. */
    private static LeavesBy by(Optional<Pickup> pickup) {
        return pickup.map(Pickup::by).orElse(LeavesBy.PICKUP);
    }

    private boolean isOverdue(Optional<HandoverRow> open, Site site) {
        LocalDate today = sites.timeAt(site).toLocalDate();
        return open.filter(row -> row.state() == HandoverState.OPEN && row.day().isBefore(today))
                .isPresent();
    }

    private Load waiting(Site site, Carrier carrier, LocalDate until) {
        List<String> services = handovers.services(carrier);
        return Load.of(packages.waiting(until).stream()
                .filter(row -> row.siteId() == site.id() && services.contains(row.serviceCode()))
                .toList());
    }

    /** @param scan what came of the scan just made */
    @Transactional(readOnly = true)
    public HandoverView of(Site site, Carrier carrier, Optional<HandoverScan> scan) {
        Optional<HandoverRow> open = mapper.open(site.id(), carrier.code());
        LocalDate day = open.map(HandoverRow::day).orElseGet(() -> handovers.pickupDay(site, carrier));
        List<DepartedRow> inside = open.map(row -> packages.in(row.id())).orElse(List.of());
        Load waiting = waiting(site, carrier, day);
        List<LabeledRow> missing = packages.waiting(site.id(), handovers.services(carrier), day, MISSING_SHOWN);
        List<LabeledRow> scanned =
                open.map(row -> packages.scannedInto(row.id(), SCANNED_SHOWN)).orElse(List.of());
        boolean mayScan = SignedIn.packsAndShips();
        Optional<Pickup> pickup = Optional.ofNullable(catalog.pickups(site.id()).get(carrier.code()));
        return new HandoverView(
                carrier.code(),
                carrier.name(),
                site.code(),
                site.city(),
                day,
                by(pickup),
                pickup.map(Pickup::cutOff),
                open.map(HandoverRow::state).orElse(HandoverState.OPEN),
                isOverdue(open, site),
                open.map(row -> row.number() - 1).orElseGet(() -> closedBefore(site, carrier, day)),
                Load.of(inside).packages(),
                figure(Load.of(inside).weight()),
                waiting.packages(),
                figure(waiting.weight()),
                lines(missing),
                lines(scanned),
                totals(inside),
                mayScan,
                mayScan && settings.handover().closesUnscanned() && waiting.packages() > 0,
                open.map(HandoverRow::refused).orElse(""),
                closed(mapper.closedOn(day).stream()
                        .filter(row ->
                                row.siteId() == site.id() && row.carrierCode().equals(carrier.code()))
                        .toList()),
                scan.map(each -> new HandoverView.ScanView(each.verdict(), each.said(), each.remedy())));
    }

    private int closedBefore(Site site, Carrier carrier, LocalDate day) {
        return (int) mapper.closedOn(day).stream()
                .filter(row -> row.siteId() == site.id() && row.carrierCode().equals(carrier.code()))
                .count();
    }

    /** The newest first. */
    @Transactional(readOnly = true)
    public List<ClosedView> newest(Long before, int limit) {
        return closed(mapper.newest(before, limit));
    }

    private List<ClosedView> closed(List<HandoverRow> rows) {
        return rows.stream().map(this::closed).toList();
    }

    private ClosedView closed(HandoverRow row) {
        List<DepartedRow> services = packages.in(row.id());
        Load load = Load.of(services);
        return new ClosedView(
                row.id(),
                catalog.carrier(row.carrierCode()).name(),
                sites.byId(row.siteId()).city(),
                row.day(),
                row.number() - 1,
                row.state(),
                load.packages(),
                figure(load.weight()),
                row.leavesBy(),
                row.driver(),
                Optional.ofNullable(row.closedBy()).map(accounts::displayName).orElse(""),
                Optional.ofNullable(row.closedAt()),
                row.carrierManifest(),
                papers.of(Subject.Kind.HANDOVER, row.id()).stream()
                        .findFirst()
                        .map(paper -> "/api/v1/papers/" + paper.id()),
                services.stream()
                                .anyMatch(each ->
                                        catalog.service(each.serviceCode()).isFreight())
                        ? Optional.of("/api/v1/handovers/" + row.id() + "/master-bill")
                        : Optional.empty());
    }

    private List<PackageLine> lines(List<LabeledRow> rows) {
        Map<Long, WorkOrder> jobs =
                workOrders
                        .byIds(rows.stream()
                                .map(LabeledRow::workOrderId)
                                .distinct()
                                .toList())
                        .stream()
                        .collect(Collectors.toMap(WorkOrder::id, Function.identity()));
        return rows.stream()
                .map(row -> line(row, Objects.requireNonNull(jobs.get(row.workOrderId()))))
                .toList();
    }

    private PackageLine line(LabeledRow row, WorkOrder job) {
        return new PackageLine(
                row.trackingNumber(),
                row.number(),
                job.number(),
                job.particulars().custom().getOrDefault(settings.handover().shelfField(), ""),
                job.shipTo().name() + ", " + job.shipTo().cityLine(),
                catalog.service(row.serviceCode()).name(),
                row.shipDate(),
                Optional.ofNullable(row.scannedBy()).map(accounts::displayName),
                Optional.ofNullable(row.scannedAt()));
    }

    private List<HandoverView.ServiceTotal> totals(List<DepartedRow> rows) {
        return rows.stream()
                .map(row -> new HandoverView.ServiceTotal(
                        catalog.service(row.serviceCode()).name(), row.packages(), figure(row.weight())))
                .toList();
    }

    private WeightFigure figure(Weight weight) {
        return WeightFigure.of(weight, settings.units());
    }
}
