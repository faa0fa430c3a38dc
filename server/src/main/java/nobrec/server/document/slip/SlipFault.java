package nobrec.server.document.slip;

import nobrec.core.refusal.Refusal;

/** A template or style sheet with which a slip cannot be set. */
final class SlipFault extends Exception {

    enum Part {
        TEMPLATE("The template"),
        STYLE_SHEET("The style sheet");

        private final String words;

        Part(String words) {
            this.words = words;
        }
    }

    private static final long serialVersionUID = 1;

    private final Part part;
    private final int line;

    /** @param line of the part; 0 where it is not of one line */
    SlipFault(Part part, int line, String reason) {
        super(reason);
        this.part = part;
        this.line = line;
    }

    /** Which line of a text a place in it is on, from 1. */
    static int lineAt(String text, int index) {
        return 1
                + (int) text.substring(0, index)
                        .chars()
                        .filter(letter -> letter == '\n')
                        .count();
    }

    /** As a person reads it: {@code The template, line 14: The element td is not closed.} */
    String words() {
        return where() + ": " + getMessage();
    }

    private String where() {
        return line > 0 ? part.words + ", line " + line : part.words;
    }

    Refusal refusal() {
        return Refusal.unusable(
                where(),
                String.valueOf(getMessage()),
                "Correct it; the last one that was kept still prints. Emptied, ours counts.");
    }
}
