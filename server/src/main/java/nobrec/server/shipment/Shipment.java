package nobrec.server.shipment;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import nobrec.core.measure.Size;
import nobrec.core.measure.Weight;
import nobrec.server.platform.problem.Refusal;
import org.joda.money.Money;

/** What leaves together from one of our sites to one place. */
public record Shipment(
        long id,
        long siteId,
        long workOrderId,
        ShipmentState state,
        Optional<String> chosenService,
        Optional<String> startedBy,
        Optional<Outcome> outcome,
        List<Package> packages) {

    /** How it went, once it is shipped. */
    public record Outcome(
            String serviceCode,
            LocalDate shipDate,
            LocalDate deliveryDate,
            Money freightCost,
            Money customerCharge,
            Money margin,
            Instant shippedAt) {}

    /** @param size outer, as priced; the carton's own unless it was measured */
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
            List<Content> contents) {

        Package weighing(Weight typed) {
            return new Package(
                    id,
                    number,
                    cartonCode,
                    cartonReason,
                    size,
                    expectedWeight,
                    Optional.of(typed),
                    Optional.of(WeightSource.TYPED),
                    trackingNumber,
                    contents);
        }
    }

    public record Content(long workOrderLineId, int quantity) {}

    /** Where a package's weight comes from. */
    public enum WeightSource {
        SCALE,
        TYPED
    }

    public Package packageNumbered(int number) {
        return packages.stream()
                .filter(each -> each.number() == number)
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("Package " + number, "The shipment has " + packages.size() + "."));
    }

    /** The same shipment with one package weighed. */
    Shipment weighing(int number, Weight weight) {
        packageNumbered(number);
        List<Package> weighed = packages.stream()
                .map(each -> each.number() == number ? each.weighing(weight) : each)
                .toList();
        return new Shipment(id, siteId, workOrderId, state, chosenService, startedBy, outcome, weighed);
    }

    public int piecesPlaced() {
        return packages.stream()
                .flatMap(each -> each.contents().stream())
                .mapToInt(Content::quantity)
                .sum();
    }
}
