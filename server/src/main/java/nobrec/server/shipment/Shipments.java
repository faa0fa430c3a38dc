package nobrec.server.shipment;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import nobrec.core.packing.CartonReason;
import nobrec.core.packing.PackItem;
import nobrec.core.packing.PackPlan;
import nobrec.core.packing.PackPlan.PlannedPackage;
import nobrec.core.packing.PackPlanner;
import nobrec.server.actlog.ActLog;
import nobrec.server.carton.CartonTypes;
import nobrec.server.platform.NobrecSettings;
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
    private final CartonTypes cartonTypes;
    private final Sites sites;
    private final ActLog actLog;
    private final NobrecSettings settings;
    private final Clock clock;

    Shipments(
            ShipmentMapper mapper,
            WorkOrders workOrders,
            CartonTypes cartonTypes,
            Sites sites,
            ActLog actLog,
            NobrecSettings settings,
            Clock clock) {
        this.mapper = mapper;
        this.workOrders = workOrders;
        this.cartonTypes = cartonTypes;
        this.sites = sites;
        this.actLog = actLog;
        this.settings = settings;
        this.clock = clock;
    }

    /** The shipment of a job, opened and packed on paper when it is the first time. */
    @Transactional
    public Shipment open(String jobNumber, String signIn) {
        WorkOrder job = workOrders.byNumber(jobNumber);
        Optional<ShipmentRow> there = mapper.byWorkOrder(job.id());
        if (there.isPresent()) {
            return load(there.get());
        }
        NewShipment fresh = new NewShipment(sites.home().id(), job.id(), clock.instant());
        if (mapper.insertIfNone(fresh) > 0) {
            pack(fresh.getId(), job);
            workOrders.putOnBench(job.id());
            actLog.write(signIn, "opened a shipment", "Job " + jobNumber, "");
        }
        return load(mapper.byWorkOrder(job.id()).orElseThrow());
    }

    private void pack(long shipmentId, WorkOrder job) {
        List<PackItem> items = job.lines().stream()
                .map(line -> new PackItem(
                        line.id(), line.description(), line.quantityOrdered(), line.unitWeight(), line.unitSize()))
                .toList();
        PackPlan plan = new PackPlanner(cartonTypes.all()).plan(items);
        int number = 0;
        for (PlannedPackage planned : plan.packages()) {
            number++;
            NewPackage row = new NewPackage(
                    shipmentId,
                    number,
                    planned.carton().code(),
                    CartonReason.sentence(planned.reason(), settings.units()),
                    planned.carton().outer(),
                    planned.expectedWeight().orElse(null));
            mapper.insertPackage(row);
            planned.contents()
                    .forEach(content -> mapper.insertContent(row.getId(), content.itemKey(), content.quantity()));
        }
    }

    /** The shipment of a job that was opened before. */
    public Shipment ofJob(String jobNumber) {
        return mapper.byWorkOrder(workOrders.byNumber(jobNumber).id())
                .map(this::load)
                .orElseThrow(() -> Refusal.notFound(
                        "A shipment of job " + jobNumber, "A coordinator or packer opens it on the bench."));
    }

    public Shipment byId(long id) {
        return load(mapper.byId(id).orElseThrow(Shipments::none));
    }

    /** The shipment, which nobody else changes until the transaction ends. */
    Shipment locked(long id) {
        return load(mapper.byIdLocked(id).orElseThrow(Shipments::none));
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
                .collect(Collectors.toMap(OpenChoiceRow::workOrderId, OpenChoiceRow::chosenService));
    }

    private Shipment load(ShipmentRow row) {
        Map<Long, List<ContentRow>> contents =
                mapper.contentsOf(row.id()).stream().collect(Collectors.groupingBy(ContentRow::packageId));
        List<Shipment.Package> packages = new ArrayList<>();
        for (PackageRow each : mapper.packagesOf(row.id())) {
            packages.add(each.withContents(contents.getOrDefault(each.id(), List.of())));
        }
        return row.shipment(packages);
    }

    private static Refusal none() {
        return Refusal.notFound("This shipment", "Open the job from the list again.");
    }
}
