package nobrec.bench;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import nobrec.core.ratesheet.Discounts.Discount;
import nobrec.core.ratesheet.PriceTable;
import nobrec.core.ratesheet.RateSheet;
import nobrec.core.rating.ChargeBasis;
import nobrec.core.rating.ChargeLine;
import nobrec.core.rating.Offer;
import nobrec.core.rating.Rating.Prices;

/**
 * The totals of offers from plain tables by look-ups and additions alone: price by weight and zone, discount
 * by weight, the surcharges known to apply, fuel by day. No size, no days, no limits, no conditions, no
 * reasons, no lines.
 */
final class BarePrices {

    private static final long WHOLE = 100_000;

    private final int zone;
    private final long day;
    private final Table[] tables;

    /** One service's figures. */
    private static final class Table {
        private long[] upTo;
        private long[][] cents;
        private long[] discountFrom;
        private int[] discount;
        private long[] surcharges;
        private long[] fuelDays;
        private int[] fuel;

        private long[] billed;
        private int[][] applying;
    }

    BarePrices(List<Offer> offers, List<Prices> prices, int zone) {
        this.zone = zone - 1;
        this.day = offers.get(0).departure().toEpochDay();
        this.tables = new Table[offers.size()];
        for (int index = 0; index < tables.length; index++) {
            tables[index] = table(offers.get(index), prices.get(index));
        }
    }

    private Table table(Offer offer, Prices prices) {
        Table table = new Table();
        RateSheet sheet = (RateSheet) prices.tariff().orElseThrow();
        List<PriceTable.Row> rows = sheet.breaks().asRows();
        table.upTo =
                rows.stream().mapToLong(row -> row.upTo().eighthNanograms()).toArray();
        table.cents = rows.stream()
                .map(row -> row.cents().stream().mapToLong(Long::longValue).toArray())
                .toArray(long[][]::new);
        List<Discount> discounts = sheet.discounts().all().stream()
                .filter(each -> each.zones().contains(String.valueOf(zone + 1)))
                .toList();
        table.discountFrom = new long[2 * discounts.size()];
        table.discount = new int[2 * discounts.size()];
        for (int each = 0; each < discounts.size(); each++) {
            table.discountFrom[2 * each] = discounts.get(each).from().eighthNanograms();
            table.discount[2 * each] = discounts.get(each).thousandths();
            table.discountFrom[2 * each + 1] = discounts.get(each).to().eighthNanograms() + 1;
        }
        table.fuelDays = new long[] {day};
        table.fuel = new int[] {prices.fuel().orElseThrow().on(offer.departure())};
        applying(table, offer);
        return table;
    }

    private static void applying(Table table, Offer offer) {
        List<Long> amounts = new ArrayList<>();
        List<List<Integer>> applying = List.of(new ArrayList<>(), new ArrayList<>(), new ArrayList<>());
        table.billed = new long[applying.size()];
        for (ChargeLine line : offer.chargeLines()) {
            int each = line.packageNumber() - 1;
            if (line.basis() instanceof ChargeBasis.BaseRate base) {
                table.billed[each] = base.billable().billed().eighthNanograms();
            } else if (line.basis() instanceof ChargeBasis.SurchargeBasis) {
                applying.get(Math.max(0, each)).add(amounts.size());
                amounts.add(line.cents());
            }
        }
        table.surcharges = amounts.stream().mapToLong(Long::longValue).toArray();
        table.applying = applying.stream()
                .map(each -> each.stream().mapToInt(Integer::intValue).toArray())
                .toArray(int[][]::new);
    }

    /** The sum of all totals, in cents. */
    long total() {
        long sum = 0;
        for (Table table : tables) {
            sum += total(table);
        }
        return sum;
    }

    private long total(Table table) {
        long cents = 0;
        for (int each = 0; each < table.billed.length; each++) {
            long base = table.cents[floorOrNext(table.upTo, table.billed[each])][zone];
            int at = floor(table.discountFrom, table.billed[each]);
            cents += base - (at < 0 ? 0 : share(base, table.discount[at]));
            for (int which : table.applying[each]) {
                cents += table.surcharges[which];
            }
        }
        return cents + share(cents, table.fuel[floor(table.fuelDays, day)]);
    }

    private static int floorOrNext(long[] sorted, long requested) {
        int found = Arrays.binarySearch(sorted, requested);
        return found < 0 ? -found - 1 : found;
    }

    private static int floor(long[] sorted, long requested) {
        int found = Arrays.binarySearch(sorted, requested);
        return found < 0 ? -found - 2 : found;
    }

    private static long share(long cents, int thousandths) {
        return (cents * thousandths + WHOLE / 2) / WHOLE;
    }
}
