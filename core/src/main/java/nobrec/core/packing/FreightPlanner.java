package nobrec.core.packing;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import nobrec.core.carton.CartonKind;
import nobrec.core.carton.CartonType;
import nobrec.core.carton.PackageCost;
import nobrec.core.carton.Placement;
import nobrec.core.carton.Placement.CartonOnPallet;
import nobrec.core.item.Handling;
import nobrec.core.item.LotShare;
import nobrec.core.item.PackItem;
import nobrec.core.measure.Weight;
import nobrec.core.measure.WeightUnit;
import nobrec.core.packing.PackPlan.Content;
import nobrec.core.packing.PackPlan.PlannedPackage;
import nobrec.core.packing.PackPlanner.Proposal;
import nobrec.core.packing.search.PackingEffort;
import org.jspecify.annotations.Nullable;

/**
 * Freight: small pieces into cartons of the least cost, then these cartons and the loose pieces onto pallets or into crates.
 */
final class FreightPlanner {

    /** A piece up to this weight goes into a carton before it goes onto a pallet. Common practice, no source. */
    private static final Weight LIGHT = Weight.of("25", WeightUnit.POUND);

    private final List<CartonType> boxes;
    private final List<CartonType> carriers;

    FreightPlanner(List<CartonType> cartons) {
        this.boxes = cartons.stream()
                .filter(carton -> carton.kind() == CartonKind.CARTON)
                .filter(carton -> carton.supply().carrierCode().isEmpty())
                .toList();
        this.carriers = cartons.stream()
                .filter(carton -> carton.kind().carriesCartons())
                .toList();
    }

    Proposal proposal(List<PackItem> items, PackageCost service, PackingEffort effort) {
        if (carriers.isEmpty()) {
            return new Proposal(
                    List.of(), 0, items.stream().mapToInt(PackItem::quantity).sum());
        }
        Map<Long, PlannedPackage> cartons = cartoned(items, effort);
        Map<Long, PackItem> byKey = byKey(items);
        Proposal loaded = new PackPlanner(carriers).proposal(units(items, cartons), service, effort);
        Map<Long, Integer> taken = new HashMap<>();
        List<PlannedPackage> packages = loaded.packages().stream()
                .map(each -> unfolded(each, cartons, byKey, taken))
                .toList();
        long material = cartons.values().stream()
                .mapToLong(each -> each.carton().cost().getAmountMinorLong())
                .sum();
        return new Proposal(packages, loaded.cents() + material, loaded.unpackable());
    }

    /**
     * Where everything would lie on one pallet or in one crate: small pieces in cartons if that fits, else all of them loose.
     * Empty when no way is found.
     */
    Optional<List<Placement>> layOut(CartonType carrier, List<PackItem> items, PackingEffort effort) {
        Map<Long, PlannedPackage> cartons = cartoned(items, effort);
        Map<Long, PackItem> byKey = byKey(items);
        return PackPlanner.arrange(carrier, units(items, cartons))
                .map(placements -> placements.stream()
                        .map(each -> named(each, cartons.get(each.itemKey()), byKey))
                        .toList())
                .or(() -> PackPlanner.arrange(carrier, items));
    }

    private static Map<Long, PackItem> byKey(List<PackItem> items) {
        return items.stream().collect(Collectors.toMap(PackItem::key, item -> item));
    }

    private List<PackItem> units(List<PackItem> items, Map<Long, PlannedPackage> cartons) {
        List<PackItem> units = new ArrayList<>();
        cartons.forEach((key, carton) -> units.add(asUnit(key, carton)));
        items.stream().filter(item -> !goesIntoCarton(item)).forEach(units::add);
        return units;
    }

    private boolean goesIntoCarton(PackItem item) {
        return !item.unitWeight().orElseThrow().isAbove(LIGHT)
                && boxes.stream()
                        .anyMatch(box -> PackPlanner.arrange(box, List.of(item.ofQuantity(1)))
                                .isPresent());
    }

    /** The cartons, each under a key that no item has. */
    private Map<Long, PlannedPackage> cartoned(List<PackItem> items, PackingEffort effort) {
        Map<Long, PlannedPackage> cartons = new LinkedHashMap<>();
        List<PackItem> small = items.stream().filter(this::goesIntoCarton).toList();
        if (!small.isEmpty()) {
            for (PlannedPackage each : new PackPlanner(boxes)
                    .proposal(small, new CartonCost(), effort)
                    .packages()) {
                cartons.put(-1L - cartons.size(), each);
            }
        }
        return cartons;
    }

    private static PackItem asUnit(long key, PlannedPackage carton) {
        return new PackItem(
                key,
                carton.carton().name(),
                1,
                carton.expectedWeight(),
                Optional.of(carton.carton().outer()),
                new Handling(true, false, false),
                List.of());
    }

    /** The pallet with what is in its cartons as its contents. */
    private static PlannedPackage unfolded(
            PlannedPackage pallet,
            Map<Long, PlannedPackage> cartons,
            Map<Long, PackItem> byKey,
            Map<Long, Integer> taken) {
        Map<Long, Integer> counts = new LinkedHashMap<>();
        for (Content content : pallet.contents()) {
            PlannedPackage carton = cartons.get(content.itemKey());
            if (carton == null) {
                counts.merge(content.itemKey(), content.quantity(), Integer::sum);
            } else {
                carton.contents().forEach(inside -> counts.merge(inside.itemKey(), inside.quantity(), Integer::sum));
            }
        }
        List<Content> contents = counts.entrySet().stream()
                .map(each -> {
                    int before = taken.getOrDefault(each.getKey(), 0);
                    taken.put(each.getKey(), before + each.getValue());
                    return new Content(
                            each.getKey(),
                            each.getValue(),
                            LotShare.take(
                                    Objects.requireNonNull(byKey.get(each.getKey()))
                                            .lots(),
                                    before,
                                    each.getValue()));
                })
                .toList();
        return new PlannedPackage(
                pallet.carton(),
                contents,
                pallet.placements().stream()
                        .map(placement -> named(placement, cartons.get(placement.itemKey()), byKey))
                        .toList(),
                pallet.expectedWeight(),
                pallet.reason());
    }

    private static Placement named(Placement placement, @Nullable PlannedPackage carton, Map<Long, PackItem> byKey) {
        if (carton == null) {
            return placement;
        }
        String inside = carton.contents().stream()
                .map(content -> content.quantity() + " × "
                        + Objects.requireNonNull(byKey.get(content.itemKey())).description())
                .collect(Collectors.joining(", "));
        return new Placement(
                carton.contents().get(0).itemKey(),
                placement.x(),
                placement.y(),
                placement.z(),
                placement.lying(),
                Optional.of(new CartonOnPallet(carton.carton().code(), inside)));
    }
}
