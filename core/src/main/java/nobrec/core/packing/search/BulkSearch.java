package nobrec.core.packing.search;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import nobrec.core.carton.CartonKind;
import nobrec.core.carton.PackageCost;
import nobrec.core.packing.search.Packed.Choice;

/** The plan for very many pieces, or very many kinds: cartons are filled in turn, in a grid where a kind fills whole ones. */
final class BulkSearch {

    /** Up to so many pieces, of so many kinds, every way that pays is tried; beyond that cartons are filled in turn. */
    static final int MAX_PIECES = 500;

    private static final int MAX_KINDS = 200;

    /** Of so many pieces of a kind it is worth looking whether they fill a carton. */
    private static final int FULL_FROM = 20;

    /** No more pieces than this are laid into one carton. */
    private static final int MAX_IN_ONE = 20_000;

    /** So many cartons stay open while very many pieces are packed. */
    private static final int OPEN_IN_BULK = 24;

    private static final double NO_PRICE = Double.MAX_VALUE;

    private final Fits fits;
    private final PackageCost cost;
    private final PackingEffort effort;
    private final CartonChoices choices;

    BulkSearch(Fits fits, PackageCost cost, PackingEffort effort, CartonChoices choices) {
        this.fits = fits;
        this.cost = cost;
        this.effort = effort;
        this.choices = choices;
    }

    static boolean isBulk(int[] needed) {
        return Filler.sum(needed) > MAX_PIECES
                || Arrays.stream(needed).filter(count -> count > 0).count() > MAX_KINDS;
    }

    /**
     * Full cartons of each kind of piece; what is left of the kinds goes together.
     *
     * @param few plans what is left, where that is few enough
     */
    Optional<Packed> plan(int[] needed, Function<int[], Optional<Packed>> few) {
        List<Choice> packages = new ArrayList<>();
        int[] left = needed.clone();
        for (int kind = 0; kind < left.length; kind++) {
            if (left[kind] >= FULL_FROM) {
                addFull(kind, left, packages);
            }
        }
        if (Filler.sum(left) > 0) {
            Optional<Packed> rest = isBulk(left) ? inOnePass(left) : few.apply(left);
            if (rest.isEmpty()) {
                return Optional.empty();
            }
            packages.addAll(rest.get().packages());
        }
        return Optional.of(Packed.of(packages));
    }

    /** Very many of a kind that fill no carton go into one for themselves as well: they are not laid one by one. */
    private void addFull(int kind, int[] left, List<Choice> packages) {
        int best = -1;
        int pieces = 0;
        double price = NO_PRICE;
        for (int carton = 0; carton < fits.cartons().size(); carton++) {
            int capacity =
                    Grid.capacity(fits.kinds()[kind], fits.roomOf(carton), choices.maximumContents(carton), MAX_IN_ONE);
            double each = capacity == 0 ? NO_PRICE : priceOfPiece(kind, carton, capacity);
            if (each < price) {
                best = carton;
                pieces = capacity;
                price = each;
            }
        }
        if (best >= 0 && pieces <= left[kind]) {
            Choice full = choices.filled(kind, best, pieces);
            while (left[kind] >= pieces) {
                packages.add(full);
                left[kind] -= pieces;
            }
        }
        if (left[kind] > MAX_PIECES) {
            addRestOfKind(kind, left, packages);
        }
    }

    private void addRestOfKind(int kind, int[] left, List<Choice> packages) {
        choices.firstThatHolds(
                        choices.counts(kind, left[kind]),
                        CartonChoices.ANY_PRICE,
                        (carton, needed) -> Optional.of(Grid.fill(
                                        fits.kinds(),
                                        kind,
                                        fits.roomOf(carton),
                                        choices.maximumContents(carton),
                                        left[kind]))
                                .filter(load -> load.pieces() == left[kind]))
                .ifPresent(choice -> {
                    packages.add(choice);
                    left[kind] = 0;
                });
    }

    private Optional<Packed> inOnePass(int[] needed) {
        List<OpenCartons.Kind> preferred = new OpenKinds(fits, cost, needed).preferred();
        return preferred.isEmpty()
                ? Optional.empty()
                : Optional.ofNullable(CartonChoices.taken(new OpenCartons(fits.kinds(), effort)
                        .inOnePass(needed, preferred, OPEN_IN_BULK).stream()
                                .map(choices::of)
                                .map(this::inSmaller)
                                .toList()));
    }

    /** What fills less than half of its carton may go into a smaller one. */
    private Choice inSmaller(Choice here) {
        return here.load().volume() < here.load().roomLeft()
                ? choices.firstThatHolds(here.counts(), here.cents(), fits::once)
                        .orElse(here)
                : here;
    }

    private double priceOfPiece(int kind, int carton, int pieces) {
        long bare = choices.cents(carton, fits.gross(carton, kind, pieces));
        boolean byHeight = fits.cartons().get(carton).kind() == CartonKind.PALLET && bare != PackageCost.NOT_TAKEN;
        long cents = byHeight ? choices.filled(kind, carton, pieces).cents() : bare;
        return cents == PackageCost.NOT_TAKEN ? NO_PRICE : (double) cents / pieces;
    }

    /** Whether some carton takes such a piece in this service. */
    boolean takes(int kind) {
        for (int carton = 0; carton < fits.cartons().size(); carton++) {
            if (fits.mayHoldOne(carton, kind) && priceOfPiece(kind, carton, 1) < NO_PRICE) {
                return true;
            }
        }
        return false;
    }
}
