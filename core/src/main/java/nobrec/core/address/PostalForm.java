package nobrec.core.address;

import java.util.Arrays;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * What the postal service of a country demands of an address there. Forms of the codes: Unicode CLDR, supplemental data, postal code
 * expressions (release 26, the last one that has them); the shorter form of Great Britain, and Korea, Israel, Ireland, Vietnam,
 * Taiwan and Colombia, which changed theirs or had none then, from memory. Which countries write a state: from memory.
 *
 * @param example of a code
 * @param state whether a state stands in it
 */
record PostalForm(String country, Pattern code, String example, Demand demand, boolean state) {

    /** Whether a code stands in an address. */
    enum Demand {
        DEMANDED,
        OPTIONAL,
        NONE
    }

    /** Country, example, demand, state, form; a bar within a form is broken. */
    private static final String TABLE = """
            CA K1A_0B1 demanded state [ABCEGHJKLMNPRSTVXY]\\d[ABCEGHJ-NPRSTV-Z][ ]?\\d[ABCEGHJ-NPRSTV-Z]\\d
            MX 06600 demanded state \\d{5}
            CN 100006 demanded state \\d{6}
            DE 10115 demanded - \\d{5}
            JP 100-0001 demanded state \\d{3}-?\\d{4}
            GB SW1A_1AA demanded - GIR[ ]?0AA¦[A-Z]{1,2}\\d[\\dA-Z]?[ ]?\\d[ABD-HJLN-UW-Z]{2}¦BFPO[ ]?\\d{1,4}
            KR 03051 demanded - \\d{5}
            IN 110001 demanded state \\d{6}
            FR 75001 demanded - \\d{2}[ ]?\\d{3}
            VN 100000 optional - \\d{5,6}
            TW 100 optional - \\d{3}(-?\\d{2,3})?
            IT 00184 demanded state \\d{5}
            NL 1012_AB demanded - \\d{4}[ ]?(?!SA¦SD¦SS)[A-Z]{2}
            BR 01310-100 demanded state \\d{5}[\\-]?\\d{3}
            CH 8001 demanded - \\d{4}
            IE D02_AF30 optional - [AC-FHKNPRTV-Y]\\d[\\dW][ ]?[0-9AC-FHKNPRTV-Y]{4}
            BE 1000 demanded - \\d{4}
            SG 068912 demanded - \\d{6}
            AU 2000 demanded state \\d{4}
            MY 50050 demanded - \\d{5}
            TH 10200 demanded - \\d{5}
            ES 28013 demanded - \\d{5}
            ID 10110 demanded - \\d{5}
            IL 9414001 demanded - \\d{7}
            AT 1010 demanded - \\d{4}
            SE 111_22 demanded - \\d{3}[ ]?\\d{2}
            PL 00-001 demanded - \\d{2}-?\\d{3}
            TR 34110 demanded - \\d{5}
            CL 8320000 optional - \\d{7}
            CO 110111 optional - \\d{6}
            SA 11564 optional - \\d{5}(-\\d{4})?
            ZA 8001 demanded - \\d{4}
            DK 1050 demanded - \\d{4}
            NO 0150 demanded - \\d{4}
            FI 00100 demanded - \\d{5}
            CZ 110_00 demanded - \\d{3}[ ]?\\d{2}
            HU 1051 demanded - \\d{4}
            PT 1100-148 demanded - \\d{4}([\\-]\\d{3})?
            NZ 6011 demanded - \\d{4}
            PH 1000 demanded - \\d{4}
            RO 010011 demanded - \\d{6}
            GR 105_57 demanded - \\d{3}[ ]?\\d{2}
            AR C1425 demanded - ([A-HJ-NP-Z])?\\d{4}([A-Z]{3})?
            UA 01001 demanded - \\d{5}
            EG 11511 optional - \\d{5}
            HK - none - -
            AE - none - -
            """;

    private static final Map<String, PostalForm> BY_COUNTRY =
            TABLE.lines().map(PostalForm::read).collect(Collectors.toMap(PostalForm::country, Function.identity()));

    private static PostalForm read(String line) {
        String[] parts = line.strip().split(" ", 5);
        return new PostalForm(
                parts[0],
                Pattern.compile(parts[4].replace('¦', '|')),
                parts[1].replace('_', ' '),
                Demand.valueOf(parts[2].toUpperCase(Locale.ROOT)),
                parts[3].equals("state"));
    }

    /** Of the countries that matter most to trade; empty for the others, of which nothing is demanded here. */
    static Optional<PostalForm> of(String country) {
        return Optional.ofNullable(BY_COUNTRY.get(country));
    }

    static Iterable<String> countries() {
        return BY_COUNTRY.keySet();
    }

    /** Small letters, and blanks and hyphens left out or put elsewhere, are another notation of the same. */
    boolean fits(String text) {
        String plain = withoutCountry(text).replaceAll("\\s+", " ");
        return code.matcher(plain).matches() || standard(plain).isPresent();
    }

    /** A code as the country writes it, where blanks or hyphens are missing or too many. */
    Optional<String> standard(String text) {
        String bare = withoutCountry(text).replaceAll("[\\s.-]", "");
        for (String mark : Arrays.asList("", " ", "-")) {
            for (int at = 1; at < bare.length(); at++) {
                String tried = bare.substring(0, at) + mark + bare.substring(at);
                if (code.matcher(tried).matches() && shape(tried).equals(shape(example))) {
                    return Optional.of(tried);
                }
            }
        }
        return Optional.empty();
    }

    /** In Europe the country's letters often stand before the code: {@code DK-1050}. */
    private String withoutCountry(String text) {
        return text.strip().toUpperCase(Locale.ROOT).replaceFirst("^" + country + "\\s*-?\\s*(?=\\d)", "");
    }

    private static String shape(String text) {
        return text.replaceAll("[0-9A-Z]", "0");
    }
}
