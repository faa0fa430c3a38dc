package nobrec.core.service;

import java.util.Map;

/**
 * Something by the beginnings of postal codes, of which the longest that matches counts. Quick to look up: most beginnings are
 * three digits long.
 */
public final class PostalTable<T> {

    static final int THREE = 3;
    private static final int AREAS = 1000;
    private static final int TEN = 10;

    private final Map<String, T> all;
    private final Object[] areas = new Object[AREAS];
    private final int longest;
    private final int shortest;

    public PostalTable(Map<String, T> all) {
        this.all = Map.copyOf(all);
        this.longest = all.keySet().stream().mapToInt(String::length).max().orElse(0);
        this.shortest = all.keySet().stream().mapToInt(String::length).min().orElse(1);
        all.forEach((beginning, value) -> {
            int area = beginning.length() == THREE ? area(beginning) : -1;
            if (area >= 0) {
                areas[area] = value;
            }
        });
    }

    public Map<String, T> all() {
        return all;
    }

    /** What there is for a postal code, else the other. */
    @SuppressWarnings("unchecked")
    public T find(String code, T otherwise) {
        int area = area(code);
        if (area >= 0 && longest <= THREE && (areas[area] != null || shortest >= THREE)) {
            return areas[area] == null ? otherwise : (T) areas[area];
        }
        for (int digits = Math.min(longest, code.length()); digits >= shortest; digits--) {
            T found = all.get(code.substring(0, digits));
            if (found != null) {
                return found;
            }
        }
        return otherwise;
    }

    /** The first three digits as a number; below zero when they are not three digits. */
    static int area(String code) {
        if (code.length() < THREE) {
            return -1;
        }
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
        return other instanceof PostalTable<?> table && table.all.equals(all);
    }

    @Override
    public int hashCode() {
        return all.hashCode();
    }
}
