package nobrec.core.service;

import java.util.Optional;
import nobrec.core.address.PlaceKind;

/**
 * Where a shipment goes, as rate sheets look at it.
 *
 * @param from country of the site it leaves
 * @param country two letters, ISO 3166-1
 * @param distance zone by distance from the site it leaves; empty abroad and where the postal code is not known
 */
public record Destination(
        String from, String country, String postalCode, PlaceKind placeKind, Optional<Zone> distance) {

    public boolean isAbroad() {
        return !country.equals(from);
    }
}
