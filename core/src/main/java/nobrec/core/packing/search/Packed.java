package nobrec.core.packing.search;

import java.util.List;
import org.jspecify.annotations.Nullable;

/** Packages that take everything needed. */
public record Packed(List<Choice> packages, long cents) {

    /** A carton with its contents. */
    public record Choice(int carton, int[] counts, Load load, long cents) {}

    public static Packed of(List<Choice> packages) {
        return new Packed(packages, packages.stream().mapToLong(Choice::cents).sum());
    }

    static @Nullable Packed cheaper(@Nullable Packed one, @Nullable Packed other) {
        return one == null ? other : one.orCheaper(other);
    }

    Packed orCheaper(@Nullable Packed other) {
        return other != null && other.cents < cents ? other : this;
    }
}
