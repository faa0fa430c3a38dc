package nobrec.server.place;

import java.time.Instant;
import java.util.Optional;
import nobrec.core.address.OutsideVerdict;
import nobrec.core.address.PlaceKind;
import nobrec.core.address.PostalAddress;
import org.jspecify.annotations.Nullable;

/** A row of table place. */
record PlaceRow(
        long id,
        String company,
        String person,
        String street,
        String street2,
        String city,
        String state,
        String postalCode,
        String country,
        String phone,
        String note,
        @Nullable PlaceKind kind,
        String kindSaidBy,
        OutsideVerdict.@Nullable Deliverable serviceVerdict,
        String serviceSaid,
        @Nullable Instant serviceAt,
        String acceptedBy,
        @Nullable Instant acceptedAt,
        String checkSaid,
        boolean checkStops,
        Instant checkedAt,
        int version) {

    Place place() {
        return new Place(
                id,
                new PostalAddress(company, person, street, street2, city, state, postalCode, country),
                phone,
                note,
                Optional.ofNullable(kind),
                kindSaidBy,
                serviceVerdict == null || serviceAt == null
                        ? Optional.empty()
                        : Optional.of(new Place.OutsideSaid(serviceVerdict, serviceSaid, serviceAt)),
                Optional.ofNullable(acceptedAt).map(at -> new Place.Acceptance(acceptedBy, at)),
                new Place.Checked(checkSaid, checkStops, checkedAt),
                version);
    }
}
