package nobrec.core.shipnotice;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Pattern;
import nobrec.core.refusal.Refusal;

/**
 * An interchange as it came in: its segments, in order, once its own counts and control numbers agree.
 *
 * <p>Source: ASC X12.5 and X12.6 (from memory): the signs that part elements and segments are those of the first segment, which has a
 * fixed width.
 */
record X12Interchange(List<List<String>> segments) {

    private static final int ELEMENT_SIGN = 3;
    private static final int SEGMENT_SIGN = 105;
    private static final int ELEMENTS_OF_FIRST = 17;
    private static final int MOST_SEGMENTS = 20_000;

    /** @throws Refusal where it is none, or was cut off on its way */
    static X12Interchange read(String text) {
        String whole = text.strip();
        if (!whole.startsWith("ISA") || whole.length() <= SEGMENT_SIGN) {
            throw broken("It does not begin with a whole ISA segment.");
        }
        char element = whole.charAt(ELEMENT_SIGN);
        char segment = whole.charAt(SEGMENT_SIGN);
        List<List<String>> segments = new ArrayList<>();
        for (String each : whole.split(Pattern.quote(String.valueOf(segment)), MOST_SEGMENTS)) {
            if (!each.isBlank()) {
                segments.add(Arrays.asList(each.strip().split(Pattern.quote(String.valueOf(element)), -1)));
            }
        }
        X12Interchange read = new X12Interchange(List.copyOf(segments));
        read.requireWhole();
        return read;
    }

    /** An element of a segment by its place; empty text where it is not there. */
    static String element(List<String> segment, int place) {
        return place < segment.size() ? segment.get(place).strip() : "";
    }

    private void requireWhole() {
        List<String> first = segments.get(0);
        List<String> last = segments.get(segments.size() - 1);
        if (first.size() != ELEMENTS_OF_FIRST || !last.get(0).equals("IEA")) {
            throw broken("Its ISA segment does not have 16 elements, or no IEA ends it.");
        }
        requireSame("IEA02", element(first, 13), element(last, 2));
        int groups = 0;
        int sets = 0;
        int since = 0;
        List<String> group = List.of();
        List<String> set = List.of();
        for (List<String> each : segments) {
            since++;
            switch (each.get(0)) {
                case "GS" -> {
                    groups++;
                    sets = 0;
                    group = each;
                }
                case "GE" -> {
                    requireSame("GE01", Integer.toString(sets), element(each, 1));
                    requireSame("GE02", element(group, 6), element(each, 2));
                }
                case "ST" -> {
                    sets++;
                    since = 1;
                    set = each;
                }
                case "SE" -> {
                    requireSame("SE01", Integer.toString(since), element(each, 1));
                    requireSame("SE02", element(set, 2), element(each, 2));
                }
                default -> {
                    // What stands inside is read by whoever knows its transaction set.
                }
            }
        }
        requireSame("IEA01", Integer.toString(groups), element(last, 1));
    }

    /** Control numbers and counts may have zeros in front. */
    private static void requireSame(String where, String expected, String found) {
        if (!expected.replaceFirst("^0+", "").equals(found.replaceFirst("^0+", ""))) {
            throw broken(where + " says “" + found + "” where “" + expected + "” is right.");
        }
    }

    static Refusal broken(String reason) {
        return Refusal.unusable("The interchange", reason, "Send it again, whole and as X12 has it.");
    }
}
