package nobrec.core.readiness;

import java.util.List;
import nobrec.core.shipment.Jobs;
import nobrec.core.shipment.Shipment;
import nobrec.core.workorder.WorkOrder;

/**
 * What of a shipment is not ready, or does not belong in it.
 *
 * @param notReady lines of which more pieces go in it than are ready, in words: {@code 4 of 6 SK-2}
 * @param waiting short lines of jobs that are to wait until all is ready, in words
 * @param elsewhere lines in it that go to another place, in words
 */
public record MissingPieces(List<String> notReady, List<String> waiting, List<String> elsewhere) {

    public static final MissingPieces NONE = new MissingPieces(List.of(), List.of(), List.of());

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
                        .toList(),
                shipment.lines().stream()
                        .map(going -> jobs.line(going.workOrderLineId()))
                        .flatMap(line -> jobs.elsewhere(line).stream()
                                .map(to -> line.name() + " goes to " + to.name() + ", " + to.cityLine()))
                        .toList());
    }
}
