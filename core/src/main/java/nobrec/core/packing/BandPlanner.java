package nobrec.core.packing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nobrec.core.measure.Weight;
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
        for (PackItem all : items) {
            PackItem item = all.ofQuantity(1);
            for (int piece = 0; piece < all.quantity(); piece++) {
                if (!filling.isEmpty() && bandFor(filling.with(item)).isEmpty()) {
                    packages.add(close(filling, taken));
                    filling = new Filling();
                }
                filling = filling.with(item);
            }
        }
        if (!filling.isEmpty()) {
            packages.add(close(filling, taken));
        }
        return packages;
    }

    /** @param taken pieces of each item in the packages before; their lots are used up */
    private PlannedPackage close(Filling filling, Map<Long, Integer> taken) {
        Optional<CartonType> carton = bandFor(filling);
        CartonReason reason = carton.<CartonReason>map(
                        type -> new CartonReason.WeightBand(filling.weight, type.bandFrom(), type.bandTo()))
                .orElseGet(
                        () -> new CartonReason.NothingFits(filling.pieces.get(0).description()));
        CartonType chosen = carton.orElseGet(() -> PackPlanner.roomiest(cartons));
        return new PlannedPackage(
                chosen,
                PackPlanner.contents(filling.pieces, taken),
                List.of(),
                Optional.of(filling.weight.plus(chosen.tare())),
                reason);
    }

    /** The cheapest whose band covers the weight; contents lighter than every band go into the one that begins lowest. */
    private Optional<CartonType> bandFor(Filling filling) {
        List<CartonType> roomy = cartons.stream()
                .filter(CartonType::hasBand)
                .filter(carton -> !filling.weight.isAbove(carton.greatestContents()) && filling.liesIn(carton))
                .toList();
        Optional<CartonType> covering = roomy.stream()
                .filter(carton -> carton.bandCovers(filling.weight))
                .min(CHEAPEST);
        boolean belowAll = roomy.stream().allMatch(carton -> carton.bandFrom().isAbove(filling.weight));
        return covering.isPresent() || !belowAll
                ? covering
                : roomy.stream().min(Comparator.comparing(CartonType::bandFrom).thenComparing(CHEAPEST));
    }

    /** The pieces in the package being filled. */
    private static final class Filling {
        private final List<PackItem> pieces;
        private final Weight weight;

        Filling() {
            this(List.of(), Weight.ZERO);
        }

        private Filling(List<PackItem> pieces, Weight weight) {
            this.pieces = pieces;
            this.weight = weight;
        }

        Filling with(PackItem item) {
            List<PackItem> more = new ArrayList<>(pieces);
            more.add(item);
            return new Filling(more, weight.plus(item.unitWeight().orElseThrow()));
        }

        boolean isEmpty() {
            return pieces.isEmpty();
        }

        boolean liesIn(CartonType carton) {
            return carton.inner()
                    .holdsPile(pieces.stream()
                            .flatMap(piece -> piece.unitSize().stream())
                            .toList());
        }
    }
}
