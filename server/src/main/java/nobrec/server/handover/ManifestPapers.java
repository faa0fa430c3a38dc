package nobrec.server.handover;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import nobrec.core.address.PhoneNumber;
import nobrec.core.calendar.LeavesBy;
import nobrec.core.calendar.Pickup;
import nobrec.core.limit.Limits;
import nobrec.core.measure.Weight;
import nobrec.core.notation.DayWords;
import nobrec.core.notation.MeasureText;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.carrier.ServiceCatalog;
import nobrec.server.document.ManifestText;
import nobrec.server.document.NewPaper;
import nobrec.server.document.Papers;
import nobrec.server.platform.NobrecSettings;
import nobrec.server.platform.outbox.Subject;
import nobrec.server.shipment.HandedPackages;
import nobrec.server.shipment.LabeledRow;
import nobrec.server.site.Site;
import nobrec.server.site.Sites;
import nobrec.server.workorder.WorkOrders;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionOperations;

/** Our own manifest of what a driver takes. */
@Component
class ManifestPapers {

    private static final int JOBS_AT_ONCE = 500;

    private final Papers papers;
    private final HandedPackages packages;
    private final WorkOrders workOrders;
    private final ServiceCatalog catalog;
    private final Sites sites;
    private final NobrecSettings settings;
    private final TransactionOperations transactions;

    ManifestPapers(
            Papers papers,
            HandedPackages packages,
            WorkOrders workOrders,
            ServiceCatalog catalog,
            Sites sites,
            NobrecSettings settings,
            TransactionOperations transactions) {
        this.papers = papers;
        this.packages = packages;
        this.workOrders = workOrders;
        this.catalog = catalog;
        this.sites = sites;
        this.settings = settings;
        this.transactions = transactions;
    }

    /** Draws it, in no transaction, and keeps it, unless it is there. */
    void keep(Subject subject, HandoverRow handover) {
        if (papers.of(Subject.Kind.HANDOVER, handover.id()).isEmpty()) {
            List<LabeledRow> rows = new ArrayList<>(packages.scannedInto(handover.id(), Limits.PACKAGES_OF_HANDOVER));
            NewPaper drawn = papers.drawManifest(subject, text(handover, rows));
            transactions.executeWithoutResult(status -> papers.keep(List.of(drawn)));
        }
    }

    private ManifestText text(HandoverRow handover, List<LabeledRow> rows) {
        Site site = sites.byId(handover.siteId());
        Map<Long, WorkOrder> jobs = jobs(rows);
        List<ManifestText.Line> lines = new ArrayList<>();
        // The first one scanned stands first.
        for (int index = rows.size() - 1; index >= 0; index--) {
            LabeledRow row = rows.get(index);
            lines.add(line(lines.size() + 1, row, Objects.requireNonNull(jobs.get(row.workOrderId()))));
        }
        Pickup pickup = catalog.pickups(site.id()).get(handover.carrierCode());
        return new ManifestText(
                catalog.carrier(handover.carrierCode()).name(),
                List.of(site.company(), site.street(), site.address().cityLine()),
                PhoneNumber.read(site.phone(), site.country())
                        .found()
                        .map(phone -> phone.shown(site.country()))
                        .orElse(""),
                DayWords.withYear(handover.day()),
                pickup == null ? "" : DayWords.time(pickup.cutOff()),
                handover.number() > 1 ? "Supplement " + (handover.number() - 1) : "",
                closed(handover, site),
                handover.leavesBy() == LeavesBy.DROP_OFF,
                handover.driver(),
                totals(rows),
                rows.size(),
                weight(rows),
                lines);
    }

    private static String closed(HandoverRow handover, Site site) {
        return Optional.ofNullable(handover.closedAt())
                .map(at -> LocalDateTime.ofInstant(at, site.zone()))
                .map(at -> DayWords.day(at.toLocalDate()) + ", " + DayWords.time(at.toLocalTime()))
                .orElse("");
    }

    private Map<Long, WorkOrder> jobs(List<LabeledRow> rows) {
        List<Long> ids = rows.stream().map(LabeledRow::workOrderId).distinct().toList();
        List<WorkOrder> jobs = new ArrayList<>();
        for (int from = 0; from < ids.size(); from += JOBS_AT_ONCE) {
            jobs.addAll(workOrders.byIds(ids.subList(from, Math.min(ids.size(), from + JOBS_AT_ONCE))));
        }
        return jobs.stream().collect(Collectors.toMap(WorkOrder::id, Function.identity()));
    }

    private ManifestText.Line line(int number, LabeledRow row, WorkOrder job) {
        return new ManifestText.Line(
                number,
                row.trackingNumber(),
                job.number(),
                catalog.service(row.serviceCode()).name(),
                job.shipTo().name() + ", " + job.shipTo().cityLine(),
                MeasureText.show(row.weight(), settings.units()));
    }

    private List<ManifestText.Total> totals(List<LabeledRow> rows) {
        Map<String, List<LabeledRow>> byService = rows.stream()
                .collect(Collectors.groupingBy(
                        row -> catalog.service(row.serviceCode()).name(), TreeMap::new, Collectors.toList()));
        return byService.entrySet().stream()
                .map(each ->
                        new ManifestText.Total(each.getKey(), each.getValue().size(), weight(each.getValue())))
                .toList();
    }

    private String weight(List<LabeledRow> rows) {
        return MeasureText.show(
                rows.stream().map(LabeledRow::weight).reduce(Weight.ZERO, Weight::plus), settings.units());
    }
}
