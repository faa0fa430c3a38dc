package nobrec.core.rating;

import nobrec.core.address.PlaceKind;
import nobrec.core.measure.Length;
import nobrec.core.measure.MeasureText;
import nobrec.core.measure.UnitSystem;
import nobrec.core.measure.Weight;

/** Why a service may not carry a shipment. */
public sealed interface Objection {

    /** One sentence for people. */
    String sentence(UnitSystem units);

    record TooHeavy(int packageNumber, Weight weight, Weight limit) implements Objection {
        @Override
        public String sentence(UnitSystem units) {
            return "Package " + packageNumber + " of " + MeasureText.show(weight, units) + " is above the limit of "
                    + MeasureText.showPlain(limit, units) + ".";
        }
    }

    record TooLong(int packageNumber, Length length, Length limit) implements Objection {
        @Override
        public String sentence(UnitSystem units) {
            return "Package " + packageNumber + " is " + MeasureText.show(length, units) + " long; the limit is "
                    + MeasureText.show(limit, units) + ".";
        }
    }

    record TooBulky(int packageNumber, Length lengthPlusGirth, Length limit) implements Objection {
        @Override
        public String sentence(UnitSystem units) {
            return "Package " + packageNumber + " has a length plus girth of "
                    + MeasureText.show(lengthPlusGirth, units) + "; the limit is " + MeasureText.show(limit, units)
                    + ".";
        }
    }

    record PlaceNotServed(PlaceKind kind) implements Objection {
        @Override
        public String sentence(UnitSystem units) {
            return "It does not deliver to a " + kind.words() + ".";
        }
    }

    record NoWeight(int packageNumber) implements Objection {
        @Override
        public String sentence(UnitSystem units) {
            return "Package " + packageNumber + " has no weight yet: weigh it or type its weight.";
        }
    }

    record NoRateSheet() implements Objection {
        @Override
        public String sentence(UnitSystem units) {
            return "There is no rate sheet for this day.";
        }
    }

    record BeyondRateSheet(int packageNumber, Weight billed, Weight step) implements Objection {
        @Override
        public String sentence(UnitSystem units) {
            return "Package " + packageNumber + " is billed as " + MeasureText.showSteps(billed, step, units)
                    + ", beyond the rate sheet's last weight.";
        }
    }
}
