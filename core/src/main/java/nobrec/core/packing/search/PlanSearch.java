package nobrec.core.packing.search;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import nobrec.core.carton.PackageCost;
import nobrec.core.packing.search.Packed.Choice;
import org.jspecify.annotations.Nullable;

/**
 * The choice among cartons and splits for one service: everything in one carton; then, while another package could still pay,
 * cartons that all stay open, and cartons filled one after the other with the most promising ways kept side by side; then pieces moved between packages while that saves.
 */
public final class PlanSearch {

    /** Ways kept side by side after each package. */
    private static final int WAYS_KEPT = 3;

    /** Of one kind of carton alone, where more are needed than this, filling one after the other finds nothing better. */
    private static final int FEW_PACKAGES = 2;

    /** Of so few pieces the fewest cartons are found by leaving all open alone. */
    private static final int FEW_PIECES = 50;

    /** Up to so many pieces the best way of filling cartons in turn is followed to its end, whatever the effort. */
    private static final int FOLLOWED_TO_THE_END = 200;

    private static final int MAX_PACKAGES = 400;
    private static final long THOUSAND = 1000;

    private final Fits fits;
    private final PackageCost cost;
    private final PackingEffort effort;
    private final int cartons;
    private final CartonChoices choices;
    private final BulkSearch bulk;
    private final Rearrangement rearrangement;

    public PlanSearch(Fits fits, PackageCost cost, PackingEffort effort) {
        this.fits = fits;
        this.cost = cost;
        this.effort = effort;
        this.cartons = fits.cartons().size();
        this.choices = new CartonChoices(fits, cost, effort);
        this.bulk = new BulkSearch(fits, cost, effort, choices);
        this.rearrangement = new Rearrangement(choices, effort);
    }

    /** Packages of a way so far, and what is left over. */
    private record Way(List<Choice> packages, int[] left, long cents, long rank) {}

    /** The cheapest found; empty when pieces remain that no carton takes in this service. */
    public Optional<Packed> cheapest(int[] needed) {
        effort.begin(Filler.sum(needed));
        Packed best = one(needed);
        if (best != null && best.cents() < 2 * cost.minimumCents()) {
            return Optional.of(snug(best));
        }
        OpenKinds kinds = new OpenKinds(fits, cost, needed);
        Packed open = allOpen(needed, kinds);
        if (open != null && kinds.isOnlyOne() && open.packages().size() > FEW_PACKAGES) {
            return Optional.of(best == null ? open : best.orCheaper(open));
        }
        effort.begin(Filler.sum(needed));
        if (open != null && kinds.costTheSame() && Filler.sum(needed) <= FEW_PIECES) {
            return Optional.of(snug(improved(needed, best == null ? open : best.orCheaper(open))));
        }
        best = Packed.cheaper(best, oneKindApart(needed, best));
        best = Packed.cheaper(best, inTurn(needed, best, open != null && Filler.sum(needed) > FOLLOWED_TO_THE_END));
        if (best == null && open == null) {
            return Optional.empty();
        }
        Packed improved = best == null ? null : improved(needed, best);
        if (open != null && (best == null || open.cents() < best.cents())) {
            effort.begin(Filler.sum(needed));
            improved = Packed.cheaper(improved, improved(needed, open));
        }
        return Optional.of(snug(Objects.requireNonNull(improved, "one of the two")));
    }

    /** Beyond so many pieces cartons are filled in turn. */
    public static final int MAX_PIECES = BulkSearch.MAX_PIECES;

    /** Whether there are too many pieces, or kinds, to try every way that pays. */
    public static boolean isBulk(int[] needed) {
        return BulkSearch.isBulk(needed);
    }

    /** The plan for very many pieces. */
    public Optional<Packed> inBulk(int[] needed) {
        return bulk.plan(needed, this::cheapest);
    }

    /** Whether some carton takes such a piece in this service. */
    public boolean takes(int kind) {
        return bulk.takes(kind);
    }

    private Packed improved(int[] needed, Packed start) {
        Packed best = start;
        if (best.packages().size() > 1) {
            best = best.orCheaper(choices.cheaperCarton(needed, best.cents())
                    .map(choice -> Packed.of(List.of(choice)))
                    .orElse(null));
        }
        return rearrangement.rearranged(best);
    }

    /** Cartons that all stay open, each then in the cheapest that holds what is in it; null where that is not possible. */
    private @Nullable Packed allOpen(int[] needed, OpenKinds kinds) {
        List<OpenCartons.Kind> preferred = kinds.preferred();
        return preferred.isEmpty()
                ? null
                : CartonChoices.taken(new OpenCartons(fits.kinds(), effort)
                        .fewest(needed, preferred).stream()
                                .map(choices::of)
                                .map(here -> choices.cheapestFor(here.counts(), here.cents())
                                        .orElse(here))
                                .toList());
    }

    /** Each package in a cheaper carton, where looking longer finds a way into one. */
    private Packed snug(Packed packed) {
        return Packed.of(packed.packages().stream()
                .map(choice ->
                        choices.cheaperCarton(choice.counts(), choice.cents()).orElse(choice))
                .toList());
    }

    private static long limit(@Nullable Packed best) {
        return best == null ? CartonChoices.ANY_PRICE : best.cents();
    }

    private @Nullable Packed one(int[] needed) {
        return choices.cheapestFor(needed, CartonChoices.ANY_PRICE)
                .map(choice -> Packed.of(List.of(choice)))
                .orElse(null);
    }

    private @Nullable Packed oneKindApart(int[] needed, @Nullable Packed best) {
        Packed cheapest = best;
        if (Arrays.stream(needed).filter(count -> count > 0).count() < 2) {
            return cheapest;
        }
        for (int kind = 0; kind < needed.length && !effort.isSpent(); kind++) {
            if (needed[kind] > 0) {
                int[] apart = new int[needed.length];
                apart[kind] = needed[kind];
                int[] rest = needed.clone();
                rest[kind] = 0;
                long limit = limit(cheapest);
                Optional<Choice> here = choices.cheapestFor(apart, limit);
                Optional<Choice> there = here.flatMap(choice -> choices.cheapestFor(rest, limit - choice.cents()));
                if (there.isPresent()) {
                    cheapest = Packed.cheaper(cheapest, Packed.of(List.of(here.get(), there.get())));
                }
            }
        }
        return cheapest;
    }

    /**
     * Fills cartons in turn. Once the effort is spent only the best way is followed to its end, so that there is a plan.
     *
     * @param endsWithEffort whether there is another plan already and very much to pack: then no way is followed to its end
     */
    private @Nullable Packed inTurn(int[] needed, @Nullable Packed known, boolean endsWithEffort) {
        Packed best = known;
        List<Way> ways = List.of(new Way(List.of(), needed, 0, 0));
        for (int depth = 0; depth < MAX_PACKAGES && !ways.isEmpty(); depth++) {
            Map<Needed, Way> next = new LinkedHashMap<>();
            for (Way way : ways) {
                if (effort.isSpent() && (endsWithEffort || best != null)) {
                    return best;
                }
                Optional<Choice> rest =
                        depth == 0 ? Optional.empty() : choices.cheapestFor(way.left, limit(best) - way.cents);
                if (rest.isPresent()) {
                    best = Packed.cheaper(best, Packed.of(with(way.packages, rest.get())));
                }
                for (Way longer : oneMore(way, needed, limit(best), endsWithEffort)) {
                    next.merge(
                            Needed.of(longer.left), longer, (one, other) -> one.cents <= other.cents() ? one : other);
                }
            }
            ways = next.values().stream()
                    .sorted(Comparator.comparingLong(Way::rank).thenComparingLong(Way::cents))
                    .limit(effort.isSpent() ? 1 : WAYS_KEPT)
                    .toList();
        }
        return best;
    }

    private List<Way> oneMore(Way way, int[] needed, long limit, boolean endsWithEffort) {
        List<Way> longer = new ArrayList<>();
        for (int carton = 0; carton < cartons && !(endsWithEffort && effort.isSpent()); carton++) {
            long maximum = choices.maximumContents(carton);
            Load load = fits.most(carton, way.left, maximum);
            if (load.pieces() == 0) {
                continue;
            }
            int[] counts = load.counts();
            Optional<Choice> choice = choices.cheapestFor(counts, limit - way.cents);
            if (choice.isEmpty()) {
                continue;
            }
            int[] left = minus(way.left, counts);
            long cents = way.cents + choice.get().cents();
            if (Filler.sum(left) > 0 && cents + cost.minimumCents() < limit) {
                longer.add(new Way(with(way.packages, choice.get()), left, cents, rank(cents, left, needed)));
            }
        }
        return longer;
    }

    /** What the whole would cost if the rest went as dearly as what is packed, half by volume and half by weight. */
    private long rank(long cents, int[] left, int[] needed) {
        long done = THOUSAND - (share(left, needed, true) + share(left, needed, false)) / 2;
        return cents * THOUSAND / Math.max(1, done);
    }

    private long share(int[] left, int[] needed, boolean byVolume) {
        long part = 0;
        long all = 0;
        for (int kind = 0; kind < left.length; kind++) {
            PieceKind each = fits.kinds()[kind];
            long measure = (byVolume ? each.volume : each.weight) / THOUSAND;
            part += measure * left[kind];
            all += measure * needed[kind];
        }
        return part * THOUSAND / Math.max(1, all);
    }

    private static List<Choice> with(List<Choice> packages, Choice more) {
        List<Choice> longer = new ArrayList<>(packages);
        longer.add(more);
        return longer;
    }

    private static int[] minus(int[] from, int[] what) {
        int[] rest = from.clone();
        for (int kind = 0; kind < rest.length; kind++) {
            rest[kind] -= what[kind];
        }
        return rest;
    }
}
