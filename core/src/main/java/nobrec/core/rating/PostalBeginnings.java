package nobrec.core.rating;

import java.util.Set;

/** Beginnings of postal codes, quick to look up: most of them are three digits long. */
public final class PostalBeginnings {

    private static final int THREE = 3;
    private static final int AREAS = 1000;
    private static final int TEN = 10;

    private final Set<String> all;
    private final boolean[] areas = new boolean[AREAS];
    private final boolean others;

    public PostalBeginnings(Set<String> all) {
        this.all = Set.copyOf(all);
        boolean more = false;
        for (String each : all) {
            int area = each.length() == THREE ? area(each) : -1;
            if (area >= 0) {
                areas[area] = true;
            } else {
                more = true;
            }
        }
        this.others = more;
    }

    public Set<String> all() {
        return all;
    }

    /** Whether a postal code begins with one of them. */
    boolean begin(String code) {
        int area = code.length() >= THREE ? area(code) : -1;
        return (area >= 0 && areas[area]) || (others && all.stream().anyMatch(code::startsWith));
    }

    /** The first three digits as a number; below zero when they are no digits. */
    private static int area(String code) {
        int area = 0;
        for (int at = 0; at < THREE; at++) {
            int digit = code.charAt(at) - '0';
            if (digit < 0 || digit >= TEN) {
                return -1;
            }
            area = area * TEN + digit;
        }
        return area;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof PostalBeginnings beginnings && beginnings.all.equals(all);
    }

    @Override
    public int hashCode() {
        return all.hashCode();
    }
}
