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

    /**
     * @param size as measured
     * @param sheetUnits the sheet's own, in which the sides are rounded up to whole ones
     * @param step of the sheet's weights
     */
    record BaseRate(
            Zone zone,
            BillableWeight billable,
            Weight actual,
            boolean weighed,
            Size size,
            int divisor,
            UnitSystem sheetUnits,
            Weight step)
            implements ChargeBasis {
        @Override
        public String title() {
            return "Base rate";
        }

        @Override
        public String sentence(UnitSystem units) {
            String own = (weighed ? "weighs " : "not weighed yet, expected ") + MeasureText.show(actual, units) + " → "
                    + MeasureText.showSteps(billable.actual(), step, units);
            Size whole = size.inWholeUnits(sheetUnits.lengthUnit());
            String rounded = whole.equals(size) ? "" : MeasureText.show(size, sheetUnits) + " → ";
            String dimensional = rounded + MeasureText.show(whole, sheetUnits) + " / " + divisor + " → "
                    + MeasureText.showSteps(billable.dimensional(), step, units);
            String rule = billable.isDimensional() ? "Size counts: " : "Weight counts: ";
            return rule + own + ", " + dimensional + "; billed "
                    + MeasureText.showSteps(billable.billed(), step, units) + " in zone " + zone.number() + " ("
                    + zone.miles() + " miles).";
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
