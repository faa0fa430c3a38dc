package nobrec.core.address;

import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import nobrec.core.address.AddressCheck.Finding;
import nobrec.core.address.AddressCheck.KnownPostalCode;

/** Whether postal code, city and state of a US address belong together. */
final class HomeCheck {

    private static final Set<String> MILITARY_CITIES = Set.of("apo", "fpo", "dpo");

    private HomeCheck() {}

    static Optional<Finding> of(PostalAddress address, Optional<KnownPostalCode> known) {
        String cityAndState = address.city() + ", " + address.state();
        if (UnitedStates.readPostalCode(address.postalCode()).isEmpty()) {
            return Optional.of(Finding.stop(
                    AddressPart.POSTAL_CODE,
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
            return Optional.of(Finding.stop(
                    AddressPart.POSTAL_CODE,
                    "Postal code “" + address.postalCode() + "” does not exist.",
                    "Look up the code of " + cityAndState + "."));
        }
        KnownPostalCode entry = known.get();
        if (!entry.state().equalsIgnoreCase(state)) {
            return Optional.of(Finding.stop(
                    AddressPart.STATE,
                    entry.code() + " lies in " + entry.state() + ", the address says "
                            + (state.isEmpty() ? "nothing" : state) + ".",
                    "Write " + entry.city() + ", " + entry.state() + " " + entry.code()
                            + ", or correct the postal code."));
        }
        return CityName.same(entry.city(), address.city())
                ? Optional.empty()
                : Optional.of(Finding.caution(
                        AddressPart.CITY,
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
        return Optional.of(Finding.stop(
                AddressPart.CITY,
                address.postalCode() + " is military mail for " + expected + "; the address says " + address.cityLine()
                        + ".",
                "Write APO, FPO or DPO for the city and " + expected + " for the state."));
    }
}
