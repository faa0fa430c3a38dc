package nobrec.core.service;

import nobrec.core.address.PostalArea;

/**
 * How far a shipment goes, as rate sheets count it.
 *
 * @param number 1 to 8
 * @param miles great-circle distance between the centers of the two 3-digit postal areas, whole miles rounded up
 */
public record Zone(int number, int miles) {

    public static final int MAXIMUM = 8;

    /** Largest distance of zones 1 to 7 in statute miles. Source: US Domestic Mail Manual 608 (from memory). */
    private static final int[] REACH_MILES = {50, 150, 300, 600, 1000, 1400, 1800};

    public static Zone between(PostalArea from, PostalArea to) {
        return ofMiles(from.center().milesTo(to.center()));
    }

    static Zone ofMiles(double miles) {
        int whole = (int) Math.ceil(miles);
        for (int index = 0; index < REACH_MILES.length; index++) {
            if (whole <= REACH_MILES[index]) {
                return new Zone(index + 1, whole);
            }
        }
        return new Zone(MAXIMUM, whole);
    }
}
