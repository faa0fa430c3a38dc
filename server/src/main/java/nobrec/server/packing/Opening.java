package nobrec.server.packing;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import nobrec.core.address.PlaceKey;
import nobrec.core.address.PostalAddress;
import nobrec.core.refusal.Refusal;
import nobrec.core.service.Accessorial;
import nobrec.core.shipment.Jobs;
import nobrec.core.shipment.Shipment;
import nobrec.core.workorder.RuleAct;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.audit.AuditLog;
import nobrec.server.shipment.ShipmentStore;
import nobrec.server.shipment.Shipments;
import nobrec.server.site.Sites;
import nobrec.server.workorder.WorkOrders;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Opens the shipment of a job. */
@Service
public class Opening {

    private final Shipments shipments;
    private final ShipmentStore store;
    private final WorkOrders workOrders;
    private final Packers packers;
    private final Sites sites;
    private final AuditLog auditLog;

    Opening(
            Shipments shipments,
            ShipmentStore store,
            WorkOrders workOrders,
            Packers packers,
            Sites sites,
            AuditLog auditLog) {
        this.shipments = shipments;
        this.store = store;
        this.workOrders = workOrders;
        this.packers = packers;
        this.sites = sites;
        this.auditLog = auditLog;
    }

    /**
     * The shipment of a job: the one that is open, or a new one, packed on paper, for what is in no shipment yet; when nothing
     * is left the last one. The job's row is locked before anything of it is read, so that two people at one moment open one
     * shipment.
     */
    @Transactional
    public Shipment open(String jobNumber, String signIn) {
        WorkOrder job = workOrders.locked(workOrders.idOf(jobNumber));
        Optional<Shipment> there = shipments.there(job);
        if (there.isPresent()) {
            return there.get();
        }
        long id = store.insert(sites.orHome(job.particulars().site()).id(), job.id());
        Set<Accessorial> accessorials = accessorialsByRule(job);
        if (!accessorials.isEmpty()) {
            store.chooseAccessorials(id, accessorials);
        }
        Shipment fresh = shipments.byId(id);
        Jobs jobs = new Jobs(job, List.of(job));
        store.keep(fresh, packers.of(fresh, jobs).planned(fresh.going(linesToTake(job))));
        workOrders.putOnBench(job.id());
        auditLog.write(signIn, "opened a shipment", "Job " + jobNumber, "");
        return shipments.byId(fresh.id());
    }

    /** What house rules ask for beyond plain carriage; a person may change it afterwards. */
    private static Set<Accessorial> accessorialsByRule(WorkOrder job) {
        List<String> words = job.ruling().values(RuleAct.Kind.ACCESSORIAL);
        return Arrays.stream(Accessorial.values())
                .filter(each -> words.contains(each.words()))
                .collect(Collectors.toSet());
    }

    /**
     * What is in no shipment yet of a work order and goes to one place; by decision only what is ready of it. What goes to another
     * place is taken when this has left.
     */
    static List<Shipment.Line> linesToTake(WorkOrder job) {
        for (PostalAddress place : job.shipTosToTake()) {
            List<Shipment.Line> lines = linesTo(place, job);
            if (!lines.isEmpty()) {
                return lines;
            }
        }
        throw job.hasPiecesToTake()
                ? Refusal.conflict(
                        "Job " + job.number(),
                        "Nothing of the rest is ready: " + String.join(", ", job.shortLines()) + ".",
                        "Write how many there are by now on the job's page.")
                : Refusal.unusable("Job " + job.number(), "It has no pieces to ship.", "Look at its record.");
    }

    /** Those that go to one place: what goes elsewhere is another shipment. */
    static List<Shipment.Line> linesTo(PostalAddress place, WorkOrder job) {
        String there = PlaceKey.of(place);
        return job.lines().stream()
                .filter(line -> PlaceKey.of(job.shipToOf(line)).equals(there))
                .map(line -> new Shipment.Line(line.id(), piecesToTake(job, line)))
                .filter(line -> line.quantity() > 0)
                .toList();
    }

    private static int piecesToTake(WorkOrder job, WorkOrder.Line line) {
        return job.shipsWhatIsReady()
                ? Math.min(line.quantityToTake(), line.quantityReadyToGo())
                : line.quantityToTake();
    }
}
