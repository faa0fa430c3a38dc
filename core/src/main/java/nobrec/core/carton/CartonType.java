package nobrec.core.carton;

import java.util.Optional;
import java.util.Set;
import nobrec.core.measure.Length;
import nobrec.core.measure.Size;
import nobrec.core.measure.Weight;
import org.joda.money.Money;

/**
 * A kind of package.
 *
 * @param code short code, also on its barcode
 * @param inner room for the contents; of a pallet its deck, and the height up to which it may be loaded
 * @param outer as measured from outside; of a pallet that of the bare pallet
 * @param tare weight of the empty package
 * @param maximumContents maximum weight of what may be put in
 * @param bandFrom contents from this weight on go into this type when sizes are not known
 * @param bandTo up to and with this weight; zero when it has no band
 * @param cost what one of them costs us
 * @param statedWeight what a package of this type is taken to weigh when a record says nothing about weight
 * @param standard the one taken then
 * @param supply who supplies it, and who takes it
 */
public record CartonType(
        String code,
        String name,
        CartonKind kind,
        Size inner,
        Size outer,
        Weight tare,
        Weight maximumContents,
        Weight bandFrom,
        Weight bandTo,
        Money cost,
        Optional<Weight> statedWeight,
        boolean standard,
        Supply supply) {

    /**
     * A carton of our own goes with every service that takes its kind. One that a carrier supplies goes only with the
     * services named.
     *
     * @param carrierCode empty for our own
     * @param services codes of the services that accept a carrier's carton
     */
    public record Supply(Optional<String> carrierCode, Set<String> services) {

        public static final Supply OUR_OWN = new Supply(Optional.empty(), Set.of());

        public Supply {
            services = Set.copyOf(services);
        }

        public boolean accepts(String serviceCode) {
            return carrierCode.isEmpty() || services.contains(serviceCode);
        }
    }

    /** Without a band it is never proposed by weight alone. */
    public boolean hasBand() {
        return !bandTo.isZero();
    }

    public boolean bandCovers(Weight contents) {
        return !bandFrom.isAbove(contents) && !contents.isAbove(bandTo);
    }

    /** Outer size of a package of this type once it is filled to a height: only a pallet grows with its load. */
    public Size outerWhenFilledTo(Length height) {
        return kind == CartonKind.PALLET
                ? new Size(outer.length(), outer.width(), outer.height().plus(height))
                : outer;
    }
}
