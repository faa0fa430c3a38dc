package nobrec.core.rating;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import nobrec.core.measure.UnitSystem;
import nobrec.core.measure.Weight;
import org.joda.money.Money;

/**
 * The prices of one service from a first day on.
 *
 * @param units units the sheet is written in: sides are rounded up to its whole length unit
 * @param step weights are rounded up to a whole number of these
 * @param dimensionalDivisor cubic length units per weight unit; see {@link BillableWeight}
 * @param breaks in rising order of weight; a package is billed by the first break that is not below it
 * @param residentialSurcharge for each package to a residence
 * @param fuelPercent of base and surcharges
 */
public record RateSheet(
        String serviceCode,
        LocalDate firstDay,
        UnitSystem units,
        Weight step,
        int dimensionalDivisor,
        List<WeightBreak> breaks,
        Money residentialSurcharge,
        BigDecimal fuelPercent) {

    /** @param prices for zone 1, 2, ... in turn */
    public record WeightBreak(Weight upTo, List<Money> prices) {
        public WeightBreak {
            if (prices.size() != Zone.GREATEST) {
                throw new IllegalArgumentException("A weight break needs a price for each of the zones.");
            }
            prices = List.copyOf(prices);
        }
    }

    public RateSheet {
        breaks = List.copyOf(breaks);
        for (int index = 1; index < breaks.size(); index++) {
            if (!breaks.get(index).upTo().isAbove(breaks.get(index - 1).upTo())) {
                throw new IllegalArgumentException("Weight breaks of " + serviceCode + " do not rise.");
            }
        }
    }

    /** The base price, empty when the weight is beyond the last break. */
    public Optional<Money> price(Weight billed, Zone zone) {
        return breaks.stream()
                .filter(each -> !billed.isAbove(each.upTo()))
                .findFirst()
                .map(each -> each.prices().get(zone.number() - 1));
    }
}
