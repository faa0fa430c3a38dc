package nobrec.core.shipment;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import nobrec.core.carton.CartonSet;
import nobrec.core.item.Item;
import nobrec.core.measure.UnitSystem;
import nobrec.core.measure.Weight;
import nobrec.core.notation.MeasureText;
import nobrec.core.workorder.WorkOrder;

/**
 * What a weighed package with one kind of item in it says of one piece, where that is news.
 *
 * @param weight of one piece, to the thousandth of the shop's unit
 * @param reason how it comes about, as a sentence
 */
public record LearnedWeight(String item, Weight weight, String reason) {

    private static final BigDecimal STEP = new BigDecimal("0.001");

    /** A twentieth more or less is what scales, tape and filling make. Common practice, no source. */
    private static final int DOUBT = 20;

    /**
     * Empty where nothing new is to be learned from it.
     *
     * @param known the item list; what it says of the weight counts before what the lines say
     */
    public static Optional<LearnedWeight> of(
            Shipment.Package packed,
            Jobs jobs,
            CartonSet cartons,
            Function<String, Optional<Item>> known,
            UnitSystem units) {
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
        Weight step = Weight.of(STEP, units.weightUnit());
        long ofAll = step.eighthNanograms() * pieces;
        Weight each = step.times(Math.max(1, (net + ofAll / 2) / ofAll));
        Optional<Weight> listed = known.apply(items.get(0)).flatMap(Item::unitWeight);
        Stream<Optional<Weight>> said =
                listed.isPresent() ? Stream.of(listed) : lines.stream().map(WorkOrder.Line::unitWeight);
        if (said.allMatch(weight -> weight.filter(there -> isNear(there, each)).isPresent())) {
            return Optional.empty();
        }
        String reason = MeasureText.show(gross, units) + " less " + MeasureText.show(tare, units)
                + " of the carton, over " + pieces + (pieces == 1 ? " piece." : " pieces.");
        return Optional.of(new LearnedWeight(items.get(0), each, reason));
    }

    private static boolean isNear(Weight there, Weight found) {
        long difference = Math.abs(there.eighthNanograms() - found.eighthNanograms());
        return Math.multiplyExact(difference, DOUBT) <= there.eighthNanograms();
    }
}
