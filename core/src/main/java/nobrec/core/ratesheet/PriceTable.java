package nobrec.core.ratesheet;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import nobrec.core.measure.Weight;

/** Prices by weight break and zone, quick to look up: one row a break, one column a zone. */
public final class PriceTable {

    private final long[] upTo;
    private final long[][] cents;

    /** A row: up to and with this weight, so many cents in each zone. */
    public record Row(Weight upTo, List<Long> cents) {
        public Row {
            cents = List.copyOf(cents);
        }
    }

    /** @throws IllegalArgumentException when weights do not rise or a row is not as long as the others */
    public PriceTable(List<Row> rows) {
        if (rows.isEmpty()) {
            throw new IllegalArgumentException("A rate sheet needs at least one weight break.");
        }
        upTo = new long[rows.size()];
        cents = new long[rows.size()][];
        for (int row = 0; row < upTo.length; row++) {
            upTo[row] = rows.get(row).upTo().eighthNanograms();
            cents[row] =
                    rows.get(row).cents().stream().mapToLong(Long::longValue).toArray();
            if (row > 0 && (upTo[row] <= upTo[row - 1] || cents[row].length != cents[0].length)) {
                throw new IllegalArgumentException("Weight breaks do not rise, or a price is missing.");
            }
        }
    }

    public List<Row> asRows() {
        List<Row> rows = new ArrayList<>();
        for (int row = 0; row < upTo.length; row++) {
            rows.add(new Row(upTo(row), Arrays.stream(cents[row]).boxed().toList()));
        }
        return rows;
    }

    int rows() {
        return upTo.length;
    }

    Weight upTo(int row) {
        return new Weight(upTo[row]);
    }

    long cents(int row, int zone) {
        return cents[row][zone];
    }

    /** The first row whose weight is not below this one; {@link #rows} when there is none. */
    int rowOf(Weight weight) {
        int found = Arrays.binarySearch(upTo, weight.eighthNanograms());
        return found >= 0 ? found : -found - 1;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof PriceTable table
                && Arrays.equals(upTo, table.upTo)
                && Arrays.deepEquals(cents, table.cents);
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(upTo) * 31 + Arrays.deepHashCode(cents);
    }
}
