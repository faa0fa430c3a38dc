package nobrec.core.departure;

import java.math.BigInteger;
import java.util.Collection;
import java.util.Optional;
import nobrec.core.measure.Weight;

/**
 * What a pickup takes: what is packed, and what must still be packed for it.
 *
 * @param packed weight of what is shipped with it
 * @param packages shipped with it
 * @param toPack weight of the jobs that must still leave with it; empty when one of them is not known
 * @param jobs that must still leave with it
 */
public record PickupLoad(Weight packed, int packages, Optional<Weight> toPack, int jobs) {

    private static final BigInteger HUNDRED = BigInteger.valueOf(100);

    /** By weight; by count of packages and jobs where a weight is not known. */
    public int packedPercent() {
        BigInteger done =
                toPack.isPresent() ? BigInteger.valueOf(packed.eighthNanograms()) : BigInteger.valueOf(packages);
        BigInteger all =
                done.add(BigInteger.valueOf(toPack.map(Weight::eighthNanograms).orElse((long) jobs)));
        return all.signum() == 0 ? 0 : done.multiply(HUNDRED).divide(all).intValueExact();
    }

    /** The sum of weights; empty when one is not known, or they are more than can be said. */
    public static Optional<Weight> sum(Collection<Optional<Weight>> weights) {
        BigInteger sum = BigInteger.ZERO;
        for (Optional<Weight> each : weights) {
            if (each.isEmpty()) {
                return Optional.empty();
            }
            sum = sum.add(BigInteger.valueOf(each.get().eighthNanograms()));
        }
        return sum.bitLength() < Long.SIZE ? Optional.of(new Weight(sum.longValueExact())) : Optional.empty();
    }
}
