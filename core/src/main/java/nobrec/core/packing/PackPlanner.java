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
 * Proposes cartons by weight band: all in one when a band covers the contents, else the strongest cartons filled in turn
 * and each then put into the type of its own weight. A piece with a known size only goes where it fits by itself. How
 * pieces lie beside each other is not computed here.
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

    private Optional<CartonType> bandFor(Filling filling) {
        return cartons.stream()
                .filter(carton -> carton.bandCovers(filling.weight)
                        && !filling.weight.isAbove(carton.greatestContents())
                        && filling.eachFits(carton))
                .min(CHEAPEST);
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

        boolean eachFits(CartonType carton) {
            return pieces.stream()
                    .allMatch(
                            piece -> piece.unitSize().map(carton.inner()::holds).orElse(true));
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
