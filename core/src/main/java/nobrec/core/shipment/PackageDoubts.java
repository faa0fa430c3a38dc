package nobrec.core.shipment;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import nobrec.core.carton.CartonSet;
import nobrec.core.carton.CartonType;
import nobrec.core.item.PackItem;
import nobrec.core.measure.Length;
import nobrec.core.measure.LengthUnit;
import nobrec.core.measure.Size;
import nobrec.core.measure.UnitSystem;
import nobrec.core.measure.Weight;
import nobrec.core.notation.MeasureText;
import nobrec.core.packing.WeightPlausibility;

/** What is odd about the packages of a shipment, though it does not stop it. */
public final class PackageDoubts {

    private static final int TENTH = 10;
    private static final Length INCH = Length.of("1", LengthUnit.INCH);

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

    /**
     * Packages whose weight tells of a piece too many or too few, or whose size is far from their carton's, with what is odd, by
     * package number.
     */
    public static Map<Integer, String> measures(Shipment shipment, Jobs jobs, CartonSet cartons, UnitSystem units) {
        Map<Integer, String> doubts = new LinkedHashMap<>();
        for (Shipment.Package each : shipment.packages()) {
            String said = Stream.concat(
                            weight(each, jobs, cartons, units).stream(),
                            size(each, cartons.byCode(each.cartonCode()), units).stream())
                    .collect(Collectors.joining(" "));
            if (!said.isEmpty()) {
                doubts.put(each.number(), said);
            }
        }
        return doubts;
    }

    /**
     * A side that is longer or shorter than the carton's by more than a tenth and more than an inch. Common practice, no source.
     * What stands on a pallet has the size it has.
     */
    private static Optional<String> size(Shipment.Package packed, CartonType carton, UnitSystem units) {
        return carton.kind().carriesCartons() || !isFar(packed.size(), carton.outer())
                ? Optional.empty()
                : Optional.of("measures " + MeasureText.show(packed.size(), units) + "; a " + carton.name() + " has "
                        + MeasureText.show(carton.outer(), units) + ".");
    }

    private static boolean isFar(Size measured, Size carton) {
        List<Length> here = sides(measured);
        List<Length> there = sides(carton);
        return IntStream.range(0, here.size()).anyMatch(side -> {
            long apart = Math.abs(here.get(side).nanometers() - there.get(side).nanometers());
            return apart > INCH.nanometers() && apart > there.get(side).nanometers() / TENTH;
        });
    }

    /** However it lies in the frame. */
    private static List<Length> sides(Size size) {
        return Stream.of(size.length(), size.width(), size.height()).sorted().toList();
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
