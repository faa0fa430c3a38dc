package nobrec.core.packing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import nobrec.core.item.Handling;
import nobrec.core.item.PackItem;
import nobrec.core.measure.Length;
import nobrec.core.measure.Size;

/** Zero-waste instances: a box cut at random by full cuts fits again into one such box. */
public final class CutUpBox {

    private CutUpBox() {}

    /** A box of 40 x 30 x 25 in cut into so many pieces. */
    public static List<PackItem> pieces(int count, int seed) {
        Random random = new Random(seed);
        List<int[]> parts = new ArrayList<>(List.of(new int[] {400, 300, 250}));
        while (parts.size() < count) {
            int which = random.nextInt(parts.size());
            int axis = random.nextInt(3);
            int[] part = parts.get(which);
            if (part[axis] >= 40) {
                int at = 20 + random.nextInt(part[axis] - 39);
                int[] one = part.clone();
                int[] other = part.clone();
                one[axis] = at;
                other[axis] -= at;
                parts.set(which, one);
                parts.add(other);
            }
        }
        List<PackItem> items = new ArrayList<>();
        for (int[] part : parts) {
            Length tenth = new Length(2_540_000);
            items.add(new PackItem(
                    items.size() + 1L,
                    "Part",
                    1,
                    Optional.of(DemoStock.weight("1")),
                    Optional.of(new Size(tenth.times(part[0]), tenth.times(part[1]), tenth.times(part[2]))),
                    Handling.ANY,
                    List.of()));
        }
        return items;
    }
}
