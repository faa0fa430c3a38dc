package nobrec.core.rating;

import java.time.LocalDate;
import java.util.List;
import nobrec.core.measure.Length;
import nobrec.core.measure.Size;
import nobrec.core.measure.UnitSystem;
import nobrec.core.measure.Weight;
import org.joda.money.CurrencyUnit;

/**
 * A parcel service's prices.
 *
 * @param units units the sheet is written in
 * @param weightStep weights are rounded up to a whole number of these
 * @param sizes how sides are rounded, and when size counts as weight
 * @param minimumCents least base charge of a package after discount; zero for none
 * @param breaks in rising order of weight; a package is billed by the first that is not below it
 * @param aboveCents for each further step above the last break, by zone; empty when the sheet ends there
 * @param greatest no heavier package is billed
 * @param discounts the first that applies counts
 * @param leastBillable for large pieces
 */
public record RateSheet(
        String serviceCode,
        LocalDate firstDay,
        CurrencyUnit currency,
        UnitSystem units,
        Weight weightStep,
        SizeRule sizes,
        Zoning zoning,
        PriceTable breaks,
        List<Long> aboveCents,
        Weight greatest,
        long minimumCents,
        List<Discount> discounts,
        List<LeastBillable> leastBillable,
        List<Surcharge> surcharges,
        String fuelIndex)
        implements Tariff {

    public RateSheet {
        aboveCents = List.copyOf(aboveCents);
        discounts = List.copyOf(discounts);
        leastBillable = List.copyOf(leastBillable);
        surcharges = List.copyOf(surcharges);
    }

    /**
     * @param step sides are rounded to a whole number of these; a unit of length or a whole part of one
     * @param nearest half up to the nearest step instead of up
     * @param divisor cubic units of length to a unit of weight; zero when size never counts
     * @param fromVolume cubic units of length up to and with which size does not count
     */
    public record SizeRule(Length step, boolean nearest, int divisor, long fromVolume) {}

    /**
     * @param zones names of the zones
     * @param thousandths of a per cent off the base rate
     */
    public record Discount(List<String> zones, Weight from, Weight to, int thousandths) {
        public Discount {
            zones = List.copyOf(zones);
        }

        boolean covers(Weight billed, String zone) {
            return zones.contains(zone) && !from.isAbove(billed) && !billed.isAbove(to);
        }
    }

    /** A piece with a side (or length plus girth) above the limit is billed as this weight at least. */
    public record LeastBillable(SurchargeCondition.Side side, Length above, Weight weight) {
        boolean covers(Size size) {
            return switch (side) {
                case LONGEST -> size.longest().isAbove(above);
                case SECOND -> size.secondLongest().isAbove(above);
                case GIRTH -> size.lengthPlusGirth().isAbove(above);
            };
        }
    }

    /** No price: the weight is beyond the sheet. */
    static final long BEYOND = -1;

    /** The base price in cents, or {@link #BEYOND}. */
    long price(Weight billed, int zone) {
        if (billed.isAbove(greatest)) {
            return BEYOND;
        }
        int row = breaks.rowOf(billed);
        if (row < breaks.rows()) {
            return breaks.cents(row, zone);
        }
        if (aboveCents.isEmpty()) {
            return BEYOND;
        }
        int last = breaks.rows() - 1;
        long steps = billed.stepsUp(weightStep) - breaks.upTo(last).stepsUp(weightStep);
        return breaks.cents(last, zone) + Math.multiplyExact(steps, aboveCents.get(zone));
    }

    /** Whether that weight lies above the last break, so that it is priced by the step. */
    boolean isAboveBreaks(Weight billed) {
        return breaks.rowOf(billed) >= breaks.rows();
    }
}
