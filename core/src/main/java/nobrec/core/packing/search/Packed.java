package nobrec.core.packing.search;

import java.util.List;

/** Packages that take everything needed. */
public record Packed(List<Choice> packages, long cents) {

    /** A carton with its contents. */
    public record Choice(int carton, int[] counts, Load load, long cents) {}

    public static Packed of(List<Choice> packages) {
        return new Packed(packages, packages.stream().mapToLong(Choice::cents).sum());
    }

    static Packed cheaper(Packed one, Packed other) {
        return one == null || other != null && other.cents < one.cents ? other : one;
    }
}
