package nobrec.core.layout;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import nobrec.core.notation.DecimalMark;

/**
 * A saved reading of a file or record: which column feeds which field, what is said in no column, and how days and figures are
 * written.
 *
 * @param columns heading of the column that feeds each field
 * @param fixed texts of fields that no column feeds
 */
public record OrderLayout(
        String name,
        RowShape shape,
        Map<FieldTarget, String> columns,
        Map<FieldTarget, String> fixed,
        LayoutNotation notation) {

    public OrderLayout {
        columns = Map.copyOf(columns);
        fixed = Map.copyOf(fixed);
    }

    /** The same for a file that writes its figures in its own way. */
    public OrderLayout withDecimals(DecimalMark mark) {
        return new OrderLayout(name, shape, columns, fixed, notation.with(mark));
    }

    public OrderLayout named(String other) {
        return new OrderLayout(other, shape, columns, fixed, notation);
    }

    /**
     * Whether a file with this first row is read by it without asking: it has the number's column, and all the others as well, or
     * none that the layout does not know.
     */
    public boolean fits(List<String> header) {
        Set<String> there = plain(header);
        Set<String> known = plain(columns.values());
        String number = columns.get(FieldTarget.of(OrderField.ORDER_NUMBER));
        boolean allHere = there.containsAll(known);
        boolean allKnown = known.containsAll(there);
        return number != null && there.contains(plain(number)) && (allHere || allKnown);
    }

    /** How many of a file's columns it reads. */
    public int readsOf(List<String> header) {
        Set<String> there = plain(header);
        there.retainAll(plain(columns.values()));
        return there.size();
    }

    /** Headings that a file's first row has more than once, of columns that are read. */
    public List<String> doubledIn(List<String> header) {
        List<String> plain = header.stream().map(OrderLayout::plain).toList();
        return columns.values().stream()
                .filter(heading -> Collections.frequency(plain, plain(heading)) > 1)
                .sorted()
                .toList();
    }

    /** Headings of a file's first row that no field takes. */
    public List<String> unusedIn(List<String> header) {
        Set<String> known = plain(columns.values());
        List<String> unused = new ArrayList<>(header);
        unused.removeIf(heading -> heading.isBlank() || known.contains(plain(heading)));
        return unused;
    }

    /** How a heading is compared: letter case and what stands around it aside. */
    public static String plain(String heading) {
        int from = 0;
        int to = heading.length();
        while (from < to && isAround(heading.charAt(from))) {
            from++;
        }
        while (to > from && isAround(heading.charAt(to - 1))) {
            to--;
        }
        return heading.substring(from, to).toLowerCase(Locale.ROOT);
    }

    private static boolean isAround(char each) {
        return Character.isWhitespace(each) || Character.isSpaceChar(each) || each == '\uFEFF';
    }

    private static Set<String> plain(Collection<String> headings) {
        Set<String> plain = new HashSet<>();
        headings.stream()
                .map(OrderLayout::plain)
                .filter(each -> !each.isEmpty())
                .forEach(plain::add);
        return plain;
    }
}
