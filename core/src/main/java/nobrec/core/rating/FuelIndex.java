package nobrec.core.rating;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Map;
import java.util.NavigableMap;
import java.util.TreeMap;

/**
 * A carrier's fuel surcharge as it was published over time.
 *
 * @param thousandths of a per cent from each first day on; 16.5 % is 16500
 */
public record FuelIndex(String code, NavigableMap<LocalDate, Integer> thousandths) {

    private static final int SCALE = 3;
    private static final long WHOLE = 100_000;

    public FuelIndex {
        thousandths = new TreeMap<>(thousandths);
    }

    /** Thousandths of a per cent on that day; zero before the first. */
    public int on(LocalDate day) {
        Map.Entry<LocalDate, Integer> entry = thousandths.floorEntry(day);
        return entry == null ? 0 : entry.getValue();
    }

    /** So many thousandths of a per cent of an amount, rounded half up to the cent. */
    static long share(long cents, int thousandths) {
        return Math.floorDiv(cents * thousandths + WHOLE / 2, WHOLE);
    }

    static String show(int thousandths) {
        return BigDecimal.valueOf(thousandths, SCALE).stripTrailingZeros().toPlainString() + " %";
    }
}
