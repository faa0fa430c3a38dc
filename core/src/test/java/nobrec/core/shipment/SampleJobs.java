package nobrec.core.shipment;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nobrec.core.address.PostalAddress;
import nobrec.core.charging.FreightTerms;
import nobrec.core.item.LineGoods;
import nobrec.core.item.LotShare;
import nobrec.core.item.PackItem;
import nobrec.core.workorder.Particulars;
import nobrec.core.workorder.Ruling;
import nobrec.core.workorder.WorkOrder;
import nobrec.core.workorder.WorkOrderStatus;

/** Jobs, lines and shipments for checks. */
public final class SampleJobs {

    public static final PostalAddress TO =
            new PostalAddress("Pellworth", "", "2200 Foundry Park", "", "Tucson", "AZ", "85701", "US");

    private SampleJobs() {}

    public static WorkOrder job(long id, PostalAddress to, List<WorkOrder.Line> lines) {
        return job(id, to, lines, Ruling.NONE);
    }

    public static WorkOrder job(long id, PostalAddress to, List<WorkOrder.Line> lines, Ruling ruling) {
        return new WorkOrder(
                id,
                "file",
                "24" + id,
                "Pellworth",
                "PO",
                to,
                Optional.empty(),
                "",
                "",
                Optional.empty(),
                "",
                FreightTerms.values()[0],
                "",
                Optional.empty(),
                WorkOrderStatus.READY,
                Particulars.NONE,
                List.of(),
                ruling,
                lines);
    }

    public static WorkOrder.Line line(long id, PackItem item, int quantity) {
        return new WorkOrder.Line(
                id,
                1,
                item.description(),
                item.description(),
                quantity,
                Optional.empty(),
                0,
                0,
                item.unitWeight(),
                item.unitSize(),
                item.handling(),
                List.of(new LotShare("A" + id, quantity - quantity / 2), new LotShare("B" + id, quantity / 2 + 1)),
                LineGoods.UNKNOWN,
                Map.of(),
                Optional.empty(),
                Set.of());
    }

    public static Shipment shipment(Jobs jobs) {
        List<Shipment.Line> lines = jobs.all().stream()
                .flatMap(job -> job.lines().stream())
                .map(line -> new Shipment.Line(line.id(), line.quantityOrdered()))
                .toList();
        return new Shipment(
                1,
                1,
                jobs.leading().id(),
                ShipmentState.OPEN,
                Optional.empty(),
                Set.of(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                lines,
                List.of());
    }
}
