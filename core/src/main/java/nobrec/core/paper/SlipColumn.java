package nobrec.core.paper;

/**
 * A column of a slip's lines.
 *
 * @param field name of the line's own field, for that kind; else empty text
 */
public record SlipColumn(Kind kind, String field) {

    public enum Kind {
        ITEM("Item"),
        DESCRIPTION("Description"),
        LOTS("Lots and serials"),
        QUANTITY("In this package"),
        ORDERED("Ordered"),
        STILL_TO_COME("To come"),
        UNIT_WEIGHT("Weight each"),
        UNIT_PRICE("Price each"),
        AMOUNT("Amount"),
        CHECKED("Checked"),
        FIELD("A field of the line");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        /** Whether it says what the goods cost. */
        public boolean isPrice() {
            return this == UNIT_PRICE || this == AMOUNT;
        }

        /** Whether it is a figure, which stands at the right. */
        public boolean isFigure() {
            return this != ITEM && this != DESCRIPTION && this != LOTS && this != FIELD;
        }

        public SlipColumn column() {
            return new SlipColumn(this, "");
        }
    }

    /** What stands above it. */
    public String heading() {
        return kind == Kind.FIELD ? field : kind.words();
    }
}
