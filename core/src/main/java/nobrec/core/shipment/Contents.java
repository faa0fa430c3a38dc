package nobrec.core.shipment;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import nobrec.core.item.LotShare;
import nobrec.core.measure.Weight;
import nobrec.core.workorder.WorkOrder;

/** What is in a package, line by line, with the lots of the pieces: a lot goes where its pieces go. */
final class Contents {

    private Contents() {}

    /**
     * With so many pieces of a line more, or fewer where {@code more} is negative.
     *
     * @param lots of the pieces that are added
     */
    static List<Shipment.Content> changed(List<Shipment.Content> contents, long lineId, int more, List<LotShare> lots) {
        Map<Long, Shipment.Content> byLine = new TreeMap<>();
        contents.forEach(content -> byLine.put(content.workOrderLineId(), content));
        Shipment.Content before = byLine.getOrDefault(lineId, new Shipment.Content(lineId, 0, List.of()));
        int quantity = before.quantity() + more;
        if (quantity == 0) {
            byLine.remove(lineId);
        } else {
            List<LotShare> kept = more < 0 ? LotShare.take(before.lots(), 0, quantity) : joined(before.lots(), lots);
            byLine.put(lineId, new Shipment.Content(lineId, quantity, kept));
        }
        return List.copyOf(byLine.values());
    }

    private static List<LotShare> joined(List<LotShare> some, List<LotShare> others) {
        Map<String, Integer> sum = new TreeMap<>();
        some.forEach(lot -> sum.merge(lot.lot(), lot.quantity(), Integer::sum));
        others.forEach(lot -> sum.merge(lot.lot(), lot.quantity(), Integer::sum));
        return shares(sum);
    }

    private static List<LotShare> shares(Map<String, Integer> quantities) {
        return quantities.entrySet().stream()
                .filter(each -> each.getValue() > 0)
                .map(each -> new LotShare(each.getKey(), each.getValue()))
                .toList();
    }

    /** Lots of the last so many pieces of a line in a package. */
    static List<LotShare> lastLots(Shipment.Package packed, long lineId, int pieces) {
        List<LotShare> all = lotsOf(packed, lineId);
        int covered = all.stream().mapToInt(LotShare::quantity).sum();
        return LotShare.take(all, Math.max(0, covered - pieces), pieces);
    }

    private static List<LotShare> lotsOf(Shipment.Package packed, long lineId) {
        return packed.contents().stream()
                .filter(content -> content.workOrderLineId() == lineId)
                .flatMap(content -> content.lots().stream())
                .toList();
    }

    /** Lots for so many pieces of a line, of those that no package has yet. */
    static List<LotShare> freeLots(Shipment shipment, Jobs jobs, long lineId, int pieces) {
        WorkOrder.Line line = jobs.line(lineId);
        Map<String, Integer> left = new TreeMap<>();
        LotShare.take(line.lots(), line.quantityShipped(), shipment.quantityOf(lineId))
                .forEach(lot -> left.merge(lot.lot(), lot.quantity(), Integer::sum));
        shipment.packages()
                .forEach(each ->
                        lotsOf(each, lineId).forEach(lot -> left.merge(lot.lot(), -lot.quantity(), Integer::sum)));
        return LotShare.take(shares(left), 0, pieces);
    }

    /** What contents and carton should weigh; empty where the weight of a piece is not known. */
    static Optional<Weight> expectedWeight(List<Shipment.Content> contents, Weight tare, Jobs jobs) {
        Weight sum = tare;
        for (Shipment.Content content : contents) {
            Optional<Weight> unit = jobs.line(content.workOrderLineId()).unitWeight();
            if (unit.isEmpty()) {
                return Optional.empty();
            }
            sum = sum.plus(unit.get().times(content.quantity()));
        }
        return Optional.of(sum);
    }
}
