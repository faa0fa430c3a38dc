package nobrec.core.ratesheet;

import nobrec.core.measure.UnitSystem;
import nobrec.core.measure.Weight;
import nobrec.core.notation.MeasureText;
import nobrec.core.notation.MoneyText;

/** How much a surcharge is. Amounts in cents of the sheet's currency, rounded half up where a rate does not come out even. */
public sealed interface SurchargeAmount {

    /**
     * What it is calculated from.
     *
     * @param billed the billed weight
     * @param baseCents base charges less discount
     */
    record Figures(Weight billed, long baseCents, long declaredCents) {}

    long cents(Figures figures);

    /** The rule in words. */
    String rule(UnitSystem units);

    record Flat(long amount) implements SurchargeAmount {
        @Override
        public long cents(Figures figures) {
            return amount;
        }

        @Override
        public String rule(UnitSystem units) {
            return MoneyText.showCents(amount);
        }
    }

    /** For each begun step of the billed weight. */
    record PerWeight(long amount, Weight step) implements SurchargeAmount {
        @Override
        public long cents(Figures figures) {
            return Math.multiplyExact(amount, figures.billed().stepsUp(step));
        }

        @Override
        public String rule(UnitSystem units) {
            return MoneyText.showCents(amount) + " for each " + MeasureText.showPlain(step, units);
        }
    }

    /** For each begun hundred of the declared value. */
    record PerHundredDeclared(long amount) implements SurchargeAmount {
        private static final long HUNDRED_IN_CENTS = 10_000;

        @Override
        public long cents(Figures figures) {
            return Math.multiplyExact(amount, -Math.floorDiv(-figures.declaredCents(), HUNDRED_IN_CENTS));
        }

        @Override
        public String rule(UnitSystem units) {
            return MoneyText.showCents(amount) + " for each 100.00 declared";
        }
    }

    /** @param thousandths of a percent of the base charges */
    record PerCent(int thousandths) implements SurchargeAmount {
        @Override
        public long cents(Figures figures) {
            return FuelIndex.share(figures.baseCents(), thousandths);
        }

        @Override
        public String rule(UnitSystem units) {
            return FuelIndex.show(thousandths) + " of the base rate";
        }
    }

    record GreaterOf(SurchargeAmount one, SurchargeAmount other) implements SurchargeAmount {
        @Override
        public long cents(Figures figures) {
            return Math.max(one.cents(figures), other.cents(figures));
        }

        @Override
        public String rule(UnitSystem units) {
            return "the greater of " + one.rule(units) + " and " + other.rule(units);
        }
    }
}
