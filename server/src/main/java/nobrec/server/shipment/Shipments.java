package nobrec.server.shipment;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import nobrec.core.limit.Limits;
import nobrec.core.refusal.Refusal;
import nobrec.core.shipment.ContentsCount;
import nobrec.core.shipment.Jobs;
import nobrec.core.shipment.Shipment;
import nobrec.core.shipment.ShipmentState;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.workorder.WorkOrders;
import nobrec.server.workorder.list.TrackedJobs;
import org.springframework.stereotype.Service;

/** Shipments as they are kept. */
@Service
public class Shipments implements TrackedJobs {

    private final ShipmentMapper mapper;
    private final WorkOrders workOrders;

    Shipments(ShipmentMapper mapper, WorkOrders workOrders) {
        this.mapper = mapper;
        this.workOrders = workOrders;
    }

    /** The work orders of a shipment, the leading one first. */
    public Jobs jobs(Shipment shipment) {
        List<Long> ids = new ArrayList<>(List.of(shipment.workOrderId()));
        List<Long> lines =
                shipment.lines().stream().map(Shipment.Line::workOrderLineId).toList();
        workOrders.idsOfLines(lines).stream()
                .filter(id -> id != shipment.workOrderId())
                .forEach(ids::add);
        Set<Long> going = Set.copyOf(lines);
        List<WorkOrder> all = workOrders.byIds(ids).stream()
                .map(job -> workOrders.kindThere(job.goingWith(going)))
                .toList();
        return new Jobs(all.get(0), all);
    }

    /** The shipment that opening a job would find, if there is one. */
    public Optional<Shipment> there(WorkOrder job) {
        return byJob(job)
                .filter(row -> row.state() != ShipmentState.SHIPPED || !job.hasPiecesToTake())
                .map(this::load);
    }

    private Optional<ShipmentRow> byJob(WorkOrder job) {
        List<Long> lines = job.lines().stream().map(WorkOrder.Line::id).toList();
        return lines.isEmpty() ? Optional.empty() : mapper.byLines(lines);
    }

    /** What has left of some jobs that it was opened for, the newest first. */
    public List<SentRow> sentOf(Collection<Long> workOrders) {
        return workOrders.isEmpty() ? List.of() : mapper.sentOf(workOrders);
    }

    /** All shipments with pieces of a job, the newest first. */
    public List<Shipment> of(WorkOrder job) {
        List<Long> lines = job.lines().stream().map(WorkOrder.Line::id).toList();
        return lines.isEmpty()
                ? List.of()
                : mapper.allByLines(lines, Limits.SHIPMENTS_SHOWN).stream()
                        .map(this::load)
                        .toList();
    }

    /** The shipment with pieces of a job that has not left. */
    public Optional<Long> openOf(WorkOrder job) {
        return byJob(job).filter(row -> row.state() != ShipmentState.SHIPPED).map(ShipmentRow::id);
    }

    /** The shipment that was opened for a job and has not left. */
    public Optional<Long> openOwn(long workOrderId) {
        return mapper.openOwn(workOrderId);
    }

    public Shipment byId(long id) {
        return load(mapper.byId(id).orElseThrow(Shipments::none));
    }

    /** The shipment, which nobody else changes until the transaction ends. */
    public Shipment locked(long id) {
        return load(mapper.byIdLocked(id).orElseThrow(Shipments::none));
    }

    /** The same without what is in its packages. */
    public Shipment lockedInOutline(long id) {
        ShipmentRow row = mapper.byIdLocked(id).orElseThrow(Shipments::none);
        return row.shipment(
                mapper.linesOf(id),
                mapper.packagesOf(id).stream()
                        .map(each -> each.holding(List.of(), List.of()))
                        .toList());
    }

    public Optional<ScanRow> newestScan(long shipmentId) {
        return mapper.newestScan(shipmentId);
    }

    /** Which of its pieces were scanned into their packages. */
    public ContentsCount contentsCount(Shipment shipment) {
        return new ContentsCount(shipment, shipment.id() == 0 ? List.of() : mapper.scannedOf(shipment.id()));
    }

    @Override
    public Optional<Long> workOrderOfTrackingNumber(String trackingNumber) {
        return mapper.workOrderOfTrackingNumber(trackingNumber);
    }

    /** The work order of a package whose label is void. */
    public Optional<Long> workOrderOfVoidedNumber(String trackingNumber) {
        return mapper.workOrderOfVoidedNumber(trackingNumber);
    }

    /** What a shipment was each time it was made void, the newest first. */
    public List<VoidedRow> voidedOf(long shipmentId) {
        return mapper.voidedOf(shipmentId);
    }

    /** Those of some that are open again, or still. */
    public Set<Long> openOf(Collection<Long> ids) {
        return ids.isEmpty() ? Set.of() : Set.copyOf(mapper.inState(ids, ShipmentState.OPEN));
    }

    /** The tracking numbers of those of some that have theirs, each in one text. */
    public Map<Long, String> trackingOf(Collection<Long> ids) {
        return ids.isEmpty()
                ? Map.of()
                : mapper.trackingOf(ids).stream()
                        .collect(Collectors.toMap(TrackingRow::shipmentId, TrackingRow::trackingNumbers));
    }

    /** What has left by each service on that day. */
    public List<DepartedRow> departedOn(LocalDate day) {
        return mapper.departedOn(day);
    }

    /** What was chosen by hand for what is still on the bench, by work order. */
    public Map<Long, OpenChoice> openChoices() {
        return mapper.openChoices().stream()
                .collect(Collectors.toMap(OpenChoiceRow::workOrderId, OpenChoiceRow::choice, (one, other) -> other));
    }

    /** The last day on which something left by a service. */
    public Optional<LocalDate> lastShipDate(String serviceCode) {
        return mapper.lastShipDate(serviceCode);
    }

    /** Its charge lines as they were when it went. */
    public List<ChargeLineRow> chargeLines(long shipmentId) {
        return mapper.chargeLines(shipmentId);
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
