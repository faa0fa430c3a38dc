package nobrec.core.declaration;

import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import nobrec.core.measure.Weight;
import nobrec.core.measure.WeightUnit;

/**
 * Rounds weights to grams so that they add up to their rounded sum: all are rounded down, and what is missing goes to those that
 * lost most (method of the largest remainder).
 */
final class GramShares {

    private static final long GRAM = Weight.of("1", WeightUnit.GRAM).eighthNanograms();

    private GramShares() {}

    /** Each in whole grams, in their order. */
    static long[] of(List<Weight> weights) {
        long sum = weights.stream().mapToLong(Weight::eighthNanograms).reduce(0, Math::addExact);
        long[] grams = weights.stream()
                .mapToLong(each -> each.eighthNanograms() / GRAM)
                .toArray();
        long missing = rounded(sum)
                - IntStream.range(0, grams.length).mapToLong(at -> grams[at]).sum();
        IntStream.range(0, grams.length)
                .boxed()
                .sorted(Comparator.comparingLong(
                        (Integer at) -> -(weights.get(at).eighthNanograms() % GRAM)))
                .limit(missing)
                .forEach(at -> grams[at]++);
        return grams;
    }

    static long rounded(long eighthNanograms) {
        return eighthNanograms / GRAM + (eighthNanograms % GRAM * 2 >= GRAM ? 1 : 0);
    }
}
