package nobrec.server.bench;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import nobrec.core.item.Item;
import nobrec.core.refusal.Refusal;
import nobrec.core.shipment.Jobs;
import nobrec.core.shipment.LearnedWeight;
import nobrec.core.shipment.Shipment;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.carton.CartonTypes;
import nobrec.server.item.Items;
import nobrec.server.platform.NobrecSettings;
import nobrec.server.shipment.Shipments;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What weighed packages say of the items in them. */
@Component
class LearnedWeights {

    private final Shipments shipments;
    private final Items items;
    private final CartonTypes cartonTypes;
    private final NobrecSettings settings;

    LearnedWeights(Shipments shipments, Items items, CartonTypes cartonTypes, NobrecSettings settings) {
        this.shipments = shipments;
        this.items = items;
        this.cartonTypes = cartonTypes;
        this.settings = settings;
    }

    /** By package number. */
    Map<Integer, LearnedWeight> of(Shipment shipment, Jobs jobs) {
        List<Shipment.Package> weighed = shipment.packages().stream()
                .filter(each -> each.weight().isPresent())
                .toList();
        if (weighed.isEmpty()) {
            return Map.of();
        }
        Function<String, Optional<Item>> known = items.of(jobs.all().stream()
                .flatMap(job -> job.lines().stream())
                .map(WorkOrder.Line::item)
                .toList());
        Map<Integer, LearnedWeight> learned = new HashMap<>();
        weighed.forEach(each -> LearnedWeight.of(each, jobs, cartonTypes.set(), known, settings.units())
                .ifPresent(weight -> learned.put(each.number(), weight)));
        return learned;
    }

    /** From now on the item weighs what the package says. */
    @Transactional
    public void keep(long shipmentId, int packageNumber, String signIn) {
        Shipment shipment = shipments.locked(shipmentId);
        Jobs jobs = shipments.jobs(shipment);
        LearnedWeight learned = Optional.ofNullable(of(shipment, jobs).get(packageNumber))
                .orElseThrow(() -> Refusal.conflict(
                        "Package " + packageNumber, "Its weight says nothing new of one item.", "Reload the page."));
        String description = jobs.all().stream()
                .flatMap(job -> job.lines().stream())
                .filter(line -> line.item().equals(learned.item()))
                .map(WorkOrder.Line::description)
                .findFirst()
                .orElse("");
        items.learnWeight(learned.item(), description, learned.weight(), signIn);
    }
}
