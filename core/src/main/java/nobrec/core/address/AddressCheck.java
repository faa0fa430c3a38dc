package nobrec.core.address;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/** Whether postal code, city and state of a US address belong together, and what to write where they do not. */
public final class AddressCheck {

    /** A postal code of the reference data with its city and state. */
    public record KnownPostalCode(String code, String city, String state) {}

    /** One thing found. {@code stops} says whether a driver would not find the place; else it is worth a look only. */
    public record Finding(boolean stops, String reason, String remedy) {}

    private static final Set<String> MILITARY_CITIES = Set.of("apo", "fpo", "dpo");

    private AddressCheck() {}

    /**
     * @param known the reference entry of the address's postal code, empty when there is none
     * @return what is wrong, in the order of the address; empty when all is well
     */
    public static List<Finding> check(PostalAddress address, Optional<KnownPostalCode> known) {
        List<Finding> findings = new ArrayList<>();
        if (!UnitedStates.CODE.equals(address.country())) {
            findings.add(new Finding(
                    true,
                    Countries.nameOf(address.country()) + " is not served.",
                    "Only the United States so far; correct the country if it is one of them."));
            return findings;
        }
        if (address.name().isEmpty()) {
            findings.add(new Finding(true, "The ship-to has no name.", "Add a company or a person."));
        }
        if (address.street().isEmpty()) {
            findings.add(new Finding(true, "The ship-to has no street.", "Add the street line."));
        }
        place(address, known).ifPresent(findings::add);
        return findings;
    }

    private static Optional<Finding> place(PostalAddress address, Optional<KnownPostalCode> known) {
        String cityAndState = address.city() + ", " + address.state();
        if (UnitedStates.readPostalCode(address.postalCode()).isEmpty()) {
            return Optional.of(new Finding(
                    true,
                    address.postalCode().isEmpty()
                            ? "The ship-to has no postal code."
                            : "“" + address.postalCode() + "” is no postal code of the United States.",
                    address.postalCode().matches("\\d{3,4}")
                            ? "A spreadsheet drops zeros in front: write five digits."
                            : "Write five digits, or five and four: look up " + cityAndState + "."));
        }
        String state = UnitedStates.readState(address.state()).orElse(address.state());
        Optional<String> military = UnitedStates.militaryState(address.postalCode());
        if (military.isPresent()) {
            return military(address, state, military.get());
        }
        if (known.isEmpty()) {
            return Optional.of(new Finding(
                    true,
                    "Postal code “" + address.postalCode() + "” does not exist.",
                    "Look up the code of " + cityAndState + "."));
        }
        KnownPostalCode entry = known.get();
        if (!entry.state().equalsIgnoreCase(state)) {
            return Optional.of(new Finding(
                    true,
                    entry.code() + " lies in " + entry.state() + ", the address says "
                            + (state.isEmpty() ? "nothing" : state) + ".",
                    "Write " + entry.city() + ", " + entry.state() + " " + entry.code()
                            + ", or correct the postal code."));
        }
        return CityName.same(entry.city(), address.city())
                ? Optional.empty()
                : Optional.of(new Finding(
                        false,
                        entry.code() + " is " + entry.city() + "; the address says "
                                + (address.city().isEmpty() ? "nothing" : address.city()) + ".",
                        "Fine if it is a part of " + entry.city() + "."));
    }

    /** Military mail has no city: APO, FPO or DPO stands for it. */
    private static Optional<Finding> military(PostalAddress address, String state, String expected) {
        boolean city = MILITARY_CITIES.contains(address.city().toLowerCase(Locale.ROOT));
        if (city && expected.equals(state)) {
            return Optional.empty();
        }
        return Optional.of(new Finding(
                true,
                address.postalCode() + " is military mail for " + expected + "; the address says " + address.cityLine()
                        + ".",
                "Write APO, FPO or DPO for the city and " + expected + " for the state."));
    }
}
