package nobrec.core.packing;

import com.github.skjolber.packing.api.Box;
import com.github.skjolber.packing.api.Container;
import com.github.skjolber.packing.api.ContainerItem;
import com.github.skjolber.packing.api.PackagerResult;
import com.github.skjolber.packing.api.StackableItem;
import com.github.skjolber.packing.packer.plain.PlainPackager;
import java.util.Comparator;
import java.util.List;
import nobrec.core.carton.CartonType;
import nobrec.core.item.PackItem;
import nobrec.core.measure.Length;
import nobrec.core.measure.LengthUnit;
import nobrec.core.measure.Size;
import nobrec.core.measure.Weight;
import nobrec.core.measure.WeightUnit;

/**
 * A general 3D packing library from the registry, to compare with: 3d-bin-container-packing 3.0.9, its plain packager, which
 * takes the containers in the order given; given smallest first. It counts in whole tenths of a millimeter and grams: pieces
 * are rounded down and boxes up, to its advantage.
 */
public final class PackingLibrary {

    private static final PlainPackager PACKAGER = PlainPackager.newBuilder().build();
    private static final int MAX = 400;

    private PackingLibrary() {}

    /** Into how many cartons it packs everything; zero when it finds no way. */
    public static int cartons(List<PackItem> items, List<CartonType> cartons) {
        return pack(boxes(items), containers(cartons)).size();
    }

    public static PackagerResult pack(List<StackableItem> boxes, List<ContainerItem> containers) {
        return PACKAGER.newResultBuilder()
                .withContainers(containers)
                .withStackables(boxes)
                .withMaxContainerCount(MAX)
                .build();
    }

    public static List<StackableItem> boxes(List<PackItem> items) {
        return items.stream()
                .map(item -> {
                    Size size = item.unitSize().orElseThrow();
                    Box.Builder box = Box.newBuilder()
                            .withId(String.valueOf(item.key()))
                            .withSize(down(size.length()), down(size.width()), down(size.height()))
                            .withWeight(item.unitWeight()
                                    .orElseThrow()
                                    .in(WeightUnit.GRAM, 0)
                                    .intValue());
                    Box made = item.handling().thisSideUp()
                            ? box.withRotate2D().build()
                            : box.withRotate3D().build();
                    return new StackableItem(made, item.quantity());
                })
                .toList();
    }

    public static List<ContainerItem> containers(List<CartonType> cartons) {
        return ContainerItem.newListBuilder()
                .withContainers(
                        cartons.stream()
                                .sorted(Comparator.comparing(
                                        carton -> carton.inner().volumeOfWholeUnits(LengthUnit.MILLIMETER)))
                                .map(PackingLibrary::container)
                                .toList(),
                        MAX)
                .build();
    }

    private static Container container(CartonType carton) {
        Size inner = carton.inner();
        int x = up(inner.length());
        int y = up(inner.width());
        int z = up(inner.height());
        Weight limit = carton.maximumContents();
        return Container.newBuilder()
                .withId(carton.code())
                .withSize(x, y, z)
                .withLoadSize(x, y, z)
                .withEmptyWeight(0)
                .withMaxLoadWeight(limit.in(WeightUnit.GRAM, 0).intValue() + 1)
                .build();
    }

    private static int down(Length side) {
        return (int) (side.nanometers() / 100_000);
    }

    private static int up(Length side) {
        return (int) ((side.nanometers() + 99_999) / 100_000);
    }
}
