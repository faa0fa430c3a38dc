package nobrec.core.picking;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Shelves in the order in which one walks by them: {@code A-2} before {@code A-10}, those that nobody named last. */
public final class ShelfOrder implements Comparator<String> {

    public static final ShelfOrder BY_NAME = new ShelfOrder();

    private static final Pattern PART = Pattern.compile("[0-9]+|[^0-9]+");

    private ShelfOrder() {}

    @Override
    public int compare(String one, String other) {
        if (one.isBlank() || other.isBlank()) {
            return Boolean.compare(one.isBlank(), other.isBlank());
        }
        List<String> parts = parts(one);
        List<String> others = parts(other);
        for (int index = 0; index < Math.min(parts.size(), others.size()); index++) {
            int order = comparePart(parts.get(index), others.get(index));
            if (order != 0) {
                return order;
            }
        }
        int shorter = Integer.compare(parts.size(), others.size());
        return shorter == 0 ? one.compareTo(other) : shorter;
    }

    private static List<String> parts(String shelf) {
        List<String> parts = new ArrayList<>();
        Matcher part = PART.matcher(shelf.strip().toUpperCase(Locale.ROOT));
        while (part.find()) {
            parts.add(part.group());
        }
        return parts;
    }

    /** Figures by what they count, before letters. */
    private static int comparePart(String one, String other) {
        boolean figure = isFigure(one);
        boolean otherFigure = isFigure(other);
        if (figure && otherFigure) {
            return new BigInteger(one).compareTo(new BigInteger(other));
        }
        return figure == otherFigure ? one.compareTo(other) : Boolean.compare(otherFigure, figure);
    }

    private static boolean isFigure(String part) {
        return part.charAt(0) >= '0' && part.charAt(0) <= '9';
    }
}
