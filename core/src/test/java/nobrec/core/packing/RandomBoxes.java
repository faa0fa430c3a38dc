package nobrec.core.packing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import nobrec.core.carton.CartonKind;
import nobrec.core.carton.CartonType;
import nobrec.core.item.Handling;
import nobrec.core.item.PackItem;
import nobrec.core.measure.LengthUnit;
import nobrec.core.measure.Size;
import nobrec.core.measure.Weight;
import nobrec.core.measure.WeightUnit;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;

/**
 * Random boxes for cartons of 100 a side, in the classes of Martello, Pisinger and Vigo, "The three-dimensional bin packing
 * problem", Operations Research 48 (2000), from memory. Of each instance three boxes in five are of its class's own type, one in
 * ten of each other.
 */
public final class RandomBoxes {

    private static final int SIDE = 100;
    private static final int TYPES = 5;
    private static final int OWN_OF_TEN = 6;

    private RandomBoxes() {}

    /** @param type of the class, 1 to 5 */
    public static List<PackItem> instance(int type, int pieces, int seed) {
        Random random = new Random(1_000L * type + seed);
        List<PackItem> items = new ArrayList<>();
        for (int each = 0; each < pieces; each++) {
            int drawn = random.nextInt(10);
            int one = drawn < OWN_OF_TEN ? type : other(type, drawn - OWN_OF_TEN);
            items.add(item(each + 1L, sides(one, random)));
        }
        return items;
    }

    private static int other(int type, int which) {
        int other = which + 1;
        return other < type ? other : other % TYPES + 1;
    }

    private static int[] sides(int type, Random random) {
        int half = SIDE / 2;
        int long1 = between(random, 2 * SIDE / 3, SIDE);
        int long2 = between(random, 2 * SIDE / 3, SIDE);
        int short1 = between(random, 1, half);
        return switch (type) {
            case 1 -> new int[] {short1, long1, long2};
            case 2 -> new int[] {long1, short1, long2};
            case 3 -> new int[] {long1, long2, short1};
            case 4 -> new int[] {between(random, half, SIDE), between(random, half, SIDE), between(random, half, SIDE)};
            default -> new int[] {between(random, 1, half), between(random, 1, half), between(random, 1, half)};
        };
    }

    private static int between(Random random, int minimum, int most) {
        return minimum + random.nextInt(most - minimum + 1);
    }

    private static PackItem item(long key, int[] sides) {
        return new PackItem(
                key,
                "box " + key,
                1,
                Optional.of(Weight.of("1", WeightUnit.POUND)),
                Optional.of(Size.of(
                        String.valueOf(sides[0]),
                        String.valueOf(sides[1]),
                        String.valueOf(sides[2]),
                        LengthUnit.MILLIMETER)),
                Handling.ANY,
                List.of());
    }

    /** The one carton: each costs the same, so that the fewest are the cheapest. */
    public static CartonType carton() {
        Size cube = Size.of("100", "100", "100", LengthUnit.MILLIMETER);
        return new CartonType(
                "CUBE",
                "Cube",
                CartonKind.CARTON,
                cube,
                cube,
                Weight.ZERO,
                Weight.of("20000", WeightUnit.KILOGRAM),
                Weight.ZERO,
                Weight.ZERO,
                Money.of(CurrencyUnit.USD, 1),
                Optional.empty(),
                false,
                new CartonType.Supply(Optional.empty(), Set.of()));
    }
}
