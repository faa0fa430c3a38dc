package nobrec.core.ratesheet;

import java.util.List;
import nobrec.core.measure.Weight;

/** Discounts off the base rate by weight and zone, quick to look up. */
public final class Discounts {

    /**
     * @param zones names of the zones
     * @param thousandths of a percent off the base rate
     */
    public record Discount(List<String> zones, Weight from, Weight to, int thousandths) {
        public Discount {
            zones = List.copyOf(zones);
        }

        private boolean covers(Weight billed) {
            return !from.isAbove(billed) && !billed.isAbove(to);
        }
    }

    private final List<Discount> all;
    private final Discount[][] ofColumn;

    /**
     * @param all the first that applies counts
     * @param zones names of the zones in the order of the sheet's columns
     */
    public Discounts(List<Discount> all, List<String> zones) {
        this.all = List.copyOf(all);
        this.ofColumn = zones.stream()
                .map(zone ->
                        all.stream().filter(each -> each.zones().contains(zone)).toArray(Discount[]::new))
                .toArray(Discount[][]::new);
    }

    public List<Discount> all() {
        return all;
    }

    /** Thousandths of a percent off, zero for none. */
    public int thousandths(Weight billed, int column) {
        for (Discount each : ofColumn[column]) {
            if (each.covers(billed)) {
                return each.thousandths();
            }
        }
        return 0;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Discounts discounts && discounts.all.equals(all);
    }

    @Override
    public int hashCode() {
        return all.hashCode();
    }
}
