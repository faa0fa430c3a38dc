package nobrec.core.packing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import nobrec.core.measure.LengthUnit;
import nobrec.core.measure.Weight;
import nobrec.core.packing.PackPlan.Content;
import nobrec.core.packing.PackPlan.PlannedPackage;

/**
 * Proposes cartons by weight band: all in one when a band covers the contents, else the strongest cartons are filled in
 * turn and each is put into the type of its own weight. Pieces whose size is known must also fit in as one pile, all lying
 * the same way; pieces without a size are taken to find room.
 */
public final class PackPlanner {

    private static final Comparator<CartonType> CHEAPEST =
            Comparator.comparing(CartonType::cost).thenComparing(CartonType::code);

    private final List<CartonType> cartons;

    public PackPlanner(List<CartonType> cartons) {
        if (cartons.isEmpty()) {
            throw new IllegalArgumentException("Without a carton type nothing can be packed.");
        }
        this.cartons = List.copyOf(cartons);
    }

    public PackPlan plan(List<PackItem> items) {
        if (items.stream().anyMatch(item -> item.unitWeight().isEmpty())) {
            return new PackPlan(List.of(new PlannedPackage(
                    standard(), everything(items), Optional.empty(), new CartonReason.WeightUnknown())));
        }
        List<PlannedPackage> packages = new ArrayList<>();
        Filling filling = new Filling();
        for (PackItem item : items) {
            for (int piece = 0; piece < item.quantity(); piece++) {
                if (!filling.isEmpty() && bandFor(filling.with(item)).isEmpty()) {
                    packages.add(close(filling));
                    filling = new Filling();
                }
                filling = filling.with(item);
            }
        }
        if (!filling.isEmpty()) {
            packages.add(close(filling));
        }
        return new PackPlan(packages);
    }

    private PlannedPackage close(Filling filling) {
        Optional<CartonType> carton = bandFor(filling);
        CartonReason reason = carton.<CartonReason>map(
                        type -> new CartonReason.WeightBand(filling.weight, type.bandFrom(), type.bandTo()))
                .orElseGet(
                        () -> new CartonReason.NothingFits(filling.pieces.get(0).description()));
        return new PlannedPackage(
                carton.orElseGet(this::roomiest), filling.contents(), Optional.of(filling.weight), reason);
    }

    /** The cheapest whose band covers the weight; contents lighter than every band go into the one that begins lowest. */
    private Optional<CartonType> bandFor(Filling filling) {
        List<CartonType> roomy = cartons.stream()
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

    private CartonType standard() {
        return cartons.stream().filter(CartonType::standard).findFirst().orElse(cartons.get(0));
    }

    private CartonType roomiest() {
        return cartons.stream()
                .max(Comparator.comparing(carton -> carton.inner().volumeOfWholeUnits(LengthUnit.MILLIMETRE)))
                .orElseThrow();
    }

    private static List<Content> everything(List<PackItem> items) {
        return items.stream()
                .map(item -> new Content(item.key(), item.quantity()))
                .toList();
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

        List<Content> contents() {
            List<Content> contents = new ArrayList<>();
            for (PackItem piece : pieces) {
                int last = contents.size() - 1;
                if (last >= 0 && contents.get(last).itemKey() == piece.key()) {
                    contents.set(
                            last, new Content(piece.key(), contents.get(last).quantity() + 1));
                } else {
                    contents.add(new Content(piece.key(), 1));
                }
            }
            return contents;
        }
    }
}
