package nobrec.core.packing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nobrec.core.carton.CartonType;
import nobrec.core.item.LotShare;
import nobrec.core.item.PackItem;
import nobrec.core.measure.Pile;
import nobrec.core.measure.Weight;
import nobrec.core.packing.PackPlan.Content;
import nobrec.core.packing.PackPlan.PlannedPackage;

/**
 * Proposes cartons by weight band, for shipments in which a size is missing: all in one when a band covers the contents, else
 * the strongest cartons are filled in turn and each is put into the type of its own weight. Pieces whose size is known must
 * also fit in as one pile, all lying the same way; pieces without a size are taken to find room.
 */
final class BandPlanner {

    private static final Comparator<CartonType> CHEAPEST =
            Comparator.comparing(CartonType::cost).thenComparing(CartonType::code);

    private final List<CartonType> cartons;

    BandPlanner(List<CartonType> cartons) {
        this.cartons = cartons;
    }

    List<PlannedPackage> plan(List<PackItem> items) {
        List<PlannedPackage> packages = new ArrayList<>();
        Map<Long, Integer> taken = new HashMap<>();
        Filling filling = new Filling();
        for (PackItem item : items) {
            for (int piece = 0; piece < item.quantity(); piece++) {
                if (!filling.isEmpty()
                        && bandFor(filling.weightWith(item), filling.pileWith(item))
                                .isEmpty()) {
                    packages.add(close(filling, taken));
                    filling = new Filling();
                }
                filling.add(item);
            }
        }
        if (!filling.isEmpty()) {
            packages.add(close(filling, taken));
        }
        return packages;
    }

    /** @param taken pieces of each item in the packages before; their lots are used up */
    private PlannedPackage close(Filling filling, Map<Long, Integer> taken) {
        Optional<CartonType> byBand = bandFor(filling.weight, filling.pile);
        Optional<CartonType> carton =
                byBand.or(() -> roomy(filling.weight, filling.pile).stream().min(CHEAPEST));
        CartonType chosen = carton.orElseGet(() -> PackPlanner.roomiest(cartons));
        CartonReason reason = byBand.<CartonReason>map(
                        type -> new CartonReason.WeightBand(filling.weight, type.bandFrom(), type.bandTo()))
                .orElseGet(() -> carton.isPresent()
                        ? new CartonReason.HoldsBesideBand(filling.weight)
                        : new CartonReason.NothingFits(filling.first().description()));
        return new PlannedPackage(
                chosen, filling.contents(taken), List.of(), Optional.of(filling.weight.plus(chosen.tare())), reason);
    }

    private List<CartonType> roomy(Weight weight, Pile pile) {
        return cartons.stream()
                .filter(carton -> !weight.isAbove(carton.maximumContents()) && pile.liesIn(carton.inner()))
                .toList();
    }

    /** The cheapest whose band covers the weight; contents lighter than every band go into the one that begins lowest. */
    private Optional<CartonType> bandFor(Weight weight, Pile pile) {
        List<CartonType> roomy =
                roomy(weight, pile).stream().filter(CartonType::hasBand).toList();
        Optional<CartonType> covering =
                roomy.stream().filter(carton -> carton.bandCovers(weight)).min(CHEAPEST);
        boolean belowAll = roomy.stream().allMatch(carton -> carton.bandFrom().isAbove(weight));
        return covering.isPresent() || !belowAll
                ? covering
                : roomy.stream().min(Comparator.comparing(CartonType::bandFrom).thenComparing(CHEAPEST));
    }

    /** The pieces in the package being filled, counted. */
    private static final class Filling {
        private final Map<PackItem, Integer> counts = new LinkedHashMap<>();
        private Weight weight = Weight.ZERO;
        private Pile pile = Pile.NONE;

        void add(PackItem item) {
            weight = weightWith(item);
            pile = pileWith(item);
            counts.merge(item, 1, Integer::sum);
        }

        Weight weightWith(PackItem item) {
            return weight.plus(item.unitWeight().orElseThrow());
        }

        Pile pileWith(PackItem item) {
            return item.unitSize().map(pile::with).orElse(pile);
        }

        boolean isEmpty() {
            return counts.isEmpty();
        }

        PackItem first() {
            return counts.keySet().iterator().next();
        }

        List<Content> contents(Map<Long, Integer> taken) {
            return counts.entrySet().stream()
                    .map(each -> {
                        PackItem item = each.getKey();
                        int before = taken.getOrDefault(item.key(), 0);
                        taken.put(item.key(), before + each.getValue());
                        return new Content(
                                item.key(), each.getValue(), LotShare.take(item.lots(), before, each.getValue()));
                    })
                    .toList();
        }
    }
}
