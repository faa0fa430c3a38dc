package nobrec.core.ratesheet;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Optional;
import java.util.SortedMap;

/** A carrier's fuel surcharge as it was published over time, quick to look up. */
public final class FuelIndex {

    private static final int SCALE = 3;
    private static final long WHOLE = 100_000;

    private final String code;
    private final long[] firstDays;
    private final int[] thousandths;

    /** @param thousandths of a percent from each first day on; 16.5 % is 16500 */
    public FuelIndex(String code, SortedMap<LocalDate, Integer> thousandths) {
        this.code = code;
        this.firstDays =
                thousandths.keySet().stream().mapToLong(LocalDate::toEpochDay).toArray();
        this.thousandths =
                thousandths.values().stream().mapToInt(Integer::intValue).toArray();
    }

    public String code() {
        return code;
    }

    /** Whether it was published for that day. */
    public boolean isKnownOn(LocalDate day) {
        return firstDays.length > 0 && firstDays[0] <= day.toEpochDay();
    }

    /** Thousandths of a percent on a day on which it {@link #isKnownOn is known}. */
    public int on(LocalDate day) {
        int found = Arrays.binarySearch(firstDays, day.toEpochDay());
        return thousandths[found >= 0 ? found : -found - 2];
    }

    /** The same as people read it: {@code 16.5 %}; empty before the first day. */
    public Optional<String> shownOn(LocalDate day) {
        return isKnownOn(day) ? Optional.of(show(on(day))) : Optional.empty();
    }

    /** So many thousandths of a percent of an amount, rounded half up to the cent. */
    public static long share(long cents, int thousandths) {
        return Math.floorDiv(Math.multiplyExact(cents, (long) thousandths) + WHOLE / 2, WHOLE);
    }

    public static String show(int thousandths) {
        return BigDecimal.valueOf(thousandths, SCALE).stripTrailingZeros().toPlainString() + " %";
    }
}
