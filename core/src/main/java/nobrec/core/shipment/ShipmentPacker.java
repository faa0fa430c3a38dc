package nobrec.core.shipment;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.UnaryOperator;
import nobrec.core.carton.CartonSet;
import nobrec.core.carton.CartonType;
import nobrec.core.carton.PackageCost;
import nobrec.core.carton.Placement;
import nobrec.core.item.PackItem;
import nobrec.core.limit.Limits;
import nobrec.core.measure.Length;
import nobrec.core.measure.UnitSystem;
import nobrec.core.packing.CartonReason;
import nobrec.core.packing.PackPlan;
import nobrec.core.packing.PackPlan.PlannedPackage;
import nobrec.core.packing.PackPlanner;
import nobrec.core.packing.search.PackingEffort;

/** Plans the packages of a shipment, and lays out those whose contents a person decides. */
public final class ShipmentPacker {

    private static final String BY_HAND = "Placed by hand.";

    /**
     * What a package costs.
     *
     * @param requested in the service chosen by hand, else in the one the record asks for; none when neither is offered
     * @param ground in each ground service
     */
    public record Costs(List<PackageCost> requested, List<PackageCost> ground) {

        List<PackageCost> first() {
            return requested.isEmpty() ? ground : requested;
        }
    }

    private final CartonSet cartons;
    private final Jobs jobs;
    private final Costs costs;
    private final BooleanSupplier outOfTime;
    private final UnitSystem units;

    public ShipmentPacker(CartonSet cartons, Jobs jobs, Costs costs, BooleanSupplier outOfTime, UnitSystem units) {
        this.cartons = cartons;
        this.jobs = jobs;
        this.costs = costs;
        this.outOfTime = outOfTime;
        this.units = units;
    }

    Jobs jobs() {
        return jobs;
    }

    CartonSet cartons() {
        return cartons;
    }

    /** Plans everything that no person has placed; what one has placed stays as it is. */
    public Shipment planned(Shipment shipment) {
        List<Shipment.Package> packages = new ArrayList<>();
        for (Shipment.Package each : shipment.packages()) {
            if (each.placedByHand()) {
                packages.add(each.numbered(packages.size() + 1));
            }
        }
        List<PackItem> rest = rest(shipment, packages);
        if (!rest.isEmpty()) {
            for (PlannedPackage planned : plan(rest)) {
                if (packages.size() < Limits.PACKAGES_OF_SHIPMENT) {
                    packages.add(planned(planned, packages.size() + 1));
                }
            }
        }
        return shipment.holding(packages);
    }

    /** In the carton that the job asks for, where it takes all of it; else in whichever are best. */
    private List<PlannedPackage> plan(List<PackItem> items) {
        Optional<CartonType> asked = cartons.find(jobs.leading().particulars().carton());
        if (asked.isEmpty()) {
            return plan(items, cartons.all()).packages();
        }
        List<PlannedPackage> inAsked = plan(items, List.of(asked.get())).packages();
        return inAsked.stream().allMatch(ShipmentPacker::fits)
                ? because(inAsked, found -> new CartonReason.Requested())
                : because(
                        plan(items, cartons.all()).packages(),
                        found -> new CartonReason.InsteadOfRequested(asked.get().name(), found));
    }

    private static List<PlannedPackage> because(List<PlannedPackage> all, UnaryOperator<CartonReason> reason) {
        return all.stream()
                .map(each -> each.because(reason.apply(each.reason())))
                .toList();
    }

    private static boolean fits(PlannedPackage planned) {
        return !(planned.reason() instanceof CartonReason.NothingFits);
    }

    private PackPlan plan(List<PackItem> items, List<CartonType> types) {
        PackPlanner planner = new PackPlanner(types);
        if (!costs.requested().isEmpty()) {
            PackPlan plan = planner.plan(items, costs.requested(), PackingEffort.whileSomebodyWaits(outOfTime));
            if (plan.packages().stream().allMatch(ShipmentPacker::fits)) {
                return plan;
            }
        }
        return planner.plan(items, costs.ground(), PackingEffort.whileSomebodyWaits(outOfTime));
    }

    /** What is in no package placed by hand, with the lots that are left for it. */
    private List<PackItem> rest(Shipment shipment, List<Shipment.Package> byHand) {
        Map<Long, Integer> placed = new HashMap<>();
        byHand.forEach(each -> each.contents()
                .forEach(content -> placed.merge(content.workOrderLineId(), content.quantity(), Integer::sum)));
        List<PackItem> rest = new ArrayList<>();
        for (Shipment.Line line : shipment.lines()) {
            int taken = placed.getOrDefault(line.workOrderLineId(), 0);
            if (line.quantity() > taken) {
                int left = line.quantity() - taken;
                rest.add(jobs.line(line.workOrderLineId())
                        .asPackItem(left)
                        .ofLots(Contents.freeLots(shipment.holding(byHand), jobs, line.workOrderLineId(), left)));
            }
        }
        return rest;
    }

    private Shipment.Package planned(PlannedPackage planned, int number) {
        return new Shipment.Package(
                Shipment.Package.NEW,
                number,
                planned.carton().code(),
                CartonReason.sentence(planned.reason(), units),
                planned.carton().outerWhenFilledTo(top(planned.placements())),
                planned.expectedWeight(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                false,
                planned.contents().stream()
                        .map(content -> new Shipment.Content(content.itemKey(), content.quantity(), content.lots()))
                        .toList(),
                planned.placements());
    }

    /** A package holds something else by a person's decision: laid out again, and to be weighed again. */
    Shipment.Package filled(Shipment.Package packed, CartonType carton, List<Shipment.Content> contents) {
        List<Placement> placements = new PackPlanner(cartons.all())
                .layOut(carton, jobs.items(contents))
                .orElse(List.of());
        return new Shipment.Package(
                packed.id(),
                packed.number(),
                carton.code(),
                BY_HAND,
                carton.outerWhenFilledTo(top(placements)),
                Contents.expectedWeight(contents, cartons.tare(carton, Shipment.cartonsOn(placements)), jobs),
                Optional.empty(),
                Optional.empty(),
                packed.trackingNumber(),
                true,
                contents,
                placements);
    }

    /** An empty package of a type, to be filled by hand. */
    Shipment.Package empty(int number, CartonType carton) {
        return new Shipment.Package(
                Shipment.Package.NEW,
                number,
                carton.code(),
                BY_HAND,
                carton.outer(),
                Optional.of(carton.tare()),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                true,
                List.of(),
                List.of());
    }

    /** The carton in which some pieces cost the least, for a package that a person begins; empty when none holds them. */
    Optional<CartonType> cheapestFor(List<Shipment.Content> contents) {
        List<PlannedPackage> packages = new PackPlanner(cartons.all())
                .plan(jobs.items(contents), costs.first(), PackingEffort.whileSomebodyWaits(() -> false))
                .packages();
        return packages.size() == 1 && fits(packages.get(0))
                ? Optional.of(packages.get(0).carton())
                : Optional.empty();
    }

    private static Length top(List<Placement> placements) {
        return placements.stream().map(Placement::top).max(Length::compareTo).orElse(new Length(0));
    }
}
