package nobrec.core.readiness;

import java.util.List;
import nobrec.core.shipment.Jobs;
import nobrec.core.shipment.Shipment;
import nobrec.core.workorder.WorkOrder;

/**
 * What of a shipment is not ready.
 *
 * @param notReady lines of which more pieces go in it than are ready, in words: {@code 4 of 6 SK-2}
 * @param waiting short lines of jobs that are to wait until all is ready, in words
 */
public record MissingPieces(List<String> notReady, List<String> waiting) {

    public static final MissingPieces NONE = new MissingPieces(List.of(), List.of());

    public static MissingPieces of(Shipment shipment, Jobs jobs) {
        return new MissingPieces(
                shipment.lines().stream()
                        .filter(going -> going.quantity()
                                > jobs.line(going.workOrderLineId()).quantityReadyToGo())
                        .map(going -> jobs.line(going.workOrderLineId()).readyOfOrdered())
                        .toList(),
                jobs.all().stream()
                        .filter(WorkOrder::waitsForTheRest)
                        .flatMap(job -> job.shortLines().stream())
                        .toList());
    }
}
