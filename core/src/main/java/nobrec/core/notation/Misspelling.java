package nobrec.core.notation;

/** How far one spelling is from another. */
public final class Misspelling {

    private Misspelling() {}

    /**
     * Letters to be put in, taken out or changed, and neighbors that changed places (Levenshtein 1965, Damerau 1964; no letter is
     * touched twice).
     */
    public static int faults(String one, String other) {
        int[] before = new int[other.length() + 1];
        int[] above = new int[other.length() + 1];
        int[] row = new int[other.length() + 1];
        for (int at = 0; at < row.length; at++) {
            row[at] = at;
        }
        for (int line = 1; line <= one.length(); line++) {
            int[] free = before;
            before = above;
            above = row;
            row = free;
            row[0] = line;
            for (int at = 1; at < row.length; at++) {
                boolean same = one.charAt(line - 1) == other.charAt(at - 1);
                row[at] = Math.min(above[at - 1] + (same ? 0 : 1), Math.min(above[at], row[at - 1]) + 1);
                if (haveSwapped(one, line, other, at)) {
                    row[at] = Math.min(row[at], before[at - 2] + 1);
                }
            }
        }
        return row[other.length()];
    }

    private static boolean haveSwapped(String one, int line, String other, int at) {
        return line > 1
                && at > 1
                && one.charAt(line - 1) == other.charAt(at - 2)
                && one.charAt(line - 2) == other.charAt(at - 1);
    }
}
