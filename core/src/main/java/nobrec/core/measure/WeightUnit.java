package nobrec.core.measure;

/** The units a weight is written in. */
public enum WeightUnit {
    GRAM("g", 8_000_000_000L),
    KILOGRAM("kg", 8_000_000_000_000L),
    OUNCE("oz", 226_796_185_000L),
    POUND("lb", 3_628_738_960_000L);

    private final String symbol;
    private final long eighthNanograms;

    WeightUnit(String symbol, long eighthNanograms) {
        this.symbol = symbol;
        this.eighthNanograms = eighthNanograms;
    }

    /** As it is written behind a figure. */
    public String symbol() {
        return symbol;
    }

    long eighthNanograms() {
        return eighthNanograms;
    }
}
