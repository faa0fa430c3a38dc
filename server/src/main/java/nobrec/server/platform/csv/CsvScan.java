package nobrec.server.platform.csv;

import java.util.Locale;
import nobrec.core.refusal.Refusal;

/** Goes through a CSV text once, before anything of it is kept: quotes that do not close, rows and cells without end. */
final class CsvScan {

    private static final String QUOTE_REMEDY =
            "Close the quote; a quote inside a quoted text is written twice. Nothing of the file was taken in.";

    private final String thing;
    private final CsvLimits limits;
    private final char separator;
    private int row = 1;
    private int cells = 1;
    private int begin;

    CsvScan(String thing, CsvLimits limits, char separator) {
        this.thing = thing;
        this.limits = limits;
        this.separator = separator;
    }

    void check(String text) {
        int at = 0;
        while (at < text.length()) {
            char each = text.charAt(at);
            if (each == '"' && at == begin) {
                at = afterQuoted(text, at);
            } else if (each == separator) {
                endCell(at);
                at++;
                begin = at;
            } else if (each == '\n' || each == '\r') {
                endCell(at);
                at += each == '\r' && at + 1 < text.length() && text.charAt(at + 1) == '\n' ? 2 : 1;
                begin = at;
                endRow(at < text.length());
            } else {
                at++;
            }
        }
        endCell(text.length());
    }

    /** The place behind a quoted cell's closing quote. */
    private int afterQuoted(String text, int opening) {
        int at = opening + 1;
        while (at < text.length()) {
            if (text.charAt(at) != '"') {
                at++;
            } else if (at + 1 < text.length() && text.charAt(at + 1) == '"') {
                at += 2;
            } else {
                boolean ends = at + 1 == text.length()
                        || text.charAt(at + 1) == separator
                        || text.charAt(at + 1) == '\n'
                        || text.charAt(at + 1) == '\r';
                if (!ends) {
                    throw refusal("Row " + row + ": a text goes on behind its closing quote.", QUOTE_REMEDY);
                }
                return at + 1;
            }
        }
        throw refusal("Row " + row + ": a quote is opened and never closed.", QUOTE_REMEDY);
    }

    private void endCell(int at) {
        if (at - begin > limits.lettersOfCell()) {
            throw refusal(
                    "Row " + row + ": a cell has more than " + count(limits.lettersOfCell()) + " letters.",
                    "Shorten it, or look for a quote that is not closed.");
        }
        cells++;
        if (cells > limits.cellsOfRow() + 1) {
            throw refusal(
                    "Row " + row + " has more than " + count(limits.cellsOfRow()) + " cells.",
                    "Look whether this is the file you mean.");
        }
    }

    private void endRow(boolean more) {
        cells = 1;
        if (more) {
            row++;
        }
        if (row > limits.rows()) {
            throw refusal(
                    "It has more than " + count(limits.rows()) + " rows, the heading included.",
                    "Split it and drop the parts.");
        }
    }

    private static String count(int number) {
        return String.format(Locale.US, "%,d", number);
    }

    private Refusal refusal(String reason, String remedy) {
        return Refusal.unusable(thing, reason, remedy);
    }
}
