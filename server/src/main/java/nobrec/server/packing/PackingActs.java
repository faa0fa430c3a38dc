package nobrec.server.packing;

import java.util.function.BiFunction;
import nobrec.core.address.PlaceKey;
import nobrec.core.refusal.Refusal;
import nobrec.core.shipment.HandPacking;
import nobrec.core.shipment.Jobs;
import nobrec.core.shipment.SamePacking;
import nobrec.core.shipment.Shipment;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.audit.AuditLog;
import nobrec.server.carton.CartonTypes;
import nobrec.server.shipment.ShipmentStore;
import nobrec.server.shipment.Shipments;
import nobrec.server.workorder.WorkOrders;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Packing by hand, each act in a transaction of its own; what it comes to is decided by {@link HandPacking}. */
@Service
@Transactional
public class PackingActs {

    private final Shipments shipments;
    private final ShipmentStore store;
    private final Packers packers;
    private final WorkOrders workOrders;
    private final CartonTypes cartonTypes;
    private final BenchUndo undo;
    private final AuditLog auditLog;

    PackingActs(
            Shipments shipments,
            ShipmentStore store,
            Packers packers,
            WorkOrders workOrders,
            CartonTypes cartonTypes,
            BenchUndo undo,
            AuditLog auditLog) {
        this.undo = undo;
        this.shipments = shipments;
        this.store = store;
        this.packers = packers;
        this.workOrders = workOrders;
        this.cartonTypes = cartonTypes;
        this.auditLog = auditLog;
    }

    /** Another carton for a package. */
    public void changeCarton(long shipmentId, int number, String cartonCode, String signIn) {
        undoable(
                shipmentId,
                "changed the carton of package " + number,
                signIn,
                (hands, shipment) -> hands.changeCarton(shipment, number, cartonCode));
        log(signIn, "changed a carton", shipmentId, "package " + number + ": " + cartonCode);
    }

    /**
     * Moves pieces of a line.
     *
     * @param from package number, or {@link HandPacking#NO_PACKAGE}
     * @param to package number, or {@link HandPacking#NO_PACKAGE}
     */
    public void move(long shipmentId, long lineId, int quantity, int from, int to, String signIn) {
        Jobs jobs = undoable(
                shipmentId,
                "moved pieces",
                signIn,
                (hands, shipment) -> hands.move(shipment, lineId, quantity, from, to));
        log(
                signIn,
                "moved pieces",
                shipmentId,
                quantity + " × " + jobs.line(lineId).item() + ", package " + from + " to " + to);
    }

    /** A new empty package. */
    public void add(long shipmentId, String cartonCode, String signIn) {
        undoable(shipmentId, "added a package", signIn, (hands, shipment) -> hands.add(shipment, cartonCode));
        log(signIn, "added a package", shipmentId, cartonCode);
    }

    /** The same package once more. */
    public void repeat(long shipmentId, int number, String signIn) {
        undoable(
                shipmentId,
                "duplicated package " + number,
                signIn,
                (hands, shipment) -> hands.repeat(shipment, number));
        log(signIn, "repeated a package", shipmentId, "package " + number);
    }

    /** Everything of one package into another. */
    public void merge(long shipmentId, int from, int into, String signIn) {
        undoable(
                shipmentId,
                "merged package " + from + " into " + into,
                signIn,
                (hands, shipment) -> hands.merge(shipment, from, into));
        log(signIn, "merged packages", shipmentId, from + " into " + into);
    }

    /** @param all whether also what was placed by hand is given up */
    public void replan(long shipmentId, boolean all, String signIn) {
        undoable(shipmentId, "planned the packages again", signIn, (hands, shipment) -> hands.replan(shipment, all));
        log(signIn, "planned the packages again", shipmentId, all ? "all of them" : "those not placed by hand");
    }

    /** Packed as another shipment with the same contents is: cartons, what is in each, sizes and weights. */
    public void packLike(long shipmentId, Shipment model, String signIn) {
        Shipment shipment = open(shipmentId);
        Jobs modelJobs = shipments.jobs(model);
        Shipment packed = SamePacking.of(shipment, shipments.jobs(shipment), model, modelJobs, cartonTypes.set());
        String as = "as job " + modelJobs.leading().number();
        undo.remember(shipment, "packed it " + as, signIn);
        store.putBack(shipment, packed, signIn);
        log(signIn, "packed it as another one is", shipmentId, as);
    }

    /** Follows another service or weight, as long as nobody weighed or placed anything. */
    public void replanIfUntouched(Shipment before) {
        boolean untouched = before.packages().stream()
                .noneMatch(each -> each.placedByHand() || each.weight().isPresent());
        if (untouched) {
            change(before.id(), (hands, shipment) -> hands.replan(shipment, false));
        }
    }

    /** Pieces stay here for another shipment. */
    public void leaveBehind(long shipmentId, long lineId, int quantity, String signIn) {
        Jobs jobs = change(shipmentId, (hands, shipment) -> hands.leaveBehind(shipment, lineId, quantity));
        WorkOrder job = jobs.orderOf(lineId);
        Shipment left = shipments.byId(shipmentId);
        if (job.lines().stream().allMatch(own -> left.quantityOf(own.id()) == 0)) {
            workOrders.takeOffBench(job.id());
        }
        log(
                signIn,
                "left pieces for another shipment",
                shipmentId,
                quantity + " × " + jobs.line(lineId).item());
    }

    /** Pieces that stayed here go after all. */
    public void takeBack(long shipmentId, long lineId, int quantity, String signIn) {
        Shipment shipment = open(shipmentId);
        Jobs jobs = shipments.jobs(shipment);
        WorkOrder owner = jobs.all().stream()
                .filter(each -> each.lines().stream().anyMatch(line -> line.id() == lineId))
                .findFirst()
                .orElseThrow(HandPacking::noSuchLine);
        WorkOrder job = workOrders.locked(owner.id());
        WorkOrder.Line line = job.lines().stream()
                .filter(each -> each.id() == lineId)
                .findFirst()
                .orElseThrow();
        if (!PlaceKey.of(job.shipToOf(line)).equals(PlaceKey.of(jobs.leading().shipTo()))) {
            throw Refusal.unusable(
                    line.name(),
                    "It goes to " + job.shipToOf(line).name() + ", "
                            + job.shipToOf(line).cityLine() + ".",
                    "It is a shipment of its own once this one has left.");
        }
        if (quantity > line.quantityToTake()) {
            throw Refusal.unusable(
                    quantity + " of " + line.item(),
                    line.quantityToTake() + " of them are in no shipment.",
                    line.quantityToTake() == 0 ? "Choose another line." : "Take 1 to " + line.quantityToTake() + ".");
        }
        if (shipment.quantityOf(lineId) == 0) {
            workOrders.putOnBench(job.id());
        }
        keep(shipment, jobs, (hands, before) -> hands.takeBack(before, lineId, quantity));
        log(signIn, "took pieces back into the shipment", shipmentId, quantity + " × " + line.item());
    }

    private Jobs undoable(
            long shipmentId, String words, String signIn, BiFunction<HandPacking, Shipment, Shipment> act) {
        undo.remember(open(shipmentId), words, signIn);
        return change(shipmentId, act);
    }

    private Jobs change(long shipmentId, BiFunction<HandPacking, Shipment, Shipment> act) {
        Shipment shipment = open(shipmentId);
        Jobs jobs = shipments.jobs(shipment);
        keep(shipment, jobs, act);
        return jobs;
    }

    private void keep(Shipment shipment, Jobs jobs, BiFunction<HandPacking, Shipment, Shipment> act) {
        store.keep(shipment, act.apply(new HandPacking(packers.of(shipment, jobs)), shipment));
    }

    private Shipment open(long shipmentId) {
        Shipment shipment = shipments.locked(shipmentId);
        shipment.requireOpen();
        return shipment;
    }

    private void log(String signIn, String act, long shipmentId, String detail) {
        auditLog.write(signIn, act, "Shipment " + shipmentId, detail);
    }
}
