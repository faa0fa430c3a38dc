package nobrec.core.shipment;

import java.util.List;
import nobrec.core.refusal.Refusal;

/**
 * One package taken out of a shipment that has gone: the rest stays as it left, the package stands on the bench again.
 *
 * @param rest the same shipment without it; the others keep their numbers, which stand on their labels
 * @param taken the package
 * @param leading the work order that the package's own shipment is opened for
 */
public record PackageSplit(Shipment rest, Shipment.Package taken, long leading) {

    /**
     * @param jobs of the shipment
     * @throws Refusal where it cannot be taken out alone
     */
    public static PackageSplit of(Shipment shipment, Jobs jobs, int number) {
        Shipment.Package taken = shipment.packageNumbered(number);
        if (shipment.packages().size() == 1) {
            throw Refusal.conflict(
                    "Package " + number, "It is all that goes with this shipment.", "Void the shipment.");
        }
        List<Shipment.Line> stay = shipment.lines().stream()
                .map(line -> new Shipment.Line(
                        line.workOrderLineId(), line.quantity() - taken.piecesOf(line.workOrderLineId())))
                .filter(line -> line.quantity() > 0)
                .toList();
        long opener = shipment.workOrderId();
        if (stay.stream().noneMatch(line -> isOf(line.workOrderLineId(), opener, jobs))) {
            throw Refusal.conflict(
                    "Package " + number,
                    "It holds all that goes of job " + jobs.leading().number()
                            + ", on whose invoice the freight stands.",
                    "Void the shipment, and ship the others again.");
        }
        Shipment rest = shipment.going(stay)
                .holding(shipment.packages().stream()
                        .filter(each -> each.number() != number)
                        .toList());
        return new PackageSplit(rest, taken, leading(taken, opener, jobs));
    }

    private static long leading(Shipment.Package taken, long opener, Jobs jobs) {
        List<Long> lines =
                taken.contents().stream().map(Shipment.Content::workOrderLineId).toList();
        return lines.isEmpty() || lines.stream().anyMatch(line -> isOf(line, opener, jobs))
                ? opener
                : jobs.orderOf(lines.get(0)).id();
    }

    private static boolean isOf(long line, long workOrder, Jobs jobs) {
        return jobs.orderOf(line).id() == workOrder;
    }

    /** The shipment that it was, as if it had held this package only. */
    public Shipment alone(Shipment shipment) {
        return shipment.going(lines()).holding(List.of(taken));
    }

    /** What is in the package, by line. */
    public List<Shipment.Line> lines() {
        return taken.contents().stream()
                .map(Shipment.Content::workOrderLineId)
                .distinct()
                .map(line -> new Shipment.Line(line, taken.piecesOf(line)))
                .toList();
    }
}
