package nobrec.server.shipment;

import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import nobrec.core.measure.Weight;
import nobrec.core.packing.PackItem;
import nobrec.core.rating.FreightClass;
import nobrec.core.rating.GoodsClass;
import nobrec.core.rating.ShipmentToRate.GoodsOfClass;
import nobrec.server.workorder.WorkOrder;

/**
 * The work orders of a shipment.
 *
 * @param leading the one it was opened for
 * @param all with the leading one first
 */
record Jobs(WorkOrder leading, List<WorkOrder> all) {

    WorkOrder.Line line(long id) {
        return orderOf(id).lines().stream()
                .filter(line -> line.id() == id)
                .findFirst()
                .orElseThrow();
    }

    WorkOrder orderOf(long lineId) {
        return all.stream()
                .filter(job -> job.lines().stream().anyMatch(line -> line.id() == lineId))
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("Line " + lineId + " is of none of these work orders."));
    }

    /** All numbers as people say them: {@code 2417}, {@code 2417 and 2431}. */
    String numbers() {
        return all.stream().map(WorkOrder::number).collect(Collectors.joining(" and "));
    }

    List<PackItem> items(List<Shipment.Content> contents) {
        return contents.stream()
                .map(content -> {
                    PackItem item = line(content.workOrderLineId()).asPackItem(content.quantity());
                    return new PackItem(
                            item.key(),
                            item.description(),
                            content.quantity(),
                            item.unitWeight(),
                            item.unitSize(),
                            item.handling(),
                            content.lots());
                })
                .toList();
    }

    Set<GoodsClass> goods(Shipment shipment) {
        return shipment.lines().stream()
                .flatMap(line -> line(line.workOrderLineId()).goods().goodsClass().stream())
                .collect(Collectors.toSet());
    }

    /** The earliest that was promised. */
    Optional<LocalDate> promiseDate() {
        return all().stream().flatMap(each -> each.promiseDate().stream()).min(LocalDate::compareTo);
    }

    long valueCents(List<Shipment.Content> contents) {
        return contents.stream()
                .mapToLong(content -> content.quantity()
                        * line(content.workOrderLineId())
                                .goods()
                                .unitValueCents()
                                .orElse(0L))
                .sum();
    }

    long valueCents(Shipment shipment) {
        return shipment.lines().stream()
                .mapToLong(line -> line.quantity()
                        * line(line.workOrderLineId()).goods().unitValueCents().orElse(0L))
                .sum();
    }

    /**
     * What is in a package by the freight class of its lines. Where a weight is not known, nothing can be shared out: then the
     * highest class counts for all, if every line gives one.
     */
    List<GoodsOfClass> goodsByClass(List<Shipment.Content> contents) {
        Map<Optional<FreightClass>, Weight> byClass = new LinkedHashMap<>();
        boolean weighed = true;
        for (Shipment.Content content : contents) {
            WorkOrder.Line line = line(content.workOrderLineId());
            weighed &= line.unitWeight().isPresent();
            byClass.merge(
                    line.goods().freightClass(),
                    line.unitWeight().orElse(Weight.ZERO).times(content.quantity()),
                    Weight::plus);
        }
        if (weighed) {
            return byClass.entrySet().stream()
                    .filter(each -> !each.getValue().isZero())
                    .map(each -> new GoodsOfClass(each.getKey(), each.getValue()))
                    .toList();
        }
        return byClass.keySet().stream().allMatch(Optional::isPresent)
                ? byClass.keySet().stream()
                        .flatMap(Optional::stream)
                        .max(FreightClass::compareTo)
                        .map(highest -> List.of(new GoodsOfClass(Optional.of(highest), new Weight(1))))
                        .orElse(List.of())
                : List.of();
    }

    /** The same for all that a shipment takes. */
    List<GoodsOfClass> goodsByClass(Shipment shipment) {
        return goodsByClass(shipment.lines().stream()
                .map(line -> new Shipment.Content(line.workOrderLineId(), line.quantity(), List.of()))
                .toList());
    }
}
