package nobrec.core.rating;

import java.math.BigDecimal;
import nobrec.core.measure.MeasureText;
import nobrec.core.measure.Size;
import nobrec.core.measure.UnitSystem;
import nobrec.core.measure.Weight;
import org.joda.money.Money;

/** The rule behind a charge line and its figures; the sentence for people is made here and nowhere else. */
public sealed interface ChargeBasis {

    /** What the line is, in a word or two. */
    String title();

    /** How the amount came about. */
    String sentence(UnitSystem units);

    record BaseRate(Zone zone, BillableWeight billable, Weight actual, boolean weighed, Size size, int divisor)
            implements ChargeBasis {
        @Override
        public String title() {
            return "Base rate";
        }

        @Override
        public String sentence(UnitSystem units) {
            String dimensional = MeasureText.show(size, units) + " / " + divisor + " → "
                    + MeasureText.showPlain(billable.dimensional(), units);
            String own = (weighed ? "weighs " : "not weighed yet, expected ") + MeasureText.show(actual, units) + " → "
                    + MeasureText.showPlain(billable.actual(), units);
            String rule = billable.isDimensional() ? "Size counts: " : "Weight counts: ";
            return rule + own + ", " + dimensional + "; billed " + MeasureText.showPlain(billable.billed(), units)
                    + " in zone " + zone.number() + " (" + zone.miles() + " miles).";
        }
    }

    record ResidentialSurcharge() implements ChargeBasis {
        @Override
        public String title() {
            return "Residence";
        }

        @Override
        public String sentence(UnitSystem units) {
            return "The ship-to is a residence: a fixed amount for each package.";
        }
    }

    record Fuel(BigDecimal percent, Money base) implements ChargeBasis {
        @Override
        public String title() {
            return "Fuel";
        }

        @Override
        public String sentence(UnitSystem units) {
            return percent.stripTrailingZeros().toPlainString() + " % of " + base.getAmount()
                    + " (base rate and surcharges), to the nearest cent.";
        }
    }
}
