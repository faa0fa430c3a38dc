package nobrec.core.service;

import java.util.BitSet;
import java.util.Set;

/** Beginnings of postal codes, quick to look up: most of them are three digits long. */
public final class PostalBeginnings {

    private final Set<String> all;
    private final BitSet areas = new BitSet();
    private final boolean others;

    public PostalBeginnings(Set<String> all) {
        this.all = Set.copyOf(all);
        boolean more = false;
        for (String each : all) {
            if (each.length() == PostalTable.THREE && PostalTable.area(each) >= 0) {
                areas.set(PostalTable.area(each));
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
    public boolean begin(String code) {
        int area = PostalTable.area(code);
        return (area >= 0 && areas.get(area)) || (others && all.stream().anyMatch(code::startsWith));
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
