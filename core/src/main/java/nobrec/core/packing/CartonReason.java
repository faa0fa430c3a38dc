package nobrec.core.packing;

import nobrec.core.measure.MeasureText;
import nobrec.core.measure.UnitSystem;
import nobrec.core.measure.Weight;

/** Why a carton type was proposed. */
public sealed interface CartonReason {

    /** The weight of the contents lies in the carton's band and every size known fits. */
    record WeightBand(Weight contents, Weight from, Weight to) implements CartonReason {}

    /** A weight is missing, so the shop's standard carton is taken. */
    record WeightUnknown() implements CartonReason {}

    /** No carton type takes this piece; the roomiest is shown so that a person can decide. */
    record NothingFits(String description) implements CartonReason {}

    /** One sentence for the person who packs. */
    static String sentence(CartonReason reason, UnitSystem units) {
        if (reason instanceof WeightBand band) {
            return "Contents of " + MeasureText.show(band.contents(), units) + " lie in this carton's band, "
                    + MeasureText.showPlain(band.from(), units) + " to " + MeasureText.showPlain(band.to(), units)
                    + ".";
        }
        if (reason instanceof NothingFits piece) {
            return "No carton type takes " + piece.description() + ": choose one by hand.";
        }
        return "A weight is missing in the record, so the standard carton is proposed.";
    }
}
