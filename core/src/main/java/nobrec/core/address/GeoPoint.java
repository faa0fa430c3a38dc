package nobrec.core.address;

/**
 * A point on the globe.
 *
 * @param latitude degrees north
 * @param longitude degrees east
 */
public record GeoPoint(double latitude, double longitude) {

    /** Mean radius of the earth, kilometres (IUGG). */
    private static final double EARTH_RADIUS_KILOMETRES = 6371.0088;

    private static final double KILOMETRES_PER_MILE = 1.609344;

    /** Great-circle distance on the sphere by the haversine formula, in kilometres; within 0.5 % of the ellipsoid. */
    public double kilometresTo(GeoPoint other) {
        double latitudes = Math.toRadians(other.latitude - latitude);
        double longitudes = Math.toRadians(other.longitude - longitude);
        double chord = square(Math.sin(latitudes / 2))
                + Math.cos(Math.toRadians(latitude))
                        * Math.cos(Math.toRadians(other.latitude))
                        * square(Math.sin(longitudes / 2));
        return 2 * EARTH_RADIUS_KILOMETRES * Math.asin(Math.sqrt(chord));
    }

    /** The same in statute miles. */
    public double milesTo(GeoPoint other) {
        return kilometresTo(other) / KILOMETRES_PER_MILE;
    }

    private static double square(double figure) {
        return figure * figure;
    }
}
