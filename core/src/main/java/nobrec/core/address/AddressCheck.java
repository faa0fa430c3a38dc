package nobrec.core.address;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/** Whether postal code, town and state of a US address belong together, and what to write where they do not. */
public final class AddressCheck {

    /** A postal code of the reference data with its town and state. */
    public record KnownPostalCode(String code, String town, String state) {}

    /** One thing found. {@code stops} says whether a driver would not find the place; else it is worth a look only. */
    public record Finding(boolean stops, String reason, String cure) {}

    private static final Set<String> SERVED_COUNTRIES = Set.of("US");

    private AddressCheck() {}

    /**
     * @param known the reference entry of the address's postal code, empty when there is none
     * @return what is wrong, in the order of the address; empty when all is well
     */
    public static List<Finding> check(PostalAddress address, Optional<KnownPostalCode> known) {
        List<Finding> findings = new ArrayList<>();
        if (!SERVED_COUNTRIES.contains(address.country())) {
            findings.add(new Finding(
                    true, "Country " + address.country() + " is not served.", "Only the United States (US) so far."));
            return findings;
        }
        if (address.name().isEmpty()) {
            findings.add(new Finding(true, "The ship-to has no name.", "Add a company or a person."));
        }
        if (address.street().isEmpty()) {
            findings.add(new Finding(true, "The ship-to has no street.", "Add the street line."));
        }
        if (known.isEmpty()) {
            findings.add(new Finding(
                    true,
                    "Postal code “" + address.postalCode() + "” does not exist.",
                    "Look up the code of " + address.town() + ", " + address.state() + "."));
            return findings;
        }
        KnownPostalCode entry = known.get();
        if (!entry.state().equalsIgnoreCase(address.state())) {
            findings.add(new Finding(
                    true,
                    entry.code() + " lies in " + entry.state() + ", the address says " + address.state() + ".",
                    "Write " + entry.town() + ", " + entry.state() + " " + entry.code()
                            + ", or correct the postal code."));
        } else if (!sameTown(entry.town(), address.town())) {
            findings.add(new Finding(
                    false,
                    entry.code() + " is " + entry.town() + "; the address says " + address.town() + ".",
                    "Fine if it is a part of " + entry.town() + "."));
        }
        return findings;
    }

    private static boolean sameTown(String one, String other) {
        return plain(one).equals(plain(other));
    }

    private static String plain(String town) {
        return Normalizer.normalize(town, Normalizer.Form.NFD)
                .replaceAll("[^A-Za-z]", "")
                .toLowerCase(Locale.ROOT)
                .replaceFirst("^saint", "st");
    }
}
