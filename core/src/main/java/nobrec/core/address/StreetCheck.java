package nobrec.core.address;

import java.util.Optional;
import nobrec.core.address.AddressCheck.Finding;

/** Whether a street line of the United States says all that a driver needs. */
final class StreetCheck {

    private StreetCheck() {}

    /** None of it stops: there are streets without numbers, and buildings that everybody knows. */
    static Optional<Finding> of(PostalAddress address) {
        if (address.street().isEmpty() || PlaceKindRule.isByPost(address)) {
            return Optional.empty();
        }
        StreetLine line = StreetLine.read(address.street(), address.street2());
        if (line.lacksUnitNumber()) {
            return Optional.of(Finding.caution(
                    AddressPart.STREET,
                    "The street line names a unit, " + line.unit() + ", and not which.",
                    "Ask for its number, and add it."));
        }
        return line.number().isEmpty()
                ? Optional.of(Finding.caution(
                        AddressPart.STREET,
                        "“" + address.street() + "” has no house number.",
                        "Ask for it, unless the place has none."))
                : Optional.empty();
    }
}
