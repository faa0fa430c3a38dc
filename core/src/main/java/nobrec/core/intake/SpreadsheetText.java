package nobrec.core.intake;

import java.util.regex.Pattern;

/**
 * Cells that a spreadsheet would run as a formula are written with an apostrophe before them, which it takes as the mark of a
 * text; read back, the mark is taken off again.
 */
public final class SpreadsheetText {

    private static final Pattern RUNS = Pattern.compile("'*[=+\\-@\\t\\r].*", Pattern.DOTALL);
    private static final Pattern MARKED = Pattern.compile("'+[=+\\-@\\t\\r].*", Pattern.DOTALL);

    private SpreadsheetText() {}

    public static String harmless(String text) {
        return RUNS.matcher(text).matches() ? "'" + text : text;
    }

    static String read(String cell) {
        return !cell.isEmpty() && cell.charAt(0) == '\'' && MARKED.matcher(cell).matches() ? cell.substring(1) : cell;
    }
}
