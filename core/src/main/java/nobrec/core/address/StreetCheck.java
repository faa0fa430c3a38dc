package nobrec.core.address;

import java.util.Optional;
import java.util.regex.Pattern;
import nobrec.core.address.AddressCheck.Finding;

/** Whether a street line of the United States says all that a driver needs. */
final class StreetCheck {

    /** Rural and highway contract routes number their boxes instead of houses (Publication 28, from memory). */
    private static final Pattern ROUTE = Pattern.compile(
            "\\b(rr|rural route|hc|highway contract|star route)\\s*#?\\s*\\d+\\s*,?\\s*box\\s*\\S+",
            Pattern.CASE_INSENSITIVE);

    private StreetCheck() {}

    /** None of it stops: there are streets without numbers, and buildings that everybody knows. */
    static Optional<Finding> of(PostalAddress address) {
        if (address.street().isEmpty()
                || PlaceKindRule.isByPost(address)
                || ROUTE.matcher(address.street()).find()) {
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
