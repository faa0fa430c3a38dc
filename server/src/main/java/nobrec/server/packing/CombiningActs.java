package nobrec.server.packing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import nobrec.core.refusal.Refusal;
import nobrec.core.shipment.Combining;
import nobrec.core.shipment.HandPacking;
import nobrec.core.shipment.Jobs;
import nobrec.core.shipment.Shipment;
import nobrec.core.shipment.ShipmentState;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.audit.AuditLog;
import nobrec.server.shipment.ShipmentStore;
import nobrec.server.shipment.Shipments;
import nobrec.server.workorder.WorkOrders;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Several work orders to one place in one shipment. */
@Service
@Transactional
public class CombiningActs {

    private final Shipments shipments;
    private final ShipmentStore store;
    private final Packers packers;
    private final WorkOrders workOrders;
    private final AuditLog auditLog;

    CombiningActs(Shipments shipments, ShipmentStore store, Packers packers, WorkOrders workOrders, AuditLog auditLog) {
        this.shipments = shipments;
        this.store = store;
        this.packers = packers;
        this.workOrders = workOrders;
        this.auditLog = auditLog;
    }

    /**
     * Another work order to the same place goes in this shipment too. Locks are taken in one order everywhere: shipments by
     * their ids, then work orders; so the other job's own shipment is looked up first, and again once everything is locked.
     */
    public void addJob(long shipmentId, String number, String signIn) {
        long otherId = workOrders.idOf(number);
        Optional<Long> own = ownShipment(otherId, shipmentId);
        Stream.concat(Stream.of(shipmentId), own.stream()).sorted().forEach(shipments::locked);
        WorkOrder other = workOrders.locked(otherId);
        Shipment shipment = shipments.byId(shipmentId);
        shipment.requireOpen();
        Combining.require(shipments.jobs(shipment), other);
        if (!ownShipment(otherId, shipmentId).equals(own)) {
            throw Refusal.conflict(
                    "Job " + number, "Somebody opened it at the same moment.", "Look at it, then add it again.");
        }
        own.ifPresent(id -> giveUp(shipments.byId(id), other));
        WorkOrder now = workOrders.byId(otherId);
        if (!now.hasPiecesToTake()) {
            throw Refusal.conflict("Job " + number, "All of it has left.", "Choose another job.");
        }
        putIn(shipment, now);
        log(signIn, "put a job into a shipment", shipmentId, number);
    }

    private Optional<Long> ownShipment(long workOrderId, long shipmentId) {
        return shipments.openOf(workOrders.byId(workOrderId)).filter(id -> id != shipmentId);
    }

    private void putIn(Shipment shipment, WorkOrder job) {
        List<Shipment.Line> lines = new ArrayList<>(shipment.lines());
        List<Shipment.Line> more =
                Opening.linesTo(shipments.jobs(shipment).leading().shipTo(), job);
        if (more.isEmpty()) {
            throw Refusal.unusable(
                    "Job " + job.number(), "Nothing that is left of it goes to this place.", "Ship it for itself.");
        }
        lines.addAll(more);
        Shipment wider = shipment.going(lines);
        workOrders.putOnBench(job.id());
        store.keep(shipment, packers.of(wider, shipments.jobs(wider)).planned(wider));
    }

    /** The other job's own shipment, of nothing but that job and not yet on its way. */
    private void giveUp(Shipment own, WorkOrder other) {
        boolean alone = shipments.jobs(own).all().size() == 1 && own.workOrderId() == other.id();
        if (own.state() != ShipmentState.OPEN || !alone) {
            throw Refusal.conflict(
                    "Job " + other.number(),
                    alone ? "It is being shipped just now." : "It goes together with another job already.",
                    "Take it out there first.");
        }
        store.delete(own);
    }

    /** A job that was put in goes for itself again. */
    public void takeOutJob(long shipmentId, String number, String signIn) {
        Shipment shipment = shipments.locked(shipmentId);
        shipment.requireOpen();
        Jobs jobs = shipments.jobs(shipment);
        WorkOrder out = jobs.all().stream()
                .skip(1)
                .filter(job -> job.number().equals(number))
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("Job " + number, "It is none of those that were added here."));
        store.keep(shipment, new HandPacking(packers.of(shipment, jobs)).takeOut(shipment, out));
        workOrders.takeOffBench(out.id());
        log(signIn, "took a job out of a shipment", shipmentId, number);
    }

    private void log(String signIn, String act, long shipmentId, String detail) {
        auditLog.write(signIn, act, "Shipment " + shipmentId, detail);
    }
}
