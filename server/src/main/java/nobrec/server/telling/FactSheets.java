package nobrec.server.telling;

import java.time.Clock;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import nobrec.core.address.PostalAddress;
import nobrec.core.item.LotShare;
import nobrec.core.measure.LengthUnit;
import nobrec.core.measure.Size;
import nobrec.core.measure.UnitSystem;
import nobrec.core.measure.Weight;
import nobrec.core.shipment.Jobs;
import nobrec.core.shipment.Shipment;
import nobrec.core.telling.FactSheet;
import nobrec.core.telling.Moment;
import nobrec.core.telling.TellingFact;
import nobrec.core.workorder.Particulars;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.carrier.ServiceCatalog;
import nobrec.server.platform.NobrecSettings;
import nobrec.server.platform.money.ShopMoney;
import nobrec.server.shipment.Shipments;
import nobrec.server.site.Sites;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Component;

/** Gathers what can be told of the jobs of a shipment. */
@Component
public class FactSheets {

    private static final String NOTHING = "0.00";

    private final Shipments shipments;
    private final ServiceCatalog catalog;
    private final Sites sites;
    private final NobrecSettings settings;
    private final ObjectProvider<JobStatuses> statuses;
    private final Clock clock;

    FactSheets(
            Shipments shipments,
            ServiceCatalog catalog,
            Sites sites,
            NobrecSettings settings,
            ObjectProvider<JobStatuses> statuses,
            Clock clock) {
        this.shipments = shipments;
        this.catalog = catalog;
        this.sites = sites;
        this.settings = settings;
        this.statuses = statuses;
        this.clock = clock;
    }

    /** As it stands in the database now. */
    public GoneShipment load(long shipmentId) {
        Shipment shipment = shipments.byId(shipmentId);
        return new GoneShipment(
                shipment,
                shipments.jobs(shipment),
                catalog.service(shipment.outcome().orElseThrow().serviceCode()));
    }

    /** What can be told of one of its jobs. */
    public FactSheet of(GoneShipment gone, WorkOrder job, Moment moment) {
        Map<TellingFact, String> facts = new EnumMap<>(TellingFact.class);
        facts.put(TellingFact.STATUS, moment.status());
        aboutJob(job, facts);
        aboutPlace(job.shipToOnPapers(), facts);
        aboutShipment(gone, job, facts);
        return new FactSheet(
                facts,
                job.particulars().custom(),
                gone.shipment().packages().stream()
                        .map(each -> aboutPackage(each, gone.jobs()))
                        .toList(),
                job.lines().stream()
                        .map(line -> aboutLine(line, gone.shipment()))
                        .toList());
    }

    /** What can be told of a job without a shipment. */
    public FactSheet ofJob(WorkOrder job, Moment moment) {
        Map<TellingFact, String> facts = new EnumMap<>(TellingFact.class);
        facts.put(TellingFact.STATUS, moment.status());
        aboutJob(job, facts);
        aboutPlace(job.shipToOnPapers(), facts);
        facts.put(TellingFact.TOLD_AT, now());
        return new FactSheet(facts, job.particulars().custom(), List.of(), List.of());
    }

    private void aboutJob(WorkOrder job, Map<TellingFact, String> facts) {
        Particulars more = job.particulars();
        facts.put(TellingFact.JOB_STATUS, statuses.getObject().of(job.id()));
        facts.put(TellingFact.JOB, job.number());
        facts.put(TellingFact.ORIGIN_NUMBER, more.originNumber());
        facts.put(TellingFact.CUSTOMER, job.customer());
        facts.put(TellingFact.CUSTOMER_PO, job.customerPo());
        facts.put(TellingFact.BATCH, more.batch());
        facts.put(TellingFact.NOTES, more.notes());
        facts.put(TellingFact.REFERENCE_1, more.references().get(0));
        facts.put(TellingFact.REFERENCE_2, more.references().get(1));
        facts.put(TellingFact.TERMS, job.terms().words());
        facts.put(
                TellingFact.PROMISED, job.promiseDate().map(LocalDate::toString).orElse(""));
        List<WorkOrder.Line> open =
                job.lines().stream().filter(line -> line.quantityOpen() > 0).toList();
        facts.put(
                TellingFact.PIECES_TO_COME,
                Integer.toString(
                        open.stream().mapToInt(WorkOrder.Line::quantityOpen).sum()));
        facts.put(
                TellingFact.TO_COME,
                open.stream()
                        .map(line -> line.quantityOpen() + " of " + line.name())
                        .collect(Collectors.joining("\n")));
        facts.put(TellingFact.COMPLETE, open.isEmpty() ? "yes" : "no");
    }

    private static void aboutPlace(PostalAddress to, Map<TellingFact, String> facts) {
        facts.put(TellingFact.RECEIVER, to.company());
        facts.put(TellingFact.ATTENTION, to.person());
        facts.put(
                TellingFact.STREET,
                Stream.of(to.street(), to.street2())
                        .filter(each -> !each.isEmpty())
                        .collect(Collectors.joining(", ")));
        facts.put(TellingFact.CITY, to.city());
        facts.put(TellingFact.STATE, to.state());
        facts.put(TellingFact.POSTAL_CODE, to.postalCode());
        facts.put(TellingFact.COUNTRY, to.country());
    }

    private void aboutShipment(GoneShipment gone, WorkOrder job, Map<TellingFact, String> facts) {
        Shipment shipment = gone.shipment();
        Shipment.Outcome outcome = shipment.outcome().orElseThrow();
        boolean leads = job.id() == gone.jobs().leading().id();
        List<String> tracking = trackingOf(shipment);
        facts.put(TellingFact.SITE, sites.byId(shipment.siteId()).name());
        facts.put(TellingFact.CARRIER, gone.service().carrier().name());
        facts.put(TellingFact.CARRIER_CODE, gone.service().carrier().code());
        facts.put(TellingFact.SERVICE, gone.service().name());
        facts.put(TellingFact.SERVICE_CODE, gone.service().code());
        facts.put(TellingFact.TRACKING, String.join("\n", tracking));
        facts.put(TellingFact.FIRST_TRACKING, tracking.isEmpty() ? "" : tracking.get(0));
        facts.put(TellingFact.JOB_TRACKING, String.join("\n", trackingOfAll(job, shipment, tracking)));
        facts.put(TellingFact.SHIP_DATE, outcome.shipDate().toString());
        facts.put(TellingFact.ARRIVAL, outcome.deliveryDate().toString());
        facts.put(TellingFact.TOLD_AT, now());
        facts.put(TellingFact.PACKAGES, Integer.toString(shipment.packages().size()));
        facts.put(
                TellingFact.WEIGHT_OF_ALL,
                kept(shipment.packages().stream().map(FactSheets::weightOf).reduce(Weight.ZERO, Weight::plus)));
        facts.put(
                TellingFact.CONTENTS,
                shipment.packages().stream()
                        .map(each -> "Package " + each.number() + ": " + String.join(", ", contents(each, gone.jobs())))
                        .collect(Collectors.joining("\n")));
        facts.put(TellingFact.COST, leads ? ShopMoney.show(outcome.freightCost()) : NOTHING);
        facts.put(TellingFact.CUSTOMER_CHARGE, leads ? ShopMoney.show(outcome.customerCharge()) : NOTHING);
        facts.put(TellingFact.MARGIN, leads ? ShopMoney.show(outcome.margin()) : NOTHING);
        facts.put(
                TellingFact.PIECES,
                Integer.toString(job.lines().stream()
                        .mapToInt(line -> shipment.quantityOf(line.id()))
                        .sum()));
        facts.put(
                TellingFact.GOES_WITH,
                gone.jobs().all().stream()
                        .filter(each -> each.id() != job.id())
                        .map(WorkOrder::number)
                        .collect(Collectors.joining("\n")));
        facts.put(TellingFact.SHIPPED_BY, shipment.startedBy().orElse(""));
    }

    private String now() {
        return OffsetDateTime.ofInstant(clock.instant(), ZoneId.of(sites.timeZone()))
                .truncatedTo(ChronoUnit.SECONDS)
                .toString();
    }

    private static List<String> trackingOf(Shipment shipment) {
        return shipment.packages().stream()
                .flatMap(each -> each.trackingNumber().stream())
                .toList();
    }

    /** Most jobs leave at once: the others are looked for only where more pieces have left than these. */
    private List<String> trackingOfAll(WorkOrder job, Shipment shipment, List<String> ofThis) {
        boolean more = job.lines().stream().anyMatch(line -> line.quantityShipped() > shipment.quantityOf(line.id()));
        if (!more) {
            return ofThis;
        }
        List<String> all = new ArrayList<>();
        List<Shipment> others = shipments.of(job);
        for (int at = others.size() - 1; at >= 0; at--) {
            all.addAll(trackingOf(others.get(at)));
        }
        return all;
    }

    private Map<TellingFact, String> aboutPackage(Shipment.Package each, Jobs jobs) {
        Map<TellingFact, String> facts = new EnumMap<>(TellingFact.class);
        facts.put(TellingFact.PACKAGE_NUMBER, Integer.toString(each.number()));
        facts.put(TellingFact.PACKAGE_TRACKING, each.trackingNumber().orElse(""));
        facts.put(TellingFact.PACKAGE_WEIGHT, kept(weightOf(each)));
        facts.put(TellingFact.PACKAGE_SIZE, size(each.size()));
        facts.put(TellingFact.CARTON, each.cartonCode());
        facts.put(TellingFact.PACKAGE_CONTENTS, String.join("\n", contents(each, jobs)));
        return facts;
    }

    private static Map<TellingFact, String> aboutLine(WorkOrder.Line line, Shipment shipment) {
        Map<TellingFact, String> facts = new EnumMap<>(TellingFact.class);
        facts.put(TellingFact.LINE_NUMBER, Integer.toString(line.position()));
        facts.put(TellingFact.ITEM, line.item());
        facts.put(TellingFact.DESCRIPTION, line.description());
        facts.put(TellingFact.ORDERED, Integer.toString(line.quantityOrdered()));
        facts.put(TellingFact.SHIPPED_NOW, Integer.toString(shipment.quantityOf(line.id())));
        facts.put(TellingFact.SHIPPED_SO_FAR, Integer.toString(line.quantityShipped()));
        facts.put(TellingFact.LINE_TO_COME, Integer.toString(line.quantityOpen()));
        facts.put(
                TellingFact.LOTS,
                shipment.packages().stream()
                        .flatMap(each -> each.contents().stream())
                        .filter(content -> content.workOrderLineId() == line.id())
                        .flatMap(content -> content.lots().stream())
                        .map(FactSheets::lot)
                        .collect(Collectors.joining("\n")));
        return facts;
    }

    private static List<String> contents(Shipment.Package each, Jobs jobs) {
        return each.contents().stream()
                .map(content -> content.quantity() + " x "
                        + jobs.line(content.workOrderLineId()).name()
                        + (content.lots().isEmpty()
                                ? ""
                                : content.lots().stream()
                                        .map(FactSheets::lot)
                                        .collect(Collectors.joining(", ", " (", ")"))))
                .toList();
    }

    private static String lot(LotShare share) {
        return share.quantity() == 1 ? share.lot() : share.quantity() + " of " + share.lot();
    }

    private static Weight weightOf(Shipment.Package each) {
        return each.weight().or(each::expectedWeight).orElse(Weight.ZERO);
    }

    private String size(Size size) {
        LengthUnit unit = settings.units() == UnitSystem.POUND_INCH ? LengthUnit.INCH : LengthUnit.CENTIMETER;
        return Stream.of(size.length(), size.width(), size.height())
                .map(side -> side.in(unit, 1).stripTrailingZeros().toPlainString())
                .collect(Collectors.joining(" x ", "", " " + unit.symbol()));
    }

    private static String kept(Weight weight) {
        return Long.toString(weight.eighthNanograms());
    }
}
