package nobrec.core.shipment;

import java.util.List;
import java.util.Optional;
import nobrec.core.carton.CartonSet;
import nobrec.core.measure.UnitSystem;
import nobrec.core.measure.Weight;
import nobrec.core.measure.WeightUnit;
import nobrec.core.notation.MeasureText;
import nobrec.core.workorder.WorkOrder;

/**
 * What a weighed package with one kind of item in it says of one piece, where that is news.
 *
 * @param weight of one piece, to the gram
 * @param reason how it comes about, as a sentence
 */
public record LearnedWeight(String item, Weight weight, String reason) {

    private static final Weight GRAM = Weight.of("1", WeightUnit.GRAM);

    /** A twentieth more or less is what scales, tape and filling make. Common practice, no source. */
    private static final int DOUBT = 20;

    /** Empty where nothing new is to be learned from it. */
    public static Optional<LearnedWeight> of(Shipment.Package packed, Jobs jobs, CartonSet cartons, UnitSystem units) {
        List<WorkOrder.Line> lines = packed.contents().stream()
                .map(content -> jobs.line(content.workOrderLineId()))
                .toList();
        List<String> items = lines.stream().map(WorkOrder.Line::item).distinct().toList();
        int pieces =
                packed.contents().stream().mapToInt(Shipment.Content::quantity).sum();
        if (packed.weight().isEmpty() || items.size() != 1 || items.get(0).isEmpty()) {
            return Optional.empty();
        }
        Weight gross = packed.weight().get();
        Weight tare = cartons.tare(cartons.byCode(packed.cartonCode()), packed.cartonsOnIt());
        if (!gross.isAbove(tare)) {
            return Optional.empty();
        }
        long net = gross.eighthNanograms() - tare.eighthNanograms();
        long gram = GRAM.eighthNanograms() * pieces;
        Weight each = GRAM.times(Math.max(1, (net + gram / 2) / gram));
        if (lines.stream()
                .allMatch(line ->
                        line.unitWeight().filter(known -> isNear(known, each)).isPresent())) {
            return Optional.empty();
        }
        String reason = MeasureText.show(gross, units) + " less " + MeasureText.show(tare, units)
                + " of the carton, over " + pieces + (pieces == 1 ? " piece." : " pieces.");
        return Optional.of(new LearnedWeight(items.get(0), each, reason));
    }

    private static boolean isNear(Weight known, Weight found) {
        long difference = Math.abs(known.eighthNanograms() - found.eighthNanograms());
        return Math.multiplyExact(difference, DOUBT) <= known.eighthNanograms();
    }
}
