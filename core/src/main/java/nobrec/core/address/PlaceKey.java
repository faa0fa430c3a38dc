package nobrec.core.address;

import java.text.Normalizer;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Pattern;

/**
 * By what a place is recognized again in spite of differences of writing: case, accents, punctuation, abbreviations, words of
 * units, and the forms of companies. Two addresses with the same text are one place; a unit that one of them leaves out makes two.
 */
public final class PlaceKey {

    private static final Pattern MARKS = Pattern.compile("\\p{M}");
    private static final Pattern NO_LETTERS = Pattern.compile("[^\\p{L}\\p{N}]+");

    /** Common practice, no source. */
    private static final Map<String, String> OF_COMPANIES = Map.ofEntries(
            Map.entry("incorporated", ""),
            Map.entry("inc", ""),
            Map.entry("corporation", ""),
            Map.entry("corp", ""),
            Map.entry("company", "co"),
            Map.entry("limited", "ltd"),
            Map.entry("llc", ""),
            Map.entry("llp", ""),
            Map.entry("lp", ""),
            Map.entry("ltd", ""),
            Map.entry("the", ""),
            Map.entry("and", ""),
            Map.entry("manufacturing", "mfg"),
            Map.entry("international", "intl"),
            Map.entry("brothers", "bros"),
            Map.entry("department", "dept"),
            Map.entry("services", "svc"),
            Map.entry("service", "svc"),
            Map.entry("division", "div"),
            Map.entry("associates", "assoc"));

    private PlaceKey() {}

    public static String of(PostalAddress address) {
        return String.join("|", name(address.name()), street(address), area(address), address.country());
    }

    /** A name as it is compared: without the form of its company. */
    public static String name(String name) {
        StringBuilder plain = new StringBuilder();
        for (String word : letters(name).split(" ")) {
            plain.append(OF_COMPANIES.getOrDefault(word, word));
        }
        return plain.isEmpty() ? letters(name).replace(" ", "") : plain.toString();
    }

    private static String street(PostalAddress address) {
        if (!UnitedStates.CODE.equals(address.country())) {
            return letters(address.street() + " " + address.street2()).replace(" ", "");
        }
        StreetLine line = StreetLine.read(address.street(), address.street2());
        return letters(line.standard() + " " + line.unitNumber()).replace(" ", "");
    }

    /** The postal code says where it is; the city only where there is none. */
    private static String area(PostalAddress address) {
        String code = letters(address.fiveDigitCode()).replace(" ", "");
        return code.isEmpty() ? CityName.plain(address.city()) : code;
    }

    private static String letters(String text) {
        String plain =
                MARKS.matcher(Normalizer.normalize(text, Normalizer.Form.NFKD)).replaceAll("");
        return NO_LETTERS
                .matcher(plain.replaceAll("['’.]", "").toLowerCase(Locale.ROOT))
                .replaceAll(" ")
                .strip();
    }
}
