package nobrec.core.packing;

import java.math.BigDecimal;
import nobrec.core.measure.UnitSystem;
import nobrec.core.measure.Weight;
import nobrec.core.notation.MeasureText;

/** Why a carton type was proposed. */
public sealed interface CartonReason {

    /**
     * Everything lies in it, and the service that would carry it asks the least for the shipment so packed.
     *
     * @param cents of this package, its carton included
     * @param usedPerMille how much of the room its contents take up
     */
    record Cheapest(String serviceName, long cents, int packages, int usedPerMille) implements CartonReason {}

    /**
     * There are more pieces than can be tried in every way: cartons are filled one after the other.
     *
     * @param most up to so many pieces every way is tried that pays
     */
    record FullInTurn(int most, int usedPerMille) implements CartonReason {}

    /** The time was up before all was tried: the best so far. */
    record SoFar(CartonReason best) implements CartonReason {}

    /** No carton's band covers the contents and holds what is known of their sizes; this one holds them. */
    record HoldsBesideBand(Weight contents) implements CartonReason {}

    /** The smallest sum of carton costs, where no service is known that would carry it. */
    record MinimumMaterial(int usedPerMille) implements CartonReason {}

    /** The weight of the contents lies in the carton's band and every size known fits. */
    record WeightBand(Weight contents, Weight from, Weight to) implements CartonReason {}

    /** A weight is missing, so the shop's standard carton is taken, with its stated weight if it has one. */
    record WeightUnknown() implements CartonReason {}

    /** No carton type takes this piece; the roomiest is shown so that a person can decide. */
    record NothingFits(String description) implements CartonReason {}

    /** The job asks for this carton, and all of it lies in cartons of the kind. */
    record Requested() implements CartonReason {}

    /** The job asks for a carton that does not take all of it. */
    record InsteadOfRequested(String requested, CartonReason found) implements CartonReason {}

    /** One sentence for the person who packs. */
    static String sentence(CartonReason reason, UnitSystem units) {
        if (reason instanceof SoFar soFar) {
            return "The time was up before every way was tried (Repack looks again). So far: "
                    + sentence(soFar.best(), units);
        }
        if (reason instanceof Requested) {
            return "The job asks for it.";
        }
        if (reason instanceof InsteadOfRequested instead) {
            return "The job asks for " + instead.requested() + ", which does not take all of it. "
                    + sentence(instead.found(), units);
        }
        if (reason instanceof Cheapest cheapest) {
            String kept = cheapest.packages() == 1 ? "one package" : cheapest.packages() + " packages";
            return "Cheapest by " + cheapest.serviceName() + " in " + kept + ": "
                    + BigDecimal.valueOf(cheapest.cents(), 2) + " with this one, "
                    + share(cheapest.usedPerMille()) + " filled.";
        }
        if (reason instanceof MinimumMaterial minimum) {
            return "Least carton cost that holds it, " + share(minimum.usedPerMille()) + " filled.";
        }
        if (reason instanceof WeightBand band) {
            return "Contents of " + MeasureText.show(band.contents(), units) + " lie in this carton's band, "
                    + MeasureText.showPlain(band.from(), units) + " to " + MeasureText.showPlain(band.to(), units)
                    + ".";
        }
        if (reason instanceof FullInTurn full) {
            return "Full cartons in turn, as there are more than " + full.most() + " pieces; "
                    + share(full.usedPerMille()) + " filled.";
        }
        if (reason instanceof HoldsBesideBand holds) {
            return "The cartons meant for " + MeasureText.show(holds.contents(), units)
                    + " are too small for the sizes that are known; this is the cheapest that holds them.";
        }
        if (reason instanceof NothingFits piece) {
            return "No carton type takes " + piece.description() + ": choose one by hand.";
        }
        return "A weight is missing in the record, so the standard carton is proposed.";
    }

    private static String share(int perMille) {
        return (perMille + 5) / 10 + " %";
    }
}
