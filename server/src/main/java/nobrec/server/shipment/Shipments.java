package nobrec.server.shipment;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import nobrec.server.actlog.ActLog;
import nobrec.server.platform.problem.Refusal;
import nobrec.server.site.Sites;
import nobrec.server.workorder.WorkOrder;
import nobrec.server.workorder.WorkOrders;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Opens shipments and finds them again. */
@Service
public class Shipments {

    private final ShipmentMapper mapper;
    private final WorkOrders workOrders;
    private final ShipmentPacker packer;
    private final Sites sites;
    private final ActLog actLog;
    private final Clock clock;

    Shipments(
            ShipmentMapper mapper,
            WorkOrders workOrders,
            ShipmentPacker packer,
            Sites sites,
            ActLog actLog,
            Clock clock) {
        this.mapper = mapper;
        this.workOrders = workOrders;
        this.packer = packer;
        this.sites = sites;
        this.actLog = actLog;
        this.clock = clock;
    }

    /**
     * The shipment of a job: the one that is open, or a new one, packed on paper, for what is in no shipment yet; when nothing
     * is left the last one. The job's row is locked before anything of it is read, so that two people at one moment open one
     * shipment.
     */
    @Transactional
    public Shipment open(String jobNumber, String signIn) {
        WorkOrder job = workOrders.locked(workOrders.idOf(jobNumber));
        Optional<ShipmentRow> there = mapper.byWorkOrder(job.id());
        if (there.isPresent() && isFound(there.get(), job)) {
            return load(there.get());
        }
        NewShipment fresh = new NewShipment(sites.home().id(), job.id(), clock.instant());
        mapper.insert(fresh);
        putIn(fresh.getId(), job);
        packer.pack(byId(fresh.getId()), jobsOf(job));
        actLog.write(signIn, "opened a shipment", "Job " + jobNumber, "");
        return byId(fresh.getId());
    }

    /** What is in no shipment yet of a work order goes into this one. */
    void putIn(long shipmentId, WorkOrder job) {
        List<Shipment.Line> lines = job.lines().stream()
                .filter(line -> line.quantityToTake() > 0)
                .map(line -> new Shipment.Line(line.id(), line.quantityToTake()))
                .toList();
        if (lines.isEmpty()) {
            throw Refusal.unusable("Job " + job.number(), "It has no pieces to ship.", "Look at its record.");
        }
        mapper.insertLines(shipmentId, lines);
        workOrders.putOnBench(job.id());
    }

    private static Jobs jobsOf(WorkOrder job) {
        return new Jobs(job, List.of(job));
    }

    /** The work orders of a shipment, the leading one first. */
    Jobs jobs(Shipment shipment) {
        List<Long> ids = new ArrayList<>(List.of(shipment.workOrderId()));
        mapper.workOrdersOf(shipment.id()).stream()
                .filter(id -> id != shipment.workOrderId())
                .forEach(ids::add);
        List<WorkOrder> all = workOrders.byIds(ids);
        return new Jobs(all.get(0), all);
    }

    /** The shipment that opening a job would find, if there is one. */
    Optional<Shipment> there(String jobNumber) {
        WorkOrder job = workOrders.byNumber(jobNumber);
        return mapper.byWorkOrder(job.id()).filter(row -> isFound(row, job)).map(this::load);
    }

    private static boolean isFound(ShipmentRow row, WorkOrder job) {
        return row.state() != ShipmentState.SHIPPED || !job.hasPiecesToTake();
    }

    /** The shipment with pieces of a job that has not left. */
    Optional<Long> openOf(long workOrderId) {
        return mapper.byWorkOrder(workOrderId)
                .filter(row -> row.state() != ShipmentState.SHIPPED)
                .map(ShipmentRow::id);
    }

    public Shipment byId(long id) {
        return load(mapper.byId(id).orElseThrow(Shipments::none));
    }

    /** The shipment, which nobody else changes until the transaction ends. */
    Shipment locked(long id) {
        return load(mapper.byIdLocked(id).orElseThrow(Shipments::none));
    }

    /** The same without what is in its packages. */
    Shipment lockedInOutline(long id) {
        ShipmentRow row = mapper.byIdLocked(id).orElseThrow(Shipments::none);
        return row.shipment(
                mapper.linesOf(id),
                mapper.packagesOf(id).stream()
                        .map(each -> each.holding(List.of(), List.of()))
                        .toList());
    }

    public Optional<Long> workOrderOfTrackingNumber(String trackingNumber) {
        return mapper.workOrderOfTrackingNumber(trackingNumber);
    }

    /** What is on each carrier's pickup of that day. */
    public List<DepartedRow> departedOn(LocalDate day) {
        return mapper.departedOn(day);
    }

    /** Services chosen by hand for what is still on the bench, by work order. */
    public Map<Long, String> openChoices() {
        return mapper.openChoices().stream()
                .collect(Collectors.toMap(
                        OpenChoiceRow::workOrderId, OpenChoiceRow::chosenService, (one, other) -> other));
    }

    private Shipment load(ShipmentRow row) {
        Map<Long, List<ContentRow>> contents =
                mapper.contentsOf(row.id()).stream().collect(Collectors.groupingBy(ContentRow::packageId));
        Map<Long, List<PlacementRow>> placements =
                mapper.placementsOf(row.id()).stream().collect(Collectors.groupingBy(PlacementRow::packageId));
        List<Shipment.Package> packages = mapper.packagesOf(row.id()).stream()
                .map(each -> each.holding(
                        contents.getOrDefault(each.id(), List.of()), placements.getOrDefault(each.id(), List.of())))
                .toList();
        return row.shipment(mapper.linesOf(row.id()), packages);
    }

    private static Refusal none() {
        return Refusal.notFound("This shipment", "Open the job from the list again.");
    }
}
