package nobrec.core.address;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Whether an address is one that mail can be delivered to, and what to write where it is not. */
public final class AddressCheck {

    /** A postal code of the reference data with its city and state. */
    public record KnownPostalCode(String code, String city, String state) {}

    /**
     * One thing found.
     *
     * @param stops whether a driver would not find the place; else it is worth a look only
     */
    public record Finding(AddressPart part, boolean stops, String reason, String remedy) {

        /** The same where somebody knows better. */
        public Finding acceptedBy(String name) {
            return new Finding(part, false, reason + " " + name + " accepted it as written.", "");
        }

        static Finding stop(AddressPart part, String reason, String remedy) {
            return new Finding(part, true, reason, remedy);
        }

        static Finding caution(AddressPart part, String reason, String remedy) {
            return new Finding(part, false, reason, remedy);
        }
    }

    private AddressCheck() {}

    /**
     * @param known the reference entry of the address's postal code, empty when there is none
     * @return what is wrong, in the order of the address; empty when all is well
     */
    public static List<Finding> check(PostalAddress address, Optional<KnownPostalCode> known) {
        List<Finding> findings = new ArrayList<>();
        if (address.name().isEmpty()) {
            findings.add(Finding.stop(AddressPart.NAME, "The ship-to has no name.", "Add a company or a person."));
        }
        if (address.street().isEmpty()) {
            findings.add(Finding.stop(AddressPart.STREET, "The ship-to has no street.", "Add the street line."));
        }
        if (UnitedStates.CODE.equals(address.country())) {
            StreetCheck.of(address).ifPresent(findings::add);
            HomeCheck.of(address, known).ifPresent(findings::add);
        } else {
            findings.addAll(ForeignCheck.of(address));
        }
        return findings;
    }

    /** What stops it, else what is worth a look. */
    public static Optional<Finding> worst(List<Finding> findings) {
        return findings.stream()
                .filter(Finding::stops)
                .findFirst()
                .or(() -> findings.stream().findFirst());
    }
}
