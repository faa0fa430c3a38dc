package nobrec.server.carrier;

import java.util.ArrayList;
import java.util.List;
import nobrec.core.measure.Weight;
import nobrec.core.rating.RateSheet;
import org.joda.money.Money;

/** A row of table rate_price. */
record RatePriceRow(Weight upTo, int zone, Money price) {

    static List<RatePriceRow> of(RateSheet sheet) {
        List<RatePriceRow> rows = new ArrayList<>();
        for (RateSheet.WeightBreak each : sheet.breaks()) {
            for (int zone = 1; zone <= each.prices().size(); zone++) {
                rows.add(new RatePriceRow(each.upTo(), zone, each.prices().get(zone - 1)));
            }
        }
        return rows;
    }
}
