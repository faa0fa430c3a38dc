package nobrec.core.shipment;

import java.util.List;
import nobrec.core.carton.CartonKind;
import nobrec.core.carton.CartonType;
import nobrec.core.carton.Placement;
import nobrec.core.carton.Placement.CartonOnPallet;
import nobrec.core.measure.Length;
import nobrec.core.measure.Size;

/**
 * A package and where each piece lies in it, in thousandths of a longest side, so that several packages are drawn to one scale.
 *
 * @param layers from the floor up
 */
public record PackageDrawing(Box outline, List<Layer> layers) {

    private static final int THOUSAND = 1000;

    /** Sides of a box. */
    public record Box(int length, int width, int height) {}

    /** Pieces that stand on one height. */
    public record Layer(Length height, List<Piece> pieces) {}

    /**
     * @param lineId of the work order's line
     * @param name of the item, or of the carton on a pallet
     */
    public record Piece(long lineId, String name, int x, int y, int z, Box lying) {}

    /** @param longest side that is drawn a thousand long */
    public static PackageDrawing of(Shipment.Package packed, CartonType carton, Jobs jobs, Length longest) {
        return new PackageDrawing(
                box(packed.size(), longest),
                Placement.layers(packed.placements()).stream()
                        .map(layer -> new Layer(
                                layer.get(0).z(),
                                layer.stream()
                                        .map(each -> piece(each, packed, carton, jobs, longest))
                                        .toList()))
                        .toList());
    }

    private static Piece piece(
            Placement placement, Shipment.Package packed, CartonType carton, Jobs jobs, Length longest) {
        Size outer = packed.size();
        Size inner = carton.inner();
        long floor = carton.kind() == CartonKind.PALLET
                ? carton.outer().height().nanometers()
                : wall(outer.height(), inner.height());
        return new Piece(
                placement.itemKey(),
                placement
                        .carton()
                        .map(CartonOnPallet::text)
                        .orElseGet(() -> jobs.line(placement.itemKey()).item()),
                share(placement.x().nanometers() + wall(outer.length(), inner.length()), longest),
                share(placement.y().nanometers() + wall(outer.width(), inner.width()), longest),
                share(placement.z().nanometers() + floor, longest),
                box(placement.lying(), longest));
    }

    private static Box box(Size size, Length longest) {
        return new Box(
                share(size.length().nanometers(), longest),
                share(size.width().nanometers(), longest),
                share(size.height().nanometers(), longest));
    }

    private static long wall(Length outer, Length inner) {
        return Math.max(0, (outer.nanometers() - inner.nanometers()) / 2);
    }

    private static int share(long side, Length longest) {
        return Math.toIntExact(Math.multiplyExact(side, THOUSAND) / longest.nanometers());
    }
}
