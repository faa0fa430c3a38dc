package nobrec.server.shipment;

import java.util.List;
import java.util.Optional;
import nobrec.core.measure.Length;
import nobrec.core.measure.Size;
import nobrec.core.measure.Weight;
import nobrec.core.shipment.Shipment;
import nobrec.server.platform.LotText;
import org.jspecify.annotations.Nullable;

/** A row of table package. */
record PackageRow(
        long id,
        int number,
        String cartonCode,
        String cartonReason,
        Length length,
        Length width,
        Length height,
        @Nullable Weight expectedWeight,
        @Nullable Weight weight,
        Shipment.@Nullable WeightSource weightSource,
        @Nullable String trackingNumber,
        boolean placedByHand) {

    Shipment.Package holding(List<ContentRow> contents, List<PlacementRow> placements) {
        return new Shipment.Package(
                id,
                number,
                cartonCode,
                cartonReason,
                new Size(length, width, height),
                Optional.ofNullable(expectedWeight),
                Optional.ofNullable(weight),
                Optional.ofNullable(weightSource),
                Optional.ofNullable(trackingNumber),
                placedByHand,
                contents.stream()
                        .map(row ->
                                new Shipment.Content(row.workOrderLineId(), row.quantity(), LotText.read(row.lots())))
                        .toList(),
                placements.stream().map(PlacementRow::placement).toList());
    }
}
