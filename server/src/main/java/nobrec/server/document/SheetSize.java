package nobrec.server.document;

/** What a paper is printed on. */
public enum SheetSize {
    LETTER("8.5in 11in", "0.5in"),
    A4("210mm 297mm", "13mm"),
    /** Label stock, 4 x 6 in. */
    LABEL("4in 6in", "0.15in");

    private final String size;
    private final String margin;

    SheetSize(String size, String margin) {
        this.size = size;
        this.margin = margin;
    }

    /** For a style sheet. */
    String size() {
        return size;
    }

    /** For a style sheet. */
    String margin() {
        return margin;
    }

    boolean isNarrow() {
        return this == LABEL;
    }
}
