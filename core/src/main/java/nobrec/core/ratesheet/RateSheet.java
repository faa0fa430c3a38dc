package nobrec.core.ratesheet;

import java.time.LocalDate;
import java.util.List;
import nobrec.core.measure.UnitSystem;
import nobrec.core.measure.Weight;
import nobrec.core.service.BillableWeight;
import nobrec.core.service.BillableWeight.MinimumBillable;
import org.joda.money.CurrencyUnit;

/**
 * A parcel service's prices.
 *
 * @param billing how it finds the weight a package is billed by
 * @param minimumBillable large pieces that are billed as some weight at least
 * @param minimumCents least base charge of a package after discount; zero for none
 * @param breaks in rising order of weight; a package is billed by the first that is not below it
 * @param aboveCents for each further step above the last break, by zone; empty when the sheet ends there
 * @param maximum no heavier package is billed
 */
public record RateSheet(
        String serviceCode,
        LocalDate firstDay,
        CurrencyUnit currency,
        BillableWeight.Rules billing,
        Zoning zoning,
        PriceTable breaks,
        List<Long> aboveCents,
        Weight maximum,
        long minimumCents,
        Discounts discounts,
        List<MinimumBillable> minimumBillable,
        Surcharges surcharges,
        String fuelIndex)
        implements Tariff {

    public RateSheet {
        aboveCents = List.copyOf(aboveCents);
        minimumBillable = List.copyOf(minimumBillable);
    }

    public UnitSystem units() {
        return billing.units();
    }

    public Weight weightStep() {
        return billing.weightStep();
    }

    /** No price: the weight is beyond the sheet. */
    public static final long BEYOND = -1;

    /** The base price in cents, or {@link #BEYOND}. */
    public long price(Weight billed, int zone) {
        if (billed.isAbove(maximum)) {
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
        long steps = billed.stepsUp(weightStep()) - breaks.upTo(last).stepsUp(weightStep());
        return breaks.cents(last, zone) + Math.multiplyExact(steps, aboveCents.get(zone));
    }

    /** Whether that weight lies above the last break, so that it is priced by the step. */
    public boolean isAboveBreaks(Weight billed) {
        return breaks.rowOf(billed) >= breaks.rows();
    }
}
