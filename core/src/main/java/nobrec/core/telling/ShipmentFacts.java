package nobrec.core.telling;

import java.time.LocalDate;
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
import nobrec.core.service.Service;
import nobrec.core.shipment.Jobs;
import nobrec.core.shipment.Shipment;
import nobrec.core.workorder.Particulars;
import nobrec.core.workorder.WorkOrder;
import org.joda.money.Money;

/** Says of a job in a shipment all that can be told. */
public final class ShipmentFacts {

    private static final String NOTHING = "0.00";

    private ShipmentFacts() {}

    /**
     * What is known from elsewhere.
     *
     * @param jobStatus the shop's own; empty text for none
     * @param toldAt ISO 8601 with its offset
     */
    public record Around(String jobStatus, String toldAt) {}

    /**
     * A shipment that has left.
     *
     * @param jobTracking tracking numbers of all that has left of the job, the oldest first
     * @param units in which sizes are told
     */
    public record Left(
            Shipment shipment, Jobs jobs, Service service, String site, List<String> jobTracking, UnitSystem units) {}

    /** Of a job without a shipment. */
    public static FactSheet of(WorkOrder job, Moment moment, Around around) {
        return new FactSheet(aboutJob(job, moment, around), job.particulars().custom(), List.of(), List.of());
    }

    public static FactSheet of(Left left, WorkOrder job, Moment moment, Around around) {
        Map<TellingFact, String> facts = aboutJob(job, moment, around);
        aboutShipment(left, job, facts);
        Shipment shipment = left.shipment();
        return new FactSheet(
                facts,
                job.particulars().custom(),
                shipment.packages().stream()
                        .map(each -> aboutPackage(each, left))
                        .toList(),
                job.lines().stream().map(line -> aboutLine(line, shipment)).toList());
    }

    private static Map<TellingFact, String> aboutJob(WorkOrder job, Moment moment, Around around) {
        Map<TellingFact, String> facts = new EnumMap<>(TellingFact.class);
        Particulars more = job.particulars();
        facts.put(TellingFact.STATUS, moment.status());
        facts.put(TellingFact.JOB_STATUS, around.jobStatus());
        facts.put(TellingFact.TOLD_AT, around.toldAt());
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
        aboutRest(job, facts);
        aboutPlace(job.shipToOnPapers(), facts);
        return facts;
    }

    private static void aboutRest(WorkOrder job, Map<TellingFact, String> facts) {
        List<WorkOrder.Line> open =
                job.lines().stream().filter(line -> line.quantityOpen() > 0).toList();
        int pieces = open.stream().mapToInt(WorkOrder.Line::quantityOpen).sum();
        facts.put(TellingFact.PIECES_TO_COME, Integer.toString(pieces));
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

    private static void aboutShipment(Left left, WorkOrder job, Map<TellingFact, String> facts) {
        Shipment shipment = left.shipment();
        Shipment.Outcome outcome = shipment.outcome().orElseThrow();
        List<String> tracking = trackingOf(shipment);
        facts.put(TellingFact.SITE, left.site());
        facts.put(TellingFact.CARRIER, left.service().carrier().name());
        facts.put(TellingFact.CARRIER_CODE, left.service().carrier().code());
        facts.put(TellingFact.SERVICE, left.service().name());
        facts.put(TellingFact.SERVICE_CODE, left.service().code());
        facts.put(TellingFact.TRACKING, String.join("\n", tracking));
        facts.put(TellingFact.FIRST_TRACKING, tracking.isEmpty() ? "" : tracking.get(0));
        facts.put(TellingFact.JOB_TRACKING, String.join("\n", left.jobTracking()));
        facts.put(TellingFact.SHIP_DATE, outcome.shipDate().toString());
        facts.put(TellingFact.ARRIVAL, outcome.deliveryDate().toString());
        facts.put(TellingFact.PACKAGES, Integer.toString(shipment.packages().size()));
        facts.put(
                TellingFact.WEIGHT_OF_ALL,
                kept(shipment.packages().stream().map(ShipmentFacts::weightOf).reduce(Weight.ZERO, Weight::plus)));
        facts.put(
                TellingFact.CONTENTS,
                shipment.packages().stream()
                        .map(each -> "Package " + each.number() + ": " + String.join(", ", contents(each, left.jobs())))
                        .collect(Collectors.joining("\n")));
        facts.put(
                TellingFact.PIECES,
                Integer.toString(job.lines().stream()
                        .mapToInt(line -> shipment.quantityOf(line.id()))
                        .sum()));
        facts.put(
                TellingFact.GOES_WITH,
                left.jobs().all().stream()
                        .filter(each -> each.id() != job.id())
                        .map(WorkOrder::number)
                        .collect(Collectors.joining("\n")));
        facts.put(TellingFact.SHIPPED_BY, shipment.startedBy().orElse(""));
        aboutMoney(outcome, job.id() == left.jobs().leading().id(), facts);
    }

    /** Money stands on the leading job alone, so that nobody who adds jobs up counts it twice. */
    private static void aboutMoney(Shipment.Outcome outcome, boolean leads, Map<TellingFact, String> facts) {
        facts.put(TellingFact.COST, leads ? kept(outcome.freightCost()) : NOTHING);
        facts.put(TellingFact.CUSTOMER_CHARGE, leads ? kept(outcome.customerCharge()) : NOTHING);
        facts.put(TellingFact.MARGIN, leads ? kept(outcome.margin()) : NOTHING);
    }

    /** In the order of its packages. */
    public static List<String> trackingOf(Shipment shipment) {
        return shipment.packages().stream()
                .flatMap(each -> each.trackingNumber().stream())
                .toList();
    }

    private static Map<TellingFact, String> aboutPackage(Shipment.Package each, Left left) {
        Map<TellingFact, String> facts = new EnumMap<>(TellingFact.class);
        facts.put(TellingFact.PACKAGE_NUMBER, Integer.toString(each.number()));
        facts.put(TellingFact.PACKAGE_TRACKING, each.trackingNumber().orElse(""));
        facts.put(TellingFact.PACKAGE_WEIGHT, kept(weightOf(each)));
        facts.put(TellingFact.PACKAGE_SIZE, size(each.size(), left.units()));
        facts.put(TellingFact.CARTON, each.cartonCode());
        facts.put(TellingFact.PACKAGE_CONTENTS, String.join("\n", contents(each, left.jobs())));
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
                        .map(ShipmentFacts::lot)
                        .collect(Collectors.joining("\n")));
        return facts;
    }

    private static List<String> contents(Shipment.Package each, Jobs jobs) {
        return each.contents().stream()
                .map(content -> content.quantity() + " x "
                        + jobs.line(content.workOrderLineId()).name() + lots(content.lots()))
                .toList();
    }

    private static String lots(List<LotShare> lots) {
        return lots.isEmpty() ? "" : lots.stream().map(ShipmentFacts::lot).collect(Collectors.joining(", ", " (", ")"));
    }

    private static String lot(LotShare share) {
        return share.quantity() == 1 ? share.lot() : share.quantity() + " of " + share.lot();
    }

    private static Weight weightOf(Shipment.Package each) {
        return each.weight().or(each::expectedWeight).orElse(Weight.ZERO);
    }

    private static String size(Size size, UnitSystem units) {
        LengthUnit unit = units == UnitSystem.POUND_INCH ? LengthUnit.INCH : LengthUnit.CENTIMETER;
        return Stream.of(size.length(), size.width(), size.height())
                .map(side -> side.in(unit, 1).stripTrailingZeros().toPlainString())
                .collect(Collectors.joining(" x ", "", " " + unit.symbol()));
    }

    private static String kept(Weight weight) {
        return Long.toString(weight.eighthNanograms());
    }

    private static String kept(Money amount) {
        return amount.getAmount().toPlainString();
    }
}
