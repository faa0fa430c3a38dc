package nobrec.server.shipment;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import nobrec.core.packing.PackItem;
import nobrec.core.rating.FreightClass;
import nobrec.core.rating.GoodsClass;
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

    /** The highest class given for what is in a package; empty unless all of it has one. */
    Optional<FreightClass> freightClass(List<Shipment.Content> contents) {
        List<Optional<FreightClass>> classes = contents.stream()
                .map(content -> line(content.workOrderLineId()).goods().freightClass())
                .toList();
        return classes.stream().allMatch(Optional::isPresent)
                ? classes.stream().flatMap(Optional::stream).max(FreightClass::compareTo)
                : Optional.empty();
    }
}
