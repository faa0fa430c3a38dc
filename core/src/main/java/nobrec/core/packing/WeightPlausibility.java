package nobrec.core.packing;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import nobrec.core.item.PackItem;
import nobrec.core.measure.UnitSystem;
import nobrec.core.measure.Weight;
import nobrec.core.measure.WeightUnit;
import nobrec.core.notation.MeasureText;

/**
 * Whether what the scale says agrees with contents and carton, and which missing or extra piece would explain it if not.
 *
 * @param tolerance by which scale and records may differ
 * @param explanations the likeliest first; empty when they agree, or when no single item explains the difference
 */
public record WeightPlausibility(Weight expected, Weight measured, Weight tolerance, List<Explanation> explanations) {

    /** A number of pieces of one item that are missing or too many. */
    public record Explanation(long itemKey, int pieces, boolean missing) {}

    /** A piece's weight differs from the record by so much; those of one item differ together. Common practice, no source. */
    private static final long SPREAD_PER_CENT = 2;

    /** A carton's own weight differs by so much. Common practice, no source. */
    private static final long TARE_SPREAD_PER_CENT = 15;

    /** What a bench scale shows at least. */
    private static final Weight SCALE_STEP = Weight.of("0.05", WeightUnit.POUND);

    /** Tape and filling paper come on top, up to about so much. Common practice, no source. */
    private static final Weight FILLING = Weight.of("0.12", WeightUnit.POUND);

    private static final int FAR_TIMES = 3;
    private static final Weight FAR_FROM = Weight.of("1", WeightUnit.POUND);

    private static final BigInteger HUNDRED = BigInteger.valueOf(100);
    private static final int MAX_EXPLANATIONS = 3;

    public WeightPlausibility {
        explanations = List.copyOf(explanations);
    }

    /**
     * Whether a weight is so far from what is expected that it is rather a slip: more than three times as much or less than a
     * third, and by more than a pound. Common practice, no source.
     */
    public static boolean isFar(Weight expected, Weight typed) {
        boolean times = typed.isAbove(expected.times(FAR_TIMES)) || expected.isAbove(typed.times(FAR_TIMES));
        return times && difference(expected, typed).isAbove(FAR_FROM);
    }

    public boolean agrees() {
        return !difference(expected, measured).isAbove(tolerance);
    }

    /**
     * What differs and what would explain it; of no use when they agree.
     *
     * @param names of the items by key
     */
    public String sentence(Map<Long, String> names, UnitSystem units) {
        String found = "weighs " + MeasureText.show(difference(expected, measured), units)
                + (measured.isAbove(expected) ? " more" : " less") + " than contents and carton should, "
                + MeasureText.show(expected, units) + " within " + MeasureText.show(tolerance, units) + ".";
        if (explanations.isEmpty()) {
            return found + " No single item explains it.";
        }
        return found + " "
                + explanations.stream()
                        .map(each -> each.pieces() + " × " + names.get(each.itemKey()))
                        .collect(Collectors.joining(", or "))
                + (explanations.get(0).missing() ? " missing" : " too many") + " would explain it.";
    }

    /** @param contents pieces in the package, each item with its weight */
    public static WeightPlausibility of(List<PackItem> contents, Weight tare, Weight measured) {
        Weight expected = tare;
        BigInteger variance = square(tare.times(TARE_SPREAD_PER_CENT))
                .add(square(SCALE_STEP.times(100)))
                .add(square(FILLING.times(100)));
        for (PackItem item : contents) {
            Weight all = item.unitWeight().orElseThrow().times(item.quantity());
            expected = expected.plus(all);
            variance = variance.add(square(all.times(SPREAD_PER_CENT)));
        }
        Weight tolerance = new Weight(variance.sqrt().divide(HUNDRED).longValueExact());
        return new WeightPlausibility(
                expected, measured, tolerance, explanations(contents, expected, measured, tolerance));
    }

    private static List<Explanation> explanations(
            List<PackItem> contents, Weight expected, Weight measured, Weight tolerance) {
        Weight difference = difference(expected, measured);
        if (!difference.isAbove(tolerance)) {
            return List.of();
        }
        boolean missing = expected.isAbove(measured);
        record Guess(Explanation explanation, Weight off) {}
        List<Guess> guesses = new ArrayList<>();
        for (PackItem item : contents) {
            Weight unit = item.unitWeight().orElseThrow();
            if (unit.isZero()) {
                continue;
            }
            long pieces =
                    Math.max(1, (difference.eighthNanograms() + unit.eighthNanograms() / 2) / unit.eighthNanograms());
            Weight off = difference(unit.times(pieces), difference);
            // As many again as there should be are a double packing; more explain nothing.
            boolean possible = pieces <= item.quantity();
            if (possible && !off.isAbove(tolerance) && pieces <= Integer.MAX_VALUE) {
                guesses.add(new Guess(new Explanation(item.key(), (int) pieces, missing), off));
            }
        }
        return guesses.stream()
                .sorted(Comparator.comparingInt((Guess guess) -> guess.explanation.pieces())
                        .thenComparing(Guess::off))
                .limit(MAX_EXPLANATIONS)
                .map(Guess::explanation)
                .toList();
    }

    private static Weight difference(Weight one, Weight other) {
        return new Weight(Math.abs(one.eighthNanograms() - other.eighthNanograms()));
    }

    private static BigInteger square(Weight weight) {
        return BigInteger.valueOf(weight.eighthNanograms()).pow(2);
    }
}
