package nobrec.server.place;

import java.time.Instant;
import java.util.Optional;
import nobrec.core.address.OutsideVerdict;
import nobrec.core.address.PlaceKind;
import nobrec.core.address.PlaceKindRule;
import nobrec.core.address.PostalAddress;

/**
 * Where things go.
 *
 * @param note for whoever drives there
 * @param saidKind what the shop said that stands there
 * @param kindSaidBy sign-in; empty text where nobody said it
 * @param outside what an address service last said; empty where it was never asked
 * @param accepted who said that the address is right as it is written
 * @param check what the last check found
 * @param version that a change must name
 */
public record Place(
        long id,
        PostalAddress address,
        String phone,
        String note,
        Optional<PlaceKind> saidKind,
        String kindSaidBy,
        Optional<OutsideSaid> outside,
        Optional<Acceptance> accepted,
        Checked check,
        int version) {

    /** @param said in its own words */
    public record OutsideSaid(OutsideVerdict.Deliverable deliverable, String said, Instant at) {}

    public record Acceptance(String by, Instant at) {}

    /** @param said the worst that was found; empty text when all is well */
    public record Checked(String said, boolean stops, Instant at) {}

    public PlaceKind kind() {
        return saidKind.orElseGet(() -> PlaceKindRule.kindOf(address));
    }
}
