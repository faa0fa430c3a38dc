package nobrec.core.address;

import java.util.Collection;
import java.util.Comparator;
import java.util.Objects;
import java.util.function.ToDoubleFunction;

/**
 * The postal codes that share their first three digits, and the center of them.
 *
 * @param code three digits
 * @param center position of the one of its postal codes that lies in the middle
 */
public record PostalArea(String code, GeoPoint center) {

    /**
     * The area of a set of postal codes. Its center is the position of the code nearest to the middle one in latitude and in
     * longitude: always on land, however far an island lies from the rest.
     */
    public static PostalArea around(String code, Collection<GeoPoint> points) {
        if (points.isEmpty()) {
            throw new IllegalArgumentException("Postal area " + code + " has no postal code.");
        }
        GeoPoint middle = new GeoPoint(middle(points, GeoPoint::latitude), middle(points, GeoPoint::longitude));
        return new PostalArea(
                code,
                points.stream()
                        .min(Comparator.comparingDouble(middle::kilometresTo))
                        .orElseThrow());
    }

    private static double middle(Collection<GeoPoint> points, ToDoubleFunction<GeoPoint> part) {
        double[] sorted = points.stream().mapToDouble(part).sorted().toArray();
        return sorted[(sorted.length - 1) / 2];
    }

    /** The area a five-digit postal code belongs to. */
    public static String codeOf(String postalCode) {
        Objects.requireNonNull(postalCode, "postal code");
        return postalCode.length() < 3 ? postalCode : postalCode.substring(0, 3);
    }
}
