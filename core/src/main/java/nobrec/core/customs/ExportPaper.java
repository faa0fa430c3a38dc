package nobrec.core.customs;

/**
 * A paper that a way of sending needs abroad.
 *
 * @param copies so many of them
 */
public record ExportPaper(Kind kind, int copies) {

    public static final int MOST_COPIES = 9;

    /** What there is. */
    public enum Kind {
        COMMERCIAL_INVOICE("commercial invoice"),
        /** CN 22 or CN 23, by value. */
        POSTAL_DECLARATION("postal customs declaration"),
        STATEMENT_OF_ORIGIN("statement of origin"),
        LETTER_OF_INSTRUCTION("letter of instruction");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public ExportPaper {
        if (copies < 1 || copies > MOST_COPIES) {
            throw new IllegalArgumentException("One to " + MOST_COPIES + " copies: " + copies);
        }
    }
}
