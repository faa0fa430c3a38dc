package nobrec.core.rating;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nobrec.core.item.FreightClass;
import nobrec.core.measure.Size;
import nobrec.core.measure.Weight;
import nobrec.core.measure.WeightUnit;
import nobrec.core.service.ShipmentToRate.GoodsOfClass;

/**
 * What of a package's weight is of one freight class.
 *
 * @param given whether the records give the class; else it is found by the density of the package
 * @param pounds whole ones; those of all shares are the package's weight, rounded up
 */
public record ClassShare(FreightClass freightClass, boolean given, long pounds) {

    public static final Weight POUND = Weight.of("1", WeightUnit.POUND);

    /**
     * Shares the weight of a package out among the classes in it; the pounds add up.
     *
     * @param goods what is in it by class; nothing where only its density is known
     */
    public static List<ClassShare> of(Weight weight, Size size, List<GoodsOfClass> goods) {
        long pounds = weight.stepsUp(POUND);
        FreightClass byDensity = FreightClass.ofDensity(weight, size);
        List<GoodsOfClass> parts = goods.isEmpty() ? List.of(new GoodsOfClass(Optional.empty(), POUND)) : goods;
        BigInteger all = parts.stream().map(ClassShare::weight).reduce(BigInteger.ZERO, BigInteger::add);
        BigInteger before = BigInteger.ZERO;
        List<ClassShare> shares = new ArrayList<>();
        for (GoodsOfClass part : parts) {
            BigInteger after = before.add(weight(part));
            long share = upTo(after, all, pounds) - upTo(before, all, pounds);
            shares.add(new ClassShare(
                    part.freightClass().orElse(byDensity), part.freightClass().isPresent(), share));
            before = after;
        }
        return shares;
    }

    private static BigInteger weight(GoodsOfClass goods) {
        return BigInteger.valueOf(goods.weight().eighthNanograms());
    }

    /** So much of the pounds as a part is of all, rounded half up. */
    private static long upTo(BigInteger part, BigInteger all, long pounds) {
        return part.multiply(BigInteger.valueOf(2 * pounds))
                .add(all)
                .divide(all.shiftLeft(1))
                .longValueExact();
    }
}
