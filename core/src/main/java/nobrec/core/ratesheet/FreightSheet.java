package nobrec.core.ratesheet;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import nobrec.core.item.FreightClass;
import nobrec.core.measure.Weight;
import org.joda.money.CurrencyUnit;

/**
 * A freight (LTL) service's prices: per hundredweight, by class and weight break.
 *
 * @param from each break begins at this weight, in rising order; the first at zero
 * @param rates by zone and class: cents per hundredweight in each break
 * @param discountThousandths of a percent off the line-haul
 * @param minimumCents the line-haul is never below this after the discount
 * @param maximum no heavier shipment is billed
 */
public record FreightSheet(
        String serviceCode,
        LocalDate firstDay,
        CurrencyUnit currency,
        Zoning zoning,
        List<Weight> from,
        Map<ZoneAndClass, List<Long>> rates,
        int discountThousandths,
        long minimumCents,
        Weight maximum,
        Surcharges surcharges,
        String fuelIndex)
        implements Tariff {

    /** @param zone name of the zone */
    public record ZoneAndClass(String zone, FreightClass freightClass) {}

    public FreightSheet {
        from = List.copyOf(from);
        rates = Map.copyOf(rates);
        int breaks = from.size();
        if (rates.values().stream().anyMatch(each -> each.size() != breaks)) {
            throw new IllegalArgumentException("Each class of " + serviceCode + " needs a rate in each break.");
        }
    }

    /** The break a weight lies in. */
    public int breakOf(Weight weight) {
        int found = 0;
        while (found + 1 < from.size() && !from.get(found + 1).isAbove(weight)) {
            found++;
        }
        return found;
    }
}
