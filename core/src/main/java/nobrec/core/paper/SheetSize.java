package nobrec.core.paper;

import nobrec.core.measure.Length;
import nobrec.core.measure.LengthUnit;

/** What a paper is printed on, upright. */
public enum SheetSize {
    LETTER("letter", Length.of("8.5", LengthUnit.INCH), Length.of("11", LengthUnit.INCH), inch("0.5")),
    A4("A4", millimeter("210"), millimeter("297"), millimeter("13")),
    /** Label stock. */
    LABEL("4 × 6 in", inch("4"), inch("6"), inch("0.15")),
    /** Label stock. Source of its measure and of A4's: ISO 216. */
    A6("A6", millimeter("105"), millimeter("148"), millimeter("4"));

    private final String words;
    private final Length width;
    private final Length height;
    private final Length margin;

    SheetSize(String words, Length width, Length height, Length margin) {
        this.words = words;
        this.width = width;
        this.height = height;
        this.margin = margin;
    }

    private static Length inch(String amount) {
        return Length.of(amount, LengthUnit.INCH);
    }

    private static Length millimeter(String amount) {
        return Length.of(amount, LengthUnit.MILLIMETER);
    }

    public String words() {
        return words;
    }

    public Length width() {
        return width;
    }

    public Length height() {
        return height;
    }

    /** What stays white at each edge. */
    public Length margin() {
        return margin;
    }

    /** Whether it has room for few columns only. */
    public boolean isNarrow() {
        return this == LABEL || this == A6;
    }
}
