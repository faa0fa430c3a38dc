package nobrec.core.tracking;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import nobrec.core.address.PostalAddress;

/**
 * Where shipments of a service come in alike: at home postal codes with the same three first digits, else the same country.
 *
 * @param code country, and those digits
 */
public record Area(String code) {

    private static final int COUNTRY = 2;
    private static final int DIGITS = 3;
    private static final String EVERYWHERE = "";

    public static Area of(PostalAddress address, String home) {
        String digits = address.postalCode().replaceAll("[^0-9]", "");
        boolean near = address.country().equals(home) && digits.length() >= DIGITS;
        return new Area(near ? address.country() + digits.substring(0, DIGITS) : address.country());
    }

    /** Itself, and those it lies in. */
    public List<String> fromNearToWide() {
        List<String> all = new ArrayList<>(List.of(code));
        if (code.length() > COUNTRY) {
            all.add(code.substring(0, COUNTRY + 1));
        }
        all.add(EVERYWHERE);
        return all;
    }

    /** As people say it. */
    public static String words(String code) {
        if (code.equals(EVERYWHERE)) {
            return "all places";
        }
        return code.length() > COUNTRY
                ? "postal codes " + code.substring(COUNTRY) + "…"
                : new Locale.Builder().setRegion(code).build().getDisplayCountry(Locale.US);
    }
}
