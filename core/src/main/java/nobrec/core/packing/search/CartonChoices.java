package nobrec.core.packing.search;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;
import nobrec.core.carton.CartonKind;
import nobrec.core.carton.CartonType;
import nobrec.core.carton.PackageCost;
import nobrec.core.measure.Weight;
import nobrec.core.packing.search.Packed.Choice;
import org.jspecify.annotations.Nullable;

/** Which carton takes given pieces in one service for the least, as far as it is worth looking. */
final class CartonChoices {

    static final long ANY_PRICE = Long.MAX_VALUE;

    private final Fits fits;
    private final PackageCost cost;
    private final PackingEffort effort;
    private final Map<Needed, Optional<Choice>> choices = new HashMap<>();

    CartonChoices(Fits fits, PackageCost cost, PackingEffort effort) {
        this.fits = fits;
        this.cost = cost;
        this.effort = effort;
    }

    /** The carton in which these pieces together cost the least, if that is less than {@code limit}. */
    Optional<Choice> cheapestFor(int[] counts, long limit) {
        Needed key = Needed.of(counts);
        Optional<Choice> known = choices.get(key);
        if (known == null) {
            known = firstThatHolds(counts, limit, fits::quickly);
            if (known.isPresent() || limit > ANY_PRICE / 2) {
                choices.put(key, known);
            }
        }
        return known.filter(choice -> choice.cents() < limit);
    }

    /** A carton that takes these pieces for less than {@code limit}, looked for with more patience. */
    Optional<Choice> cheaperCarton(int[] counts, long limit) {
        return effort.isSpent() ? Optional.empty() : firstThatHolds(counts, limit, fits::thoroughly);
    }

    private record Priced(int carton, long cents) {}

    Optional<Choice> firstThatHolds(int[] counts, long limit, BiFunction<Integer, int[], Optional<Load>> fitting) {
        Choice best = null;
        for (Priced each : byPrice(counts)) {
            if (each.cents >= (best == null ? limit : best.cents())) {
                break;
            }
            Optional<Load> load = fitting.apply(each.carton, counts);
            if (load.isPresent()) {
                long cents = loaded(each, counts, load.get());
                if (cents != PackageCost.NOT_TAKEN && (best == null || cents < best.cents())) {
                    best = new Choice(each.carton, counts.clone(), load.get(), cents);
                }
            }
        }
        return Optional.ofNullable(best);
    }

    /** A pallet is priced as high as it is loaded, which is never below the price of the bare one. */
    long loaded(Priced priced, int[] counts, Load load) {
        CartonType type = fits.cartons().get(priced.carton);
        return type.kind() == CartonKind.PALLET
                ? cost.cents(type, fits.outer(priced.carton, load), fits.gross(priced.carton, counts))
                : priced.cents;
    }

    List<Priced> byPrice(int[] counts) {
        List<Priced> byPrice = new ArrayList<>();
        for (int carton = 0; carton < fits.cartons().size(); carton++) {
            if (fits.mayHold(carton, counts)) {
                long cents = cents(carton, counts);
                if (cents != PackageCost.NOT_TAKEN) {
                    byPrice.add(new Priced(carton, cents));
                }
            }
        }
        byPrice.sort(Comparator.comparingLong(Priced::cents));
        return byPrice;
    }

    long cents(int carton, int[] counts) {
        return cents(carton, fits.gross(carton, counts));
    }

    long cents(int carton, Weight gross) {
        CartonType type = fits.cartons().get(carton);
        return cost.cents(type, type.outer(), gross);
    }

    Choice of(OpenCartons.Open open) {
        int carton = open.kind().carton();
        int[] counts = open.load().counts();
        return new Choice(
                carton, counts, open.load(), loaded(new Priced(carton, cents(carton, counts)), counts, open.load()));
    }

    /** Null when the service does not take one of them. */
    static @Nullable Packed taken(List<Choice> choices) {
        return choices.stream().anyMatch(choice -> choice.cents() == PackageCost.NOT_TAKEN) ? null : Packed.of(choices);
    }

    long maximumContents(int carton) {
        CartonType type = fits.cartons().get(carton);
        long byService = cost.maximumGross().eighthNanograms() - type.tare().eighthNanograms();
        return Math.max(0, Math.min(byService, type.maximumContents().eighthNanograms()));
    }

    /** So many pieces of a kind in a carton, laid as a grid. */
    Choice filled(int kind, int carton, int pieces) {
        Load load = Grid.fill(fits.kinds(), kind, fits.roomOf(carton), maximumContents(carton), pieces);
        int[] counts = counts(kind, pieces);
        return new Choice(carton, counts, load, loaded(new Priced(carton, cents(carton, counts)), counts, load));
    }

    int[] counts(int kind, int pieces) {
        int[] counts = new int[fits.kinds().length];
        counts[kind] = pieces;
        return counts;
    }
}
