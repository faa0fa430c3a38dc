package nobrec.core.address;

import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * States, territories and military mail of the United States, and the form of their postal codes. Source: postal addressing standards of the United States (Publication 28),
 * appendix B, from memory.
 */
public final class UnitedStates {

    /** ISO 3166-1. */
    static final String CODE = "US";

    /** Places that are countries in ISO 3166-1 and states in a US address. */
    static final Set<String> TERRITORIES = Set.of("PR", "GU", "VI", "AS", "MP");

    private static final String NAMES = """
            AL Alabama|AK Alaska|AZ Arizona|AR Arkansas|CA California|CO Colorado|CT Connecticut|DE Delaware|\
            DC District of Columbia|FL Florida|GA Georgia|HI Hawaii|ID Idaho|IL Illinois|IN Indiana|IA Iowa|KS Kansas|\
            KY Kentucky|LA Louisiana|ME Maine|MD Maryland|MA Massachusetts|MI Michigan|MN Minnesota|MS Mississippi|\
            MO Missouri|MT Montana|NE Nebraska|NV Nevada|NH New Hampshire|NJ New Jersey|NM New Mexico|NY New York|\
            NC North Carolina|ND North Dakota|OH Ohio|OK Oklahoma|OR Oregon|PA Pennsylvania|RI Rhode Island|\
            SC South Carolina|SD South Dakota|TN Tennessee|TX Texas|UT Utah|VT Vermont|VA Virginia|WA Washington|\
            WV West Virginia|WI Wisconsin|WY Wyoming|PR Puerto Rico|GU Guam|VI Virgin Islands|VI US Virgin Islands|\
            AS American Samoa|MP Northern Mariana Islands|MH Marshall Islands|\
            AE Armed Forces Europe|AP Armed Forces Pacific|AA Armed Forces Americas""";

    private static final Map<String, String> STATES = states();
    private static final Pattern POSTAL_CODE = Pattern.compile("(\\d{5})(?:[- ]?(\\d{4}))?");

    private UnitedStates() {}

    /** The two letters of a state written out or not, in any case: {@code Illinois}, {@code ill.} is none. */
    public static Optional<String> readState(String text) {
        return Optional.ofNullable(STATES.get(plain(text)));
    }

    /** A postal code in its one form, with a hyphen before the four digits more; empty when it is none. */
    public static Optional<String> readPostalCode(String text) {
        Matcher code = POSTAL_CODE.matcher(text.strip());
        if (!code.matches()) {
            return Optional.empty();
        }
        return Optional.of(code.group(2) == null ? code.group(1) : code.group(1) + "-" + code.group(2));
    }

    /** The state that military mail is addressed to, told from its postal code; empty for all other codes. */
    static Optional<String> militaryState(String postalCode) {
        String area = PostalArea.codeOf(postalCode);
        if (area.startsWith("09")) {
            return Optional.of("AE");
        }
        if (area.equals("340")) {
            return Optional.of("AA");
        }
        return area.matches("96[2-6]") ? Optional.of("AP") : Optional.empty();
    }

    private static Map<String, String> states() {
        Map<String, String> states = new HashMap<>();
        for (String each : NAMES.split("\\|")) {
            String code = each.substring(0, 2);
            states.put(plain(code), code);
            states.put(plain(each.substring(3)), code);
        }
        return states;
    }

    private static String plain(String text) {
        return text.replaceAll("[^A-Za-z]", "").toLowerCase(Locale.ROOT);
    }
}
