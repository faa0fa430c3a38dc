package nobrec.core.address;

import java.util.Collection;
import java.util.Objects;

/**
 * The postal codes that share their first three digits, and the centre of them.
 *
 * @param code three digits
 * @param centre mean of the centres of its postal codes
 */
public record PostalArea(String code, GeoPoint centre) {

    /** The area of a set of postal codes: its centre is their mean. */
    public static PostalArea around(String code, Collection<GeoPoint> points) {
        if (points.isEmpty()) {
            throw new IllegalArgumentException("Postal area " + code + " has no postal code.");
        }
        double latitude =
                points.stream().mapToDouble(GeoPoint::latitude).average().orElseThrow();
        double longitude =
                points.stream().mapToDouble(GeoPoint::longitude).average().orElseThrow();
        return new PostalArea(code, new GeoPoint(latitude, longitude));
    }

    /** The area a five-digit postal code belongs to. */
    public static String codeOf(String postalCode) {
        Objects.requireNonNull(postalCode, "postal code");
        return postalCode.length() < 3 ? postalCode : postalCode.substring(0, 3);
    }
}
