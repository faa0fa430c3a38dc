package nobrec.core.carton;

/** What a package is, to the carrier and to the person who packs it. */
public enum CartonKind {
    CARTON("carton", true),
    ENVELOPE("padded envelope", true),
    TUBE("tube", false),
    CRATE("crate", false),
    PALLET("pallet", false);

    private final String words;
    private final boolean ordinary;

    CartonKind(String words, boolean ordinary) {
        this.words = words;
        this.ordinary = ordinary;
    }

    public String words() {
        return words;
    }

    /** Whether it goes by freight and may hold cartons. */
    public boolean carriesCartons() {
        return this == PALLET || this == CRATE;
    }

    /** Whether a carrier's belts take it like any other parcel; what is not is "not a box" on a rate sheet. */
    public boolean isOrdinary() {
        return ordinary;
    }
}
