package nobrec.core.measure;

/** The units a length is written in. */
public enum LengthUnit {
    MILLIMETER("mm", 1_000_000L),
    CENTIMETER("cm", 10_000_000L),
    METER("m", 1_000_000_000L),
    INCH("in", 25_400_000L),
    FOOT("ft", 304_800_000L);

    private final String symbol;
    private final long nanometers;

    LengthUnit(String symbol, long nanometers) {
        this.symbol = symbol;
        this.nanometers = nanometers;
    }

    /** As it is written behind a figure. */
    public String symbol() {
        return symbol;
    }

    long nanometers() {
        return nanometers;
    }
}
