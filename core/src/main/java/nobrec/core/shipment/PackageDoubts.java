package nobrec.core.shipment;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import nobrec.core.carton.CartonSet;
import nobrec.core.item.PackItem;
import nobrec.core.measure.UnitSystem;
import nobrec.core.measure.Weight;
import nobrec.core.packing.WeightPlausibility;

/** What is odd about the packages of a shipment, though it does not stop it. */
public final class PackageDoubts {

    private PackageDoubts() {}

    /** Numbers of packages whose sizes are all known and that yet have no placements. */
    public static List<Integer> notLaidOut(Shipment shipment, Jobs jobs) {
        return shipment.packages().stream()
                .filter(each -> !each.contents().isEmpty() && each.placements().isEmpty())
                .filter(each -> each.contents().stream()
                        .allMatch(content ->
                                jobs.line(content.workOrderLineId()).unitSize().isPresent()))
                .map(Shipment.Package::number)
                .toList();
    }

    /** Packages whose weight tells of a piece too many or too few, with what it may be, by package number. */
    public static Map<Integer, String> weights(Shipment shipment, Jobs jobs, CartonSet cartons, UnitSystem units) {
        Map<Integer, String> doubts = new LinkedHashMap<>();
        for (Shipment.Package each : shipment.packages()) {
            weight(each, jobs, cartons, units).ifPresent(doubt -> doubts.put(each.number(), doubt));
        }
        return doubts;
    }

    private static Optional<String> weight(Shipment.Package packed, Jobs jobs, CartonSet cartons, UnitSystem units) {
        List<PackItem> items = jobs.items(packed.contents());
        boolean known = items.stream().allMatch(item -> item.unitWeight().isPresent());
        if (packed.weight().isEmpty() || !known || items.isEmpty()) {
            return Optional.empty();
        }
        Weight tare = cartons.tare(cartons.byCode(packed.cartonCode()), packed.cartonsOnIt());
        WeightPlausibility plausible =
                WeightPlausibility.of(items, tare, packed.weight().get());
        if (plausible.agrees()) {
            return Optional.empty();
        }
        Map<Long, String> names = packed.contents().stream()
                .collect(Collectors.toMap(
                        Shipment.Content::workOrderLineId,
                        content -> jobs.line(content.workOrderLineId()).item()));
        return Optional.of(plausible.sentence(names, units));
    }
}
