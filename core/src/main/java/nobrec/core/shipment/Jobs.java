package nobrec.core.shipment;

import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import nobrec.core.address.PlaceKey;
import nobrec.core.address.PostalAddress;
import nobrec.core.item.FreightClass;
import nobrec.core.item.GoodsClass;
import nobrec.core.item.PackItem;
import nobrec.core.measure.Weight;
import nobrec.core.service.ShipmentToRate.GoodsOfClass;
import nobrec.core.workorder.WorkOrder;

/**
 * The work orders of a shipment.
 *
 * @param leading the one it was opened for
 * @param all with the leading one first
 */
public record Jobs(WorkOrder leading, List<WorkOrder> all) {

    public WorkOrder.Line line(long id) {
        return orderOf(id).lines().stream()
                .filter(line -> line.id() == id)
                .findFirst()
                .orElseThrow();
    }

    public WorkOrder orderOf(long lineId) {
        return all.stream()
                .filter(job -> job.lines().stream().anyMatch(line -> line.id() == lineId))
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("Line " + lineId + " is of none of these work orders."));
    }

    /** Where a line goes that does not go where the shipment goes. */
    public Optional<PostalAddress> elsewhere(WorkOrder.Line line) {
        PostalAddress to = orderOf(line.id()).shipToOf(line);
        return PlaceKey.of(to).equals(PlaceKey.of(leading.shipTo())) ? Optional.empty() : Optional.of(to);
    }

    /** All numbers as people say them: {@code 2417}, {@code 2417 and 2431}. */
    public String numbers() {
        return all.stream().map(WorkOrder::number).collect(Collectors.joining(" and "));
    }

    public List<PackItem> items(List<Shipment.Content> contents) {
        return contents.stream()
                .map(content -> line(content.workOrderLineId())
                        .asPackItem(content.quantity())
                        .ofLots(content.lots()))
                .toList();
    }

    public Set<GoodsClass> goods(Shipment shipment) {
        return shipment.lines().stream()
                .flatMap(line -> line(line.workOrderLineId()).goods().goodsClass().stream())
                .collect(Collectors.toSet());
    }

    /** The earliest that was promised. */
    public Optional<LocalDate> promiseDate() {
        return all().stream().flatMap(each -> each.promiseDate().stream()).min(LocalDate::compareTo);
    }

    public long valueCents(List<Shipment.Content> contents) {
        return contents.stream()
                .mapToLong(content -> content.quantity()
                        * line(content.workOrderLineId())
                                .goods()
                                .unitValueCents()
                                .orElse(0L))
                .sum();
    }

    /** The same, if every line gives its value: else the sum would be too low. */
    public Optional<Long> knownValueCents(List<Shipment.Content> contents) {
        boolean known = contents.stream()
                .allMatch(content ->
                        line(content.workOrderLineId()).goods().unitValueCents().isPresent());
        return known && !contents.isEmpty() ? Optional.of(valueCents(contents)) : Optional.empty();
    }

    public long valueCents(Shipment shipment) {
        return shipment.lines().stream()
                .mapToLong(line -> line.quantity()
                        * line(line.workOrderLineId()).goods().unitValueCents().orElse(0L))
                .sum();
    }

    /**
     * What is in a package by the freight class of its lines. Where a weight is not known, nothing can be shared out: then the
     * highest class counts for all, if every line gives one.
     */
    public List<GoodsOfClass> goodsByClass(List<Shipment.Content> contents) {
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
    public List<GoodsOfClass> goodsByClass(Shipment shipment) {
        return goodsByClass(shipment.lines().stream()
                .map(line -> new Shipment.Content(line.workOrderLineId(), line.quantity(), List.of()))
                .toList());
    }
}
