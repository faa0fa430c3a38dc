package nobrec.core.carton;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import nobrec.core.measure.Length;
import nobrec.core.measure.Size;

/**
 * Where one piece lies: its corner nearest to the package's left front bottom corner, and its sides as it lies there.
 *
 * @param x along the package's length
 * @param y along its width
 * @param z upwards
 * @param lying length, width and height as it lies
 * @param carton what it is when it is a carton on a pallet and not a piece; the key is then that of the first piece in it
 */
public record Placement(long itemKey, Length x, Length y, Length z, Size lying, Optional<CartonOnPallet> carton) {

    /**
     * @param cartonCode its type
     * @param inside what is in it, in words
     */
    public record CartonOnPallet(String cartonCode, String inside) {

        /** Type and contents in one line. */
        public String text() {
            return cartonCode + ": " + inside;
        }
    }

    /** A piece that lies there as it is. */
    public Placement(long itemKey, Length x, Length y, Length z, Size lying) {
        this(itemKey, x, y, z, lying, Optional.empty());
    }

    /** The same of another item. */
    public Placement of(long otherKey) {
        return otherKey == itemKey ? this : new Placement(otherKey, x, y, z, lying, carton);
    }

    public Length top() {
        return z.plus(lying.height());
    }

    /**
     * The order in which a packer lays the pieces: everything that stands at the same height is one layer, lowest first.
     * No piece lies under one of an earlier layer.
     */
    public static List<List<Placement>> layers(List<Placement> placements) {
        List<List<Placement>> layers = new ArrayList<>();
        placements.stream()
                .sorted(Comparator.comparing(Placement::z)
                        .thenComparing(Placement::y)
                        .thenComparing(Placement::x))
                .forEach(each -> {
                    int last = layers.size() - 1;
                    if (last < 0 || !layers.get(last).get(0).z().equals(each.z())) {
                        layers.add(new ArrayList<>(List.of(each)));
                    } else {
                        layers.get(last).add(each);
                    }
                });
        return layers;
    }
}
