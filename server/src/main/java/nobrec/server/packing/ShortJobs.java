package nobrec.server.packing;

import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import nobrec.core.shipment.HandPacking;
import nobrec.core.shipment.Jobs;
import nobrec.core.shipment.Shipment;
import nobrec.core.shipment.ShipmentState;
import nobrec.core.workorder.ShortChoice;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.shipment.ShipmentStore;
import nobrec.server.shipment.Shipments;
import nobrec.server.workorder.WorkOrders;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Decides what a job does of which pieces are missing; a shipment of it that is open follows. */
@Service
public class ShortJobs {

    private final WorkOrders workOrders;
    private final Shipments shipments;
    private final ShipmentStore store;
    private final Packers packers;

    ShortJobs(WorkOrders workOrders, Shipments shipments, ShipmentStore store, Packers packers) {
        this.workOrders = workOrders;
        this.shipments = shipments;
        this.store = store;
        this.packers = packers;
    }

    /** A shipment of it is locked before the job, as everywhere. */
    @Transactional
    public void decide(String job, ShortChoice choice, String signIn) {
        shipments.openOf(workOrders.byNumber(job)).ifPresent(shipments::locked);
        WorkOrder decided = workOrders.decideWhenShort(job, choice, signIn);
        Optional<Shipment> open = shipments.there(decided).filter(shipment -> shipment.state() == ShipmentState.OPEN);
        if (choice == ShortChoice.SHIP_READY && open.isPresent()) {
            leaveBehindWhatIsMissing(open.get(), decided);
        }
    }

    /** Where nothing of it is ready it stays as it is: the check says so. */
    private void leaveBehindWhatIsMissing(Shipment open, WorkOrder job) {
        Shipment shipment = shipments.locked(open.id());
        Jobs jobs = shipments.jobs(shipment);
        Map<Long, Integer> missing = new TreeMap<>();
        for (WorkOrder.Line line : job.lines()) {
            int more = shipment.quantityOf(line.id()) - line.quantityReadyToGo();
            if (more > 0) {
                missing.put(line.id(), more);
            }
        }
        int pieces = missing.values().stream().mapToInt(Integer::intValue).sum();
        if (pieces > 0 && pieces < shipment.pieces()) {
            HandPacking hands = new HandPacking(packers.of(shipment, jobs));
            Shipment narrower = shipment;
            for (Map.Entry<Long, Integer> each : missing.entrySet()) {
                narrower = hands.leaveBehind(narrower, each.getKey(), each.getValue());
            }
            store.keep(shipment, narrower);
        }
    }
}
