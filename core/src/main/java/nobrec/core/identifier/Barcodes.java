package nobrec.core.identifier;

import java.util.LinkedHashSet;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Article numbers as scanners send them: one number has 8, 12, 13 or 14 digits, filled up with zeros in front, and stands behind its
 * application identifier where the symbol holds more. Source: GS1 General Specifications, sections 3.2 and 7.10 (from memory).
 */
public final class Barcodes {

    private static final int[] LENGTHS = {8, 12, 13, 14};
    private static final Pattern DIGITS = Pattern.compile("0*([0-9]{1,14})");

    /** The symbology's own mark, if it is sent, then the article number behind its identifier, then whatever else there is. */
    private static final Pattern ELEMENTS = Pattern.compile("(?:][A-Za-z][0-9])?(?:\\(01\\)|01)([0-9]{14})\\D*.*");

    private static final int SHORTEST_ELEMENTS = 16;

    private Barcodes() {}

    /** Every way in which what was scanned may be written down; the text itself first. */
    public static Set<String> notations(String text) {
        Set<String> all = new LinkedHashSet<>();
        String plain = text.strip();
        all.add(plain);
        Matcher elements = ELEMENTS.matcher(plain);
        String number = plain.length() >= SHORTEST_ELEMENTS && elements.matches() ? elements.group(1) : plain;
        Matcher digits = DIGITS.matcher(number);
        if (digits.matches()) {
            String least = digits.group(1).replaceFirst("^0+(?=.)", "");
            all.add(least);
            for (int length : LENGTHS) {
                if (least.length() <= length) {
                    all.add("0".repeat(length - least.length()) + least);
                }
            }
        }
        return all;
    }
}
