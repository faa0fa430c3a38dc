package nobrec.core.measure;

/** The units a length is written in. */
public enum LengthUnit {
    MILLIMETRE("mm", 1_000_000L),
    CENTIMETRE("cm", 10_000_000L),
    METRE("m", 1_000_000_000L),
    INCH("in", 25_400_000L),
    FOOT("ft", 304_800_000L);

    private final String symbol;
    private final long nanometres;

    LengthUnit(String symbol, long nanometres) {
        this.symbol = symbol;
        this.nanometres = nanometres;
    }

    /** As it is written behind a figure. */
    public String symbol() {
        return symbol;
    }

    long nanometres() {
        return nanometres;
    }
}
