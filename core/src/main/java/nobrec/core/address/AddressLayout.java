package nobrec.core.address;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * In what order the parts of an address stand on papers, by the form of the country it is in. Source: Universal Postal Union, postal
 * addressing systems, from memory; compared in a test with the open address metadata of a published library. What has no form of
 * its own here is written as most of Europe writes: code before city, then state.
 */
public final class AddressLayout {

    /** A is the street, C the city, S the state, Z the postal code; a bar ends a line. What stands before them belongs to them. */
    private static final String TABLE = """
            US A|C, S Z
            CA A|C S Z
            MX A|Z C, S
            GB A|C|Z
            IE A|C|S|Z
            DE A|Z C
            AT A|Z C
            CH A|CH-Z C
            FR A|Z C
            BE A|Z C
            NL A|Z C
            LU A|L-Z C
            DK A|Z C
            NO A|Z C
            SE A|SE-Z C
            FI A|FI-Z C
            EE A|Z C S
            LV A|S|C, Z
            LT A|LT-Z C S
            PL A|Z C
            CZ A|Z C
            SK A|Z C
            HU C|A|Z
            RO A|Z S C
            HR A|HR-Z C
            SI A|SI-Z C
            GR A|Z C
            TR A|Z C/S
            UA A|C|S|Z
            IT A|Z C S
            ES A|Z C S
            PT A|Z C
            IL A|C Z
            SA A|C Z
            AE A|C|S
            EG A|C|S|Z
            ZA A|C|Z
            AU A|C S Z
            NZ A|C Z
            JP A|C, S|Z
            CN A|C|S, Z
            HK A|C|S
            TW A|C, S Z
            KR A|C|S|Z
            IN A|C Z|S
            SG A|C Z
            MY A|Z C|S
            TH A|C|S Z
            VN A|C|S Z
            ID A|C|S Z
            PH A|C|Z S
            BR A|C-S|Z
            AR A|Z C|S
            CL A|Z C|S
            CO A|C, S, Z
            """;

    private static final String ELSEWHERE = "A|Z C|S";

    private static final Map<String, String> BY_COUNTRY = TABLE.lines()
            .map(line -> line.split(" ", 2))
            .collect(Collectors.toMap(parts -> parts[0], parts -> parts[1]));

    private static final Pattern PART = Pattern.compile("(.*?)\\b([ACSZ])\\b");

    private AddressLayout() {}

    /** Those that have a form of their own here. */
    public static Set<String> countries() {
        return BY_COUNTRY.keySet();
    }

    /** Below the names: street, city, state and code, without the country. */
    public static List<String> lines(PostalAddress address) {
        List<String> lines = new ArrayList<>();
        for (String form : BY_COUNTRY.getOrDefault(address.country(), ELSEWHERE).split("\\|")) {
            if (form.equals("A")) {
                lines.add(address.street());
                lines.add(address.street2());
            } else {
                lines.add(line(form, part -> part(address, part)));
            }
        }
        return lines.stream().filter(line -> !line.isEmpty()).toList();
    }

    /** The same with names before, and the country at the end where it is another one than it is read in. */
    public static List<String> whole(PostalAddress address, String readIn) {
        List<String> lines = new ArrayList<>(Arrays.asList(address.company(), address.person()));
        lines.addAll(lines(address));
        if (!address.country().equals(readIn)) {
            lines.add(countryLine(address.country()));
        }
        return lines.stream().filter(line -> !line.isEmpty()).toList();
    }

    /** In English, which is written everywhere, and in capitals (UPU, from memory). */
    public static String countryLine(String country) {
        return Countries.nameOf(country).toUpperCase(Locale.ROOT);
    }

    private static String line(String form, Function<String, String> parts) {
        StringBuilder line = new StringBuilder();
        Matcher matcher = PART.matcher(form);
        for (boolean first = true; matcher.find(); first = false) {
            String text = parts.apply(matcher.group(2));
            if (text.isEmpty()) {
                continue;
            }
            if (first || line.length() > 0) {
                line.append(matcher.group(1));
            }
            line.append(text);
        }
        return line.toString();
    }

    private static String part(PostalAddress address, String part) {
        return switch (part) {
            case "C" -> address.city();
            case "S" -> address.state();
            default -> address.postalCode();
        };
    }
}
