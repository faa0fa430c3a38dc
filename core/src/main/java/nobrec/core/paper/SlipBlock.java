package nobrec.core.paper;

/**
 * A part of a packing slip.
 *
 * @param beside whether it stands beside the block before it and not below
 * @param heading what it is called on the slip; empty text for no heading
 * @param text what the kind is made of, where it needs that: words, lines or names of fields
 */
public record SlipBlock(Kind kind, boolean shown, boolean beside, String heading, String text) {

    public enum Kind {
        LOGO("Logo", "", ""),
        LETTERHEAD("Our address", "", "Other lines than the address of the site"),
        BARCODE("Barcode of the job", "", ""),
        TITLE("Title", "Packing slip", ""),
        SHIP_TO("Ship to", "Ship to", ""),
        BILL_TO("Bill to", "Bill to", ""),
        REFERENCES("References", "", ""),
        NOTES("Notes of the record", "Notes", ""),
        FIELDS("The shop's own fields", "", "Names of fields, with commas; empty for all"),
        MESSAGE("Message", "", "Words; {name} stands for a field of the job"),
        LINES("Packages and their lines", "", ""),
        DRAWING("Drawing of the packages", "", ""),
        STILL_TO_COME("What is still to come", "Still to come", ""),
        TERMS("Terms", "", "Words");

        private final String words;
        private final String usualHeading;
        private final String madeOf;

        Kind(String words, String usualHeading, String madeOf) {
            this.words = words;
            this.usualHeading = usualHeading;
            this.madeOf = madeOf;
        }

        public String words() {
            return words;
        }

        /** What is to be written as its text; empty text where it has none. */
        public String madeOf() {
            return madeOf;
        }

        /** The block as it usually is. */
        public SlipBlock shown() {
            return new SlipBlock(this, true, false, usualHeading, "");
        }

        public SlipBlock beside() {
            return new SlipBlock(this, true, true, usualHeading, "");
        }

        public SlipBlock hidden() {
            return new SlipBlock(this, false, false, usualHeading, "");
        }

        public SlipBlock saying(String text) {
            return new SlipBlock(this, true, false, usualHeading, text);
        }
    }
}
