package nobrec.server.shipment;

import java.util.List;
import nobrec.core.measure.Length;
import nobrec.core.measure.Size;
import nobrec.core.measure.UnitSystem;
import nobrec.core.notation.MeasureText;
import nobrec.core.packing.CartonKind;
import nobrec.core.packing.CartonType;
import nobrec.core.packing.Placement;
import nobrec.core.packing.Placement.CartonOnPallet;
import nobrec.server.shipment.BenchView.Drawing;
import nobrec.server.shipment.BenchView.LayerView;
import nobrec.server.shipment.BenchView.PieceView;

/** Packages and their contents as lengths to draw, in thousandths of the longest side shown. */
final class PackageDrawings {

    private static final int THOUSAND = 1000;

    private PackageDrawings() {}

    static Drawing outline(Shipment.Package packed, long longest) {
        Size size = packed.size();
        return new Drawing(
                share(size.length().nanometres(), longest),
                share(size.width().nanometres(), longest),
                share(size.height().nanometres(), longest));
    }

    static List<LayerView> layers(
            Shipment.Package packed, CartonType carton, Jobs jobs, long longest, UnitSystem units) {
        return Placement.layers(packed.placements()).stream()
                .map(layer -> new LayerView(
                        MeasureText.show(layer.get(0).z(), units),
                        layer.stream()
                                .map(each -> piece(each, packed, carton, jobs, longest))
                                .toList()))
                .toList();
    }

    private static PieceView piece(
            Placement placement, Shipment.Package packed, CartonType carton, Jobs jobs, long longest) {
        Size outer = packed.size();
        Size inner = carton.inner();
        boolean pallet = carton.kind() == CartonKind.PALLET;
        long floor = pallet ? carton.outer().height().nanometres() : wall(outer.height(), inner.height());
        return new PieceView(
                placement.itemKey(),
                placement
                        .carton()
                        .map(CartonOnPallet::text)
                        .orElseGet(() -> jobs.line(placement.itemKey()).item()),
                share(placement.x().nanometres() + wall(outer.length(), inner.length()), longest),
                share(placement.y().nanometres() + wall(outer.width(), inner.width()), longest),
                share(placement.z().nanometres() + floor, longest),
                share(placement.lying().length().nanometres(), longest),
                share(placement.lying().width().nanometres(), longest),
                share(placement.lying().height().nanometres(), longest));
    }

    private static long wall(Length outer, Length inner) {
        return Math.max(0, (outer.nanometres() - inner.nanometres()) / 2);
    }

    private static int share(long side, long longest) {
        return Math.toIntExact(Math.multiplyExact(side, THOUSAND) / longest);
    }
}
