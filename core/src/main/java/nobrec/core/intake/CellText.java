package nobrec.core.intake;

/** What a cell of a file says, without what only a program put there. */
final class CellText {

    private CellText() {}

    /** Without the mark of a text, and without the blanks around it, also no-break blanks and byte order marks, which spreadsheets leave behind. */
    static String plain(String cell) {
        int from = 0;
        int to = cell.length();
        while (from < to && isBlank(cell.charAt(from))) {
            from++;
        }
        while (to > from && isBlank(cell.charAt(to - 1))) {
            to--;
        }
        return SpreadsheetText.read(cell.substring(from, to));
    }

    /** Whether it looks like rows of the file: more than one line, with separators in it. */
    static boolean runsOverRows(String text) {
        boolean lines = text.indexOf('\n') >= 0 || text.indexOf('\r') >= 0;
        return lines && (text.indexOf(',') >= 0 || text.indexOf(';') >= 0 || text.indexOf('\t') >= 0);
    }

    /** A blank for each line break, tabulator or other sign that cannot be seen. */
    static String inOneLine(String text) {
        for (int at = 0; at < text.length(); at++) {
            if (Character.isISOControl(text.charAt(at))) {
                return text.replaceAll("[\\p{Cntrl}]+", " ");
            }
        }
        return text;
    }

    private static boolean isBlank(char each) {
        return Character.isWhitespace(each)
                || Character.isSpaceChar(each)
                || each == '\uFEFF'
                || each == '\u200B'
                || Character.isISOControl(each);
    }
}
