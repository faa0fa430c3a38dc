package nobrec.server.carrier;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import nobrec.core.measure.UnitSystem;
import nobrec.core.measure.Weight;
import nobrec.core.rating.RateSheet;
import org.joda.money.Money;

/** A row of table rate_sheet. */
record RateSheetRow(
        long id,
        String serviceCode,
        LocalDate firstDay,
        UnitSystem units,
        Weight weightStep,
        int dimensionalDivisor,
        Money residentialSurcharge,
        BigDecimal fuelPercent) {

    /** @param prices in order of weight and zone */
    RateSheet rateSheet(List<RatePriceRow> prices) {
        Map<Weight, List<Money>> breaks = new LinkedHashMap<>();
        prices.forEach(row ->
                breaks.computeIfAbsent(row.upTo(), weight -> new ArrayList<>()).add(row.price()));
        return new RateSheet(
                serviceCode,
                firstDay,
                units,
                weightStep,
                dimensionalDivisor,
                breaks.entrySet().stream()
                        .map(each -> new RateSheet.WeightBreak(each.getKey(), each.getValue()))
                        .toList(),
                residentialSurcharge,
                fuelPercent);
    }
}
