package nobrec.core.shipment;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import nobrec.core.carton.Placement;
import nobrec.core.carton.Placement.CartonOnPallet;
import nobrec.core.item.LotShare;
import nobrec.core.measure.Size;
import nobrec.core.measure.Weight;
import nobrec.core.refusal.Refusal;
import nobrec.core.service.Accessorial;
import org.joda.money.Money;

/**
 * What leaves together from one of our sites to one place: lines of one or several work orders, whole or in part.
 *
 * @param workOrderId the work order it was opened for; it goes to that one's ship-to, on that one's terms
 * @param shipOn not before this day
 */
public record Shipment(
        long id,
        long siteId,
        long workOrderId,
        ShipmentState state,
        Optional<String> chosenService,
        Set<Accessorial> accessorials,
        Optional<LocalDate> shipOn,
        Optional<String> startedBy,
        Optional<Outcome> outcome,
        List<Line> lines,
        List<Package> packages) {

    /** Pieces of a work order's line that go in this shipment. */
    public record Line(long workOrderLineId, int quantity) {}

    /** How it went, once it is shipped. */
    public record Outcome(
            String serviceCode,
            LocalDate shipDate,
            LocalDate deliveryDate,
            Money freightCost,
            Money customerCharge,
            Money margin,
            Instant shippedAt) {}

    /**
     * @param size outer, as priced; the carton's own unless it was measured
     * @param placedByHand a person decided what is in it; planning again leaves it alone
     * @param placements where each piece lies; empty when nothing is known of that
     */
    public record Package(
            long id,
            int number,
            String cartonCode,
            String cartonReason,
            Size size,
            Optional<Weight> expectedWeight,
            Optional<Weight> weight,
            Optional<WeightSource> weightSource,
            Optional<String> trackingNumber,
            boolean placedByHand,
            List<Content> contents,
            List<Placement> placements) {

        /** The id of one that was never kept. */
        public static final long NEW = 0;

        /** The same one, weighed. */
        public Package weighing(Weight typed) {
            return with(id, number, size, Optional.of(typed), Optional.of(WeightSource.TYPED));
        }

        /** The same one under another number. */
        public Package numbered(int other) {
            return other == number ? this : with(id, other, size, weight, weightSource);
        }

        /** The same one, to be kept as one that never was. */
        public Package asNew() {
            return with(NEW, number, size, weight, weightSource);
        }

        /** Whether another one differs from it in size and weight at most. */
        public boolean isSameButMeasures(Package other) {
            return with(id, number, other.size, other.weight, other.weightSource)
                    .equals(other);
        }

        private Package with(
                long otherId,
                int otherNumber,
                Size otherSize,
                Optional<Weight> otherWeight,
                Optional<WeightSource> otherSource) {
            return new Package(
                    otherId,
                    otherNumber,
                    cartonCode,
                    cartonReason,
                    otherSize,
                    expectedWeight,
                    otherWeight,
                    otherSource,
                    trackingNumber,
                    placedByHand,
                    contents,
                    placements);
        }

        /** Codes of the cartons on it, when it is a pallet. */
        public List<String> cartonsOnIt() {
            return cartonsOn(placements);
        }

        public int pieces() {
            return contents.stream().mapToInt(Content::quantity).sum();
        }

        public int piecesOf(long workOrderLineId) {
            return contents.stream()
                    .filter(content -> content.workOrderLineId() == workOrderLineId)
                    .mapToInt(Content::quantity)
                    .sum();
        }
    }

    public static List<String> cartonsOn(List<Placement> placements) {
        return placements.stream()
                .flatMap(each -> each.carton().stream())
                .map(CartonOnPallet::cartonCode)
                .toList();
    }

    public record Content(long workOrderLineId, int quantity, List<LotShare> lots) {}

    /** Where a package's weight comes from. */
    public enum WeightSource {
        SCALE,
        TYPED,
        /** What contents and carton should weigh, taken as it is. */
        RECORDS
    }

    public Package packageNumbered(int number) {
        return packages.stream()
                .filter(each -> each.number() == number)
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("Package " + number, "The shipment has " + packages.size() + "."));
    }

    /** The same shipment with one package weighed. */
    public Shipment weighing(int number, Weight weight) {
        packageNumbered(number);
        List<Package> weighed = packages.stream()
                .map(each -> each.number() == number ? each.weighing(weight) : each)
                .toList();
        return holding(weighed);
    }

    /** The same shipment in other packages. */
    public Shipment holding(List<Package> others) {
        return new Shipment(
                id, siteId, workOrderId, state, chosenService, accessorials, shipOn, startedBy, outcome, lines, others);
    }

    /** The same shipment with other pieces going. */
    public Shipment going(List<Line> others) {
        return new Shipment(
                id,
                siteId,
                workOrderId,
                state,
                chosenService,
                accessorials,
                shipOn,
                startedBy,
                outcome,
                others,
                packages);
    }

    /** @throws Refusal when it is on its way */
    public void requireOpen() {
        if (state != ShipmentState.OPEN) {
            throw Refusal.conflict(
                    "This shipment",
                    state == ShipmentState.SHIPPED ? "It has gone." : "It is being shipped just now.",
                    "Nothing on it can be changed.");
        }
    }

    public int pieces() {
        return lines.stream().mapToInt(Line::quantity).sum();
    }

    public int piecesPlaced() {
        return packages.stream().mapToInt(Package::pieces).sum();
    }

    /** Pieces of each line in packages, by line id. */
    public Map<Long, Integer> placed() {
        return packages.stream()
                .flatMap(each -> each.contents().stream())
                .collect(Collectors.toMap(Content::workOrderLineId, Content::quantity, Integer::sum));
    }

    public int quantityOf(long workOrderLineId) {
        return lines.stream()
                .filter(line -> line.workOrderLineId() == workOrderLineId)
                .mapToInt(Line::quantity)
                .sum();
    }
}
