package nobrec.server.bench;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import nobrec.core.carton.CartonType;
import nobrec.core.measure.Length;
import nobrec.core.measure.UnitSystem;
import nobrec.core.measure.Weight;
import nobrec.core.shipment.ContentsCount;
import nobrec.core.shipment.Jobs;
import nobrec.core.shipment.LearnedWeight;
import nobrec.core.shipment.PackageDrawing;
import nobrec.core.shipment.Shipment;
import nobrec.core.shipment.ShipmentState;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.api.figure.LengthFigure;
import nobrec.server.api.figure.SizeFigure;
import nobrec.server.api.figure.WeightFigure;
import nobrec.server.bench.BenchView.ContentView;
import nobrec.server.bench.BenchView.Drawing;
import nobrec.server.bench.BenchView.LayerView;
import nobrec.server.bench.BenchView.PackageView;
import nobrec.server.bench.BenchView.PieceView;
import nobrec.server.carton.CartonTypes;
import nobrec.server.platform.LotText;
import nobrec.server.platform.NobrecSettings;
import org.springframework.stereotype.Component;

/** The packages of a shipment as the bench shows them: each with its drawing, contents and weight. */
@Component
class PackageViews {

    private final CartonTypes cartonTypes;
    private final LearnedWeights learnedWeights;
    private final UnitSystem units;

    PackageViews(CartonTypes cartonTypes, LearnedWeights learnedWeights, NobrecSettings settings) {
        this.cartonTypes = cartonTypes;
        this.learnedWeights = learnedWeights;
        this.units = settings.units();
    }

    List<PackageView> of(Shipment shipment, Jobs jobs, ContentsCount count) {
        Map<String, CartonType> cartons =
                cartonTypes.all().stream().collect(Collectors.toMap(CartonType::code, Function.identity()));
        Map<Integer, LearnedWeight> learned =
                shipment.state() == ShipmentState.OPEN ? learnedWeights.of(shipment, jobs) : Map.of();
        Length longest = shipment.packages().stream()
                .map(each -> each.size().longest())
                .max(Length::compareTo)
                .orElse(new Length(1));
        return shipment.packages().stream()
                .map(packed -> packageView(
                        packed,
                        jobs,
                        count,
                        Objects.requireNonNull(cartons.get(packed.cartonCode())),
                        longest,
                        Optional.ofNullable(learned.get(packed.number()))))
                .toList();
    }

    private PackageView packageView(
            Shipment.Package packed,
            Jobs jobs,
            ContentsCount count,
            CartonType carton,
            Length longest,
            Optional<LearnedWeight> learned) {
        PackageDrawing drawing = PackageDrawing.of(packed, carton, jobs, longest);
        return new PackageView(
                packed.number(),
                packed.cartonCode(),
                carton.name(),
                packed.cartonReason(),
                SizeFigure.of(packed.size(), units),
                new Drawing(
                        drawing.outline().length(),
                        drawing.outline().width(),
                        drawing.outline().height()),
                packed.weight().map(this::figure),
                packed.weightSource(),
                packed.expectedWeight().map(this::figure),
                learned.map(each -> new BenchView.ItemWeightView(each.item(), figure(each.weight()), each.reason())),
                packed.trackingNumber(),
                packed.placedByHand(),
                packed.contents().stream()
                        .map(content ->
                                content(content, jobs.line(content.workOrderLineId()), count.of(packed, content)))
                        .toList(),
                drawing.layers().stream().map(this::layer).toList());
    }

    private LayerView layer(PackageDrawing.Layer layer) {
        return new LayerView(
                LengthFigure.of(layer.height(), units),
                layer.pieces().stream().map(PackageViews::piece).toList());
    }

    private static PieceView piece(PackageDrawing.Piece piece) {
        return new PieceView(
                piece.lineId(),
                piece.name(),
                piece.x(),
                piece.y(),
                piece.z(),
                piece.lying().length(),
                piece.lying().width(),
                piece.lying().height());
    }

    private static ContentView content(Shipment.Content content, WorkOrder.Line line, int scanned) {
        return new ContentView(
                line.id(), line.item(), line.description(), content.quantity(), LotText.say(content.lots()), scanned);
    }

    private WeightFigure figure(Weight weight) {
        return WeightFigure.of(weight, units);
    }
}
