package nobrec.server.platform.csv;

import java.io.IOException;
import java.io.Reader;
import java.util.Locale;
import nobrec.core.refusal.Refusal;

/** Goes through a CSV text once, before anything of it is kept: quotes that do not close, rows and cells without end. */
final class CsvScan {

    private static final int END = -1;
    private static final int BUFFER = 1 << 16;
    private static final String QUOTE_REMEDY =
            "Close the quote; a quote inside a quoted text is written twice. Nothing of the file was taken in.";

    private enum In {
        /** At the beginning of a cell. */
        NEW_CELL,
        PLAIN,
        QUOTED,
        /** Behind a quote in a quoted cell: its end, or the first of two. */
        QUOTE
    }

    private final String thing;
    private final CsvLimits limits;
    private final char separator;
    private In in = In.NEW_CELL;
    private int row = 1;
    private int cells = 1;
    private int letters;
    private boolean afterReturn;
    private boolean rowBegun;

    CsvScan(String thing, CsvLimits limits, char separator) {
        this.thing = thing;
        this.limits = limits;
        this.separator = separator;
    }

    /** @return how many rows there are, the heading included */
    int check(Reader text) throws IOException {
        char[] buffer = new char[BUFFER];
        int read = text.read(buffer);
        while (read != END) {
            for (int at = 0; at < read; at++) {
                accept(buffer[at]);
            }
            read = text.read(buffer);
        }
        if (in == In.QUOTED) {
            throw refusal("Row " + row + ": a quote is opened and never closed.", QUOTE_REMEDY);
        }
        return rowBegun ? row : row - 1;
    }

    private void accept(char each) {
        boolean secondOfBreak = each == '\n' && afterReturn && in != In.QUOTED;
        afterReturn = each == '\r';
        if (secondOfBreak) {
            return;
        }
        if (!rowBegun) {
            beginRow();
        }
        if (in == In.QUOTED) {
            letter();
            in = each == '"' ? In.QUOTE : In.QUOTED;
        } else if (each == separator) {
            endCell();
        } else if (each == '\n' || each == '\r') {
            endRow();
        } else if (in == In.QUOTE) {
            if (each != '"') {
                throw refusal("Row " + row + ": a text goes on behind its closing quote.", QUOTE_REMEDY);
            }
            letter();
            in = In.QUOTED;
        } else {
            in = each == '"' && in == In.NEW_CELL ? In.QUOTED : In.PLAIN;
            letter();
        }
    }

    private void letter() {
        letters++;
        if (letters > limits.lettersOfCell()) {
            throw refusal(
                    "Row " + row + ": a cell has more than " + count(limits.lettersOfCell()) + " letters.",
                    "Shorten it, or look for a quote that is not closed.");
        }
    }

    private void endCell() {
        letters = 0;
        in = In.NEW_CELL;
        cells++;
        if (cells > limits.cellsOfRow()) {
            throw refusal(
                    "Row " + row + " has more than " + count(limits.cellsOfRow()) + " cells.",
                    "Look whether this is the file you mean.");
        }
    }

    private void beginRow() {
        rowBegun = true;
        if (row > limits.rows()) {
            throw refusal(
                    "It has more than " + count(limits.rows()) + " rows, the heading included.",
                    "Split it and drop the parts.");
        }
    }

    private void endRow() {
        letters = 0;
        in = In.NEW_CELL;
        cells = 1;
        row++;
        rowBegun = false;
    }

    private static String count(int number) {
        return String.format(Locale.US, "%,d", number);
    }

    private Refusal refusal(String reason, String remedy) {
        return Refusal.unusable(thing, reason, remedy);
    }
}
