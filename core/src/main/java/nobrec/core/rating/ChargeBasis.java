package nobrec.core.rating;

import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import nobrec.core.item.FreightClass;
import nobrec.core.measure.Size;
import nobrec.core.measure.UnitSystem;
import nobrec.core.measure.Weight;
import nobrec.core.notation.CodeName;
import nobrec.core.notation.MeasureText;
import nobrec.core.notation.MoneyText;
import nobrec.core.ratesheet.FuelIndex;
import nobrec.core.ratesheet.RateSheet;
import nobrec.core.ratesheet.Surcharge;
import nobrec.core.ratesheet.SurchargeAmount;
import nobrec.core.service.BillableWeight;
import nobrec.core.service.ShipmentToRate.PackageToRate;

/** The rule behind a charge line and its figures; the sentence for people is made here and nowhere else. */
public sealed interface ChargeBasis {

    /** Its name for programs, which stays as it is: {@code BASE_RATE}; of a surcharge what it is asked for. */
    default String code() {
        return CodeName.of(getClass());
    }

    /** What the line is, in a word or two. */
    String title();

    /** How the amount came about. */
    String sentence(UnitSystem units);

    record BaseRate(RateSheet sheet, int zone, BillableWeight billable, PackageToRate each) implements ChargeBasis {
        @Override
        public String title() {
            return "Base rate";
        }

        @Override
        public String sentence(UnitSystem units) {
            Weight step = sheet.weightStep();
            String own = (each.weighed() ? "weighs " : "not weighed yet, expected ")
                    + MeasureText.show(each.weight().orElseThrow(), units) + " → "
                    + MeasureText.showSteps(billable.actual(), step, units);
            String rule = billable.isMinimum()
                    ? "Large piece, billed " + MeasureText.showSteps(billable.minimum(), step, units) + " at least: "
                    : billable.isDimensional() ? "Size counts: " : "Weight counts: ";
            String billed = MeasureText.showSteps(billable.billed(), step, units);
            String above = sheet.isAboveBreaks(billable.billed())
                    ? ", above the last break "
                            + MoneyText.showCents(sheet.aboveCents().get(zone)) + " for each "
                            + MeasureText.showSteps(step, step, units)
                    : "";
            return rule + own + ", " + bySize(step, units) + "; billed " + billed + " in zone "
                    + sheet.zoning().names().get(zone) + above + ".";
        }

        private String bySize(Weight step, UnitSystem units) {
            BillableWeight.SizeRule rule = sheet.billing().sizes();
            if (rule.divisor() == 0) {
                return "size does not count";
            }
            UnitSystem own = sheet.units();
            Size size = each.size();
            Size whole = new Size(
                    BillableWeight.rounded(size.length(), rule),
                    BillableWeight.rounded(size.width(), rule),
                    BillableWeight.rounded(size.height(), rule));
            String rounded = whole.equals(size) ? "" : MeasureText.show(size, own) + " → ";
            if (billable.dimensional().isZero()) {
                return rounded + MeasureText.show(whole, own) + " is not above " + rule.fromVolume() + " cubic "
                        + own.lengthUnit().symbol() + ", so size does not count";
            }
            return rounded + MeasureText.show(whole, own) + " / " + rule.divisor() + " → "
                    + MeasureText.showSteps(billable.dimensional(), step, units);
        }
    }

    /** @param bySheet what our rate sheet says beside it, in words; empty text where there is none */
    record CarrierQuote(String carrier, String number, LocalDateTime validUntil, String bySheet)
            implements ChargeBasis {

        private static final DateTimeFormatter MINUTES = DateTimeFormatter.ofPattern("yyyy-MM-dd HH:mm");

        @Override
        public String title() {
            return "Carrier's quote";
        }

        @Override
        public String sentence(UnitSystem units) {
            return "Quote " + number + " of " + carrier + ", valid until " + MINUTES.format(validUntil) + "."
                    + (bySheet.isEmpty() ? "" : " " + bySheet);
        }
    }

    record Discount(int thousandths, long baseCents) implements ChargeBasis {
        @Override
        public String title() {
            return "Discount";
        }

        @Override
        public String sentence(UnitSystem units) {
            return FuelIndex.show(thousandths) + " off " + MoneyText.showCents(baseCents) + ", to the nearest cent.";
        }
    }

    record Minimum(long minimumCents, long withoutCents) implements ChargeBasis {
        @Override
        public String title() {
            return "Minimum";
        }

        @Override
        public String sentence(UnitSystem units) {
            return "Raises " + MoneyText.showCents(withoutCents) + " to the sheet's minimum of "
                    + MoneyText.showCents(minimumCents) + ".";
        }
    }

    record SurchargeBasis(Surcharge surcharge, SurchargeAmount.Figures figures) implements ChargeBasis {
        @Override
        public String code() {
            return surcharge.condition().code();
        }

        @Override
        public String title() {
            return surcharge.title();
        }

        @Override
        public String sentence(UnitSystem units) {
            String scope = surcharge.scope() == Surcharge.Scope.PACKAGE ? " for the package" : " for the shipment";
            String group =
                    surcharge.group().isEmpty() ? "" : "; the largest of those for " + surcharge.group() + " only";
            return surcharge.condition().because(units) + ": "
                    + surcharge.amount().rule(units) + scope + group + ".";
        }
    }

    record FreightRate(
            FreightClass freightClass, boolean given, Weight weight, Weight breakFrom, long centsPerHundredweight)
            implements ChargeBasis {
        @Override
        public String title() {
            return "Class " + freightClass;
        }

        @Override
        public String sentence(UnitSystem units) {
            return "Class " + freightClass + (given ? " as given" : " by density") + ": "
                    + MeasureText.showPlain(weight, UnitSystem.POUND_INCH) + " at "
                    + MoneyText.showCents(centsPerHundredweight) + " per hundred lb, the rate from "
                    + MeasureText.showPlain(breakFrom, UnitSystem.POUND_INCH) + " on.";
        }
    }

    record Deficit(
            Weight weight, Weight breakFrom, FreightClass freightClass, long centsPerHundredweight, long savedCents)
            implements ChargeBasis {
        @Override
        public String title() {
            return "Deficit weight";
        }

        @Override
        public String sentence(UnitSystem units) {
            return MeasureText.showPlain(weight, UnitSystem.POUND_INCH) + " more are billed, at "
                    + MoneyText.showCents(centsPerHundredweight) + " per hundred lb of class " + freightClass
                    + ", to reach the rates from " + MeasureText.showPlain(breakFrom, UnitSystem.POUND_INCH)
                    + " on: that saves " + MoneyText.showCents(savedCents) + ".";
        }
    }

    record Fuel(String index, int thousandths, long baseCents) implements ChargeBasis {
        @Override
        public String title() {
            return "Fuel";
        }

        @Override
        public String sentence(UnitSystem units) {
            return FuelIndex.show(thousandths) + " of " + MoneyText.showCents(baseCents)
                    + " (base rate, and the surcharges that bear fuel) by index " + index + ", to the nearest cent.";
        }
    }
}
