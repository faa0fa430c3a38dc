package nobrec.server.shipment;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import nobrec.core.limit.Limits;
import nobrec.core.measure.Length;
import nobrec.core.measure.Size;
import nobrec.core.measure.Weight;
import nobrec.core.packing.CartonReason;
import nobrec.core.packing.CartonType;
import nobrec.core.packing.LotShare;
import nobrec.core.packing.PackItem;
import nobrec.core.packing.PackPlan;
import nobrec.core.packing.PackPlan.PlannedPackage;
import nobrec.core.packing.PackPlanner;
import nobrec.core.packing.PackageCost;
import nobrec.core.packing.PackingEffort;
import nobrec.core.packing.Placement;
import nobrec.server.carton.CartonTypes;
import nobrec.server.platform.LotText;
import nobrec.server.platform.NobrecSettings;
import nobrec.server.platform.problem.Refusal;
import org.springframework.stereotype.Component;

/** Has packages planned and keeps them. What a person placed stays as it is. */
@Component
class ShipmentPacker {

    /** A plan is ready by then, whatever the machine. */
    private static final long LONGEST_MILLIS = 150;

    private static final int ROWS_AT_ONCE = 1_000;

    static final String BY_HAND = "Placed by hand.";

    private final ShipmentMapper mapper;
    private final CartonTypes cartonTypes;
    private final RatingFeed feed;
    private final NobrecSettings settings;

    ShipmentPacker(ShipmentMapper mapper, CartonTypes cartonTypes, RatingFeed feed, NobrecSettings settings) {
        this.mapper = mapper;
        this.cartonTypes = cartonTypes;
        this.feed = feed;
        this.settings = settings;
    }

    /** Plans everything that no person has placed. */
    void pack(Shipment shipment, Jobs jobs) {
        List<Shipment.Package> byHand = shipment.packages().stream()
                .filter(Shipment.Package::placedByHand)
                .toList();
        shipment.packages().stream().filter(each -> !each.placedByHand()).forEach(this::remove);
        renumber(byHand);
        List<PackItem> rest = rest(shipment, byHand, jobs);
        if (rest.isEmpty()) {
            return;
        }
        int number = byHand.size();
        List<ContentRow> contents = new ArrayList<>();
        List<PlacementRow> placements = new ArrayList<>();
        for (PlannedPackage planned : plan(rest, shipment, jobs).packages()) {
            if (number == Limits.PACKAGES_OF_SHIPMENT) {
                break;
            }
            number++;
            long id = insert(shipment.id(), number, planned);
            planned.contents()
                    .forEach(content -> contents.add(
                            new ContentRow(id, content.itemKey(), content.quantity(), LotText.write(content.lots()))));
            placements.addAll(rows(id, planned.placements()));
        }
        inPortions(contents, mapper::insertContents);
        inPortions(placements, mapper::insertPlacements);
    }

    private static <T> void inPortions(List<T> rows, Consumer<List<T>> insert) {
        for (int from = 0; from < rows.size(); from += ROWS_AT_ONCE) {
            insert.accept(rows.subList(from, Math.min(rows.size(), from + ROWS_AT_ONCE)));
        }
    }

    private PackPlan plan(List<PackItem> items, Shipment shipment, Jobs jobs) {
        long end = System.nanoTime() + TimeUnit.MILLISECONDS.toNanos(LONGEST_MILLIS);
        BooleanSupplier outOfTime = () -> System.nanoTime() > end;
        PackPlanner planner = new PackPlanner(cartonTypes.all());
        List<PackageCost> wanted = feed.costsInWantedService(shipment, jobs);
        if (!wanted.isEmpty()) {
            PackPlan plan = planner.plan(items, wanted, PackingEffort.whileSomebodyWaits(outOfTime));
            if (plan.packages().stream().noneMatch(each -> each.reason() instanceof CartonReason.NothingFits)) {
                return plan;
            }
        }
        return planner.plan(
                items, feed.costsInGroundServices(shipment, jobs), PackingEffort.whileSomebodyWaits(outOfTime));
    }

    /** What is in no package placed by hand, with the lots that are left for it. */
    private static List<PackItem> rest(Shipment shipment, List<Shipment.Package> byHand, Jobs jobs) {
        Map<Long, Integer> placed = new HashMap<>();
        byHand.forEach(each -> each.contents()
                .forEach(content -> placed.merge(content.workOrderLineId(), content.quantity(), Integer::sum)));
        List<PackItem> rest = new ArrayList<>();
        for (Shipment.Line line : shipment.lines()) {
            int taken = placed.getOrDefault(line.workOrderLineId(), 0);
            if (line.quantity() > taken) {
                PackItem item = jobs.line(line.workOrderLineId()).asPackItem(line.quantity() - taken);
                int before = jobs.line(line.workOrderLineId()).quantityShipped() + taken;
                rest.add(new PackItem(
                        item.key(),
                        item.description(),
                        item.quantity(),
                        item.unitWeight(),
                        item.unitSize(),
                        item.handling(),
                        LotShare.take(item.lots(), before, item.quantity())));
            }
        }
        return rest;
    }

    private long insert(long shipmentId, int number, PlannedPackage planned) {
        Size size = planned.carton().outerWhenFilledTo(top(planned.placements()));
        NewPackage row = new NewPackage(
                shipmentId,
                number,
                planned.carton().code(),
                CartonReason.sentence(planned.reason(), settings.units()),
                size,
                planned.expectedWeight().orElse(null),
                false);
        mapper.insertPackage(row);
        return row.getId();
    }

    private static List<PlacementRow> rows(long packageId, List<Placement> placements) {
        List<PlacementRow> rows = new ArrayList<>();
        for (Placement placement : placements) {
            rows.add(PlacementRow.of(packageId, rows.size() + 1, placement));
        }
        return rows;
    }

    /** An empty package of a type, to be filled by hand. */
    long add(Shipment shipment, CartonType carton) {
        if (shipment.packages().size() >= Limits.PACKAGES_OF_SHIPMENT) {
            throw Refusal.unusable(
                    "This shipment",
                    "It has " + Limits.PACKAGES_OF_SHIPMENT + " packages, which is the most.",
                    "Let the rest stay here for another shipment.");
        }
        NewPackage row = new NewPackage(
                shipment.id(),
                shipment.packages().size() + 1,
                carton.code(),
                BY_HAND,
                carton.outer(),
                carton.tare(),
                true);
        mapper.insertPackage(row);
        return row.getId();
    }

    /** A package holds something else by a person's decision: laid out anew, and to be weighed anew. */
    void fill(long packageId, CartonType carton, List<Shipment.Content> contents, Jobs jobs) {
        mapper.deleteInside(packageId);
        if (!contents.isEmpty()) {
            mapper.insertContents(contents.stream()
                    .map(content -> new ContentRow(
                            packageId, content.workOrderLineId(), content.quantity(), LotText.write(content.lots())))
                    .toList());
        }
        List<Placement> placements = arrange(carton, contents, jobs).orElse(List.of());
        inPortions(rows(packageId, placements), mapper::insertPlacements);
        mapper.updateCarton(
                packageId,
                carton.code(),
                BY_HAND,
                carton.outerWhenFilledTo(top(placements)),
                expectedWeight(contents, cartonTypes.tare(carton, Shipment.cartonsOn(placements)), jobs)
                        .orElse(null),
                true);
    }

    /** The carton in which some pieces cost the least, for a package that a person begins; empty when none holds them. */
    Optional<CartonType> cheapestFor(List<Shipment.Content> contents, Shipment shipment, Jobs jobs) {
        List<PackageCost> wanted = feed.costsInWantedService(shipment, jobs);
        PackPlan plan = new PackPlanner(cartonTypes.all())
                .plan(
                        jobs.items(contents),
                        wanted.isEmpty() ? feed.costsInGroundServices(shipment, jobs) : wanted,
                        PackingEffort.whileSomebodyWaits(() -> false));
        return plan.packages().size() == 1 && !(plan.packages().get(0).reason() instanceof CartonReason.NothingFits)
                ? Optional.of(plan.packages().get(0).carton())
                : Optional.empty();
    }

    Optional<List<Placement>> arrange(CartonType carton, List<Shipment.Content> contents, Jobs jobs) {
        return new PackPlanner(cartonTypes.all()).layOut(carton, jobs.items(contents));
    }

    void remove(Shipment.Package packed) {
        mapper.deleteInside(packed.id());
        mapper.deletePackage(packed.id());
    }

    /** Numbers packages 1, 2, ... in their order; numbers only ever fall, so that none is taken twice on the way. */
    void renumber(List<Shipment.Package> packages) {
        for (int index = 0; index < packages.size(); index++) {
            if (packages.get(index).number() != index + 1) {
                mapper.updateNumber(packages.get(index).id(), index + 1);
            }
        }
    }

    private static Length top(List<Placement> placements) {
        return placements.stream().map(Placement::top).max(Length::compareTo).orElse(new Length(0));
    }

    private static Optional<Weight> expectedWeight(List<Shipment.Content> contents, Weight tare, Jobs jobs) {
        Weight sum = tare;
        for (Shipment.Content content : contents) {
            Optional<Weight> unit = jobs.line(content.workOrderLineId()).unitWeight();
            if (unit.isEmpty()) {
                return Optional.empty();
            }
            sum = sum.plus(unit.get().times(content.quantity()));
        }
        return Optional.of(sum);
    }
}
