package nobrec.core.shipnotice;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import nobrec.core.partner.X12Letters;

/** Writes segments: elements that are empty at the end are left out. */
final class X12Segments {

    private final List<String> segments = new ArrayList<>();

    /** Its elements as they are to stand there; each is made sayable. */
    void add(String name, String... elements) {
        int last = elements.length;
        while (last > 0 && elements[last - 1].isEmpty()) {
            last--;
        }
        StringBuilder segment = new StringBuilder(name);
        for (String element : Arrays.asList(elements).subList(0, last)) {
            segment.append(X12Letters.ELEMENT).append(X12Letters.written(element));
        }
        segments.add(segment.toString());
    }

    /** One whose elements have their width, blanks and signs included. */
    void addAsIs(String segment) {
        segments.add(segment);
    }

    int size() {
        return segments.size();
    }

    /** A segment a line. */
    String text() {
        return String.join(X12Letters.SEGMENT + "\n", segments) + X12Letters.SEGMENT + "\n";
    }
}
