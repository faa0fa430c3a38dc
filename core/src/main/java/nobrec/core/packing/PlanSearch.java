package nobrec.core.packing;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;
import nobrec.core.measure.Weight;

/**
 * The choice among cartons and splits for one service: everything in one carton; then, while another package could still pay,
 * cartons that all stay open, and cartons filled one after the other with the most promising ways kept side by side; then pieces moved between packages while that saves.
 */
final class PlanSearch {

    /** Ways kept side by side after each package. */
    private static final int WAYS_KEPT = 3;

    /** Of one kind of carton alone, where more are needed than this, filling one after the other finds nothing better. */
    private static final int FEW_PACKAGES = 2;

    /** Of so few pieces the fewest cartons are found by leaving all open alone. */
    private static final int FEW_PIECES = 50;

    /** So often two packages are looked at for what could move between them. */
    private static final int MOST_PAIRS = 3_000;

    /** Up to so many pieces the best way of filling cartons in turn is followed to its end, whatever the effort. */
    private static final int FOLLOWED_TO_THE_END = 200;

    private static final int MOST_PACKAGES = 400;
    private static final long THOUSAND = 1000;

    /** Up to so many pieces, of so many kinds, every way that pays is tried; beyond that cartons are filled in turn. */
    static final int MOST_PIECES = 500;

    private static final int MOST_KINDS = 200;

    /** Of so many pieces of a kind it is worth looking whether they fill a carton. */
    private static final int FULL_FROM = 20;

    /** No more pieces than this are laid into one carton. */
    private static final int MOST_IN_ONE = 20_000;

    /** So many cartons stay open while very many pieces are packed. */
    private static final int OPEN_IN_BULK = 24;

    private static final long ANY_PRICE = Long.MAX_VALUE;
    private static final double NO_PRICE = Double.MAX_VALUE;

    private final Fits fits;
    private final PackageCost cost;
    private final PackingEffort effort;
    private final int cartons;
    private final Map<Wanted, Optional<Choice>> choices = new HashMap<>();

    PlanSearch(Fits fits, PackageCost cost, PackingEffort effort) {
        this.fits = fits;
        this.cost = cost;
        this.effort = effort;
        this.cartons = fits.cartons().size();
    }

    /** A carton with its contents. */
    record Choice(int carton, int[] counts, Load load, long cents) {}

    /** Packages that take everything wanted. */
    record Packed(List<Choice> packages, long cents) {

        static Packed of(List<Choice> packages) {
            return new Packed(
                    packages, packages.stream().mapToLong(Choice::cents).sum());
        }

        static Packed cheaper(Packed one, Packed other) {
            return one == null || other != null && other.cents < one.cents ? other : one;
        }
    }

    /** Packages of a way so far, and what is left over. */
    private record Way(List<Choice> packages, int[] left, long cents, long rank) {}

    /** The cheapest found; empty when pieces remain that no carton takes in this service. */
    Optional<Packed> cheapest(int[] wanted) {
        effort.begin(Filler.sum(wanted));
        Packed best = one(wanted);
        if (best != null && best.cents < 2 * cost.leastCents()) {
            return Optional.of(snug(best));
        }
        OpenKinds kinds = new OpenKinds(fits, cost, wanted);
        Packed open = allOpen(wanted, kinds);
        if (open != null && kinds.isOnlyOne() && open.packages.size() > FEW_PACKAGES) {
            return Optional.of(Packed.cheaper(best, open));
        }
        effort.begin(Filler.sum(wanted));
        if (open != null && kinds.costTheSame() && Filler.sum(wanted) <= FEW_PIECES) {
            return Optional.of(snug(improved(wanted, Packed.cheaper(best, open))));
        }
        best = Packed.cheaper(best, oneKindApart(wanted, best));
        best = Packed.cheaper(best, inTurn(wanted, best, open != null && Filler.sum(wanted) > FOLLOWED_TO_THE_END));
        if (best == null && open == null) {
            return Optional.empty();
        }
        Packed improved = best == null ? null : improved(wanted, best);
        if (open != null && (best == null || open.cents < best.cents)) {
            effort.begin(Filler.sum(wanted));
            improved = Packed.cheaper(improved, improved(wanted, open));
        }
        return Optional.of(snug(improved));
    }

    private Packed improved(int[] wanted, Packed start) {
        Packed best = start;
        if (best.packages.size() > 1) {
            best = Packed.cheaper(
                    best,
                    cheaperCarton(wanted, best.cents)
                            .map(choice -> Packed.of(List.of(choice)))
                            .orElse(null));
        }
        return rearranged(best);
    }

    /** Cartons that all stay open, each then in the cheapest that holds what is in it; null where that is not possible. */
    private Packed allOpen(int[] wanted, OpenKinds kinds) {
        List<OpenCartons.Kind> preferred = kinds.preferred();
        return preferred.isEmpty()
                ? null
                : taken(new OpenCartons(fits.kinds(), effort)
                        .fewest(wanted, preferred).stream()
                                .map(this::choice)
                                .map(here ->
                                        cheapestFor(here.counts, here.cents).orElse(here))
                                .toList());
    }

    private Choice choice(OpenCartons.Open open) {
        int carton = open.kind().carton();
        int[] counts = open.load().counts();
        return new Choice(
                carton, counts, open.load(), loaded(new Priced(carton, cents(carton, counts)), counts, open.load()));
    }

    /** Null when the service does not take one of them. */
    private static Packed taken(List<Choice> choices) {
        return choices.stream().anyMatch(choice -> choice.cents == PackageCost.NOT_TAKEN) ? null : Packed.of(choices);
    }

    static boolean isBulk(int[] wanted) {
        return Filler.sum(wanted) > MOST_PIECES
                || Arrays.stream(wanted).filter(count -> count > 0).count() > MOST_KINDS;
    }

    /** Full cartons of each kind of piece; what is left of the kinds goes together. */
    Optional<Packed> inBulk(int[] wanted) {
        List<Choice> choices = new ArrayList<>();
        int[] left = wanted.clone();
        for (int kind = 0; kind < left.length; kind++) {
            if (left[kind] >= FULL_FROM) {
                addFull(kind, left, choices);
            }
        }
        if (Filler.sum(left) > 0) {
            Optional<Packed> rest = isBulk(left) ? inOnePass(left) : cheapest(left);
            if (rest.isEmpty()) {
                return Optional.empty();
            }
            choices.addAll(rest.get().packages);
        }
        return Optional.of(Packed.of(choices));
    }

    /** Very many of a kind that fill no carton go into one for themselves as well: they are not laid one by one. */
    private void addFull(int kind, int[] left, List<Choice> choices) {
        int best = -1;
        int pieces = 0;
        double price = NO_PRICE;
        for (int carton = 0; carton < cartons; carton++) {
            int capacity =
                    Grid.capacity(fits.kinds()[kind], fits.roomOf(carton), greatestContents(carton), MOST_IN_ONE);
            double each = capacity == 0 ? NO_PRICE : priceOfPiece(kind, carton, capacity);
            if (each < price) {
                best = carton;
                pieces = capacity;
                price = each;
            }
        }
        if (best >= 0 && pieces <= left[kind]) {
            Choice full = filled(kind, best, pieces);
            while (left[kind] >= pieces) {
                choices.add(full);
                left[kind] -= pieces;
            }
        }
        if (left[kind] > MOST_PIECES) {
            addRestOfKind(kind, left, choices);
        }
    }

    private double priceOfPiece(int kind, int carton, int pieces) {
        long bare = cents(carton, fits.gross(carton, kind, pieces));
        boolean byHeight = fits.cartons().get(carton).kind() == CartonKind.PALLET && bare != PackageCost.NOT_TAKEN;
        long cents = byHeight ? filled(kind, carton, pieces).cents : bare;
        return cents == PackageCost.NOT_TAKEN ? NO_PRICE : (double) cents / pieces;
    }

    private Choice filled(int kind, int carton, int pieces) {
        Load load = Grid.fill(fits.kinds(), kind, fits.roomOf(carton), greatestContents(carton), pieces);
        int[] counts = counts(kind, pieces);
        return new Choice(carton, counts, load, loaded(new Priced(carton, cents(carton, counts)), counts, load));
    }

    private int[] counts(int kind, int pieces) {
        int[] counts = new int[fits.kinds().length];
        counts[kind] = pieces;
        return counts;
    }

    private void addRestOfKind(int kind, int[] left, List<Choice> choices) {
        firstThatHolds(
                        counts(kind, left[kind]),
                        ANY_PRICE,
                        (carton, wanted) -> Optional.of(Grid.fill(
                                        fits.kinds(), kind, fits.roomOf(carton), greatestContents(carton), left[kind]))
                                .filter(load -> load.pieces() == left[kind]))
                .ifPresent(choice -> {
                    choices.add(choice);
                    left[kind] = 0;
                });
    }

    private Optional<Packed> inOnePass(int[] wanted) {
        List<OpenCartons.Kind> preferred = new OpenKinds(fits, cost, wanted).preferred();
        return preferred.isEmpty()
                ? Optional.empty()
                : Optional.ofNullable(taken(new OpenCartons(fits.kinds(), effort)
                        .inOnePass(wanted, preferred, OPEN_IN_BULK).stream()
                                .map(this::choice)
                                .map(this::inSmaller)
                                .toList()));
    }

    /** What fills less than half of its carton may go into a smaller one. */
    private Choice inSmaller(Choice here) {
        return here.load.volume() < here.load.roomLeft()
                ? firstThatHolds(here.counts, here.cents, fits::once).orElse(here)
                : here;
    }

    /** Whether some carton takes such a piece in this service. */
    boolean takes(int kind) {
        for (int carton = 0; carton < cartons; carton++) {
            if (fits.mayHoldOne(carton, kind) && priceOfPiece(kind, carton, 1) < NO_PRICE) {
                return true;
            }
        }
        return false;
    }

    /** Each package in a cheaper carton, where looking longer finds a way into one. */
    private Packed snug(Packed packed) {
        return Packed.of(packed.packages.stream()
                .map(choice -> cheaperCarton(choice.counts, choice.cents).orElse(choice))
                .toList());
    }

    private static long limit(Packed best) {
        return best == null ? ANY_PRICE : best.cents;
    }

    private Packed one(int[] wanted) {
        return cheapestFor(wanted, ANY_PRICE)
                .map(choice -> Packed.of(List.of(choice)))
                .orElse(null);
    }

    private Packed oneKindApart(int[] wanted, Packed best) {
        Packed cheapest = best;
        if (Arrays.stream(wanted).filter(count -> count > 0).count() < 2) {
            return cheapest;
        }
        for (int kind = 0; kind < wanted.length && !effort.isSpent(); kind++) {
            if (wanted[kind] > 0) {
                int[] apart = new int[wanted.length];
                apart[kind] = wanted[kind];
                int[] rest = wanted.clone();
                rest[kind] = 0;
                long limit = limit(cheapest);
                Optional<Choice> here = cheapestFor(apart, limit);
                Optional<Choice> there = here.flatMap(choice -> cheapestFor(rest, limit - choice.cents));
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
    private Packed inTurn(int[] wanted, Packed known, boolean endsWithEffort) {
        Packed best = known;
        List<Way> ways = List.of(new Way(List.of(), wanted, 0, 0));
        for (int depth = 0; depth < MOST_PACKAGES && !ways.isEmpty(); depth++) {
            Map<Wanted, Way> next = new LinkedHashMap<>();
            for (Way way : ways) {
                if (effort.isSpent() && (endsWithEffort || best != null)) {
                    return best;
                }
                Optional<Choice> rest = depth == 0 ? Optional.empty() : cheapestFor(way.left, limit(best) - way.cents);
                if (rest.isPresent()) {
                    best = Packed.cheaper(best, Packed.of(with(way.packages, rest.get())));
                }
                for (Way longer : oneMore(way, wanted, limit(best), endsWithEffort)) {
                    next.merge(Wanted.of(longer.left), longer, (one, other) -> one.cents <= other.cents ? one : other);
                }
            }
            ways = next.values().stream()
                    .sorted(Comparator.comparingLong(Way::rank).thenComparingLong(Way::cents))
                    .limit(effort.isSpent() ? 1 : WAYS_KEPT)
                    .toList();
        }
        return best;
    }

    private List<Way> oneMore(Way way, int[] wanted, long limit, boolean endsWithEffort) {
        List<Way> longer = new ArrayList<>();
        for (int carton = 0; carton < cartons && !(endsWithEffort && effort.isSpent()); carton++) {
            long greatest = greatestContents(carton);
            Load load = fits.most(carton, way.left, greatest);
            if (load.pieces() == 0) {
                continue;
            }
            int[] counts = load.counts();
            Optional<Choice> choice = cheapestFor(counts, limit - way.cents);
            if (choice.isEmpty()) {
                continue;
            }
            int[] left = minus(way.left, counts);
            long cents = way.cents + choice.get().cents;
            if (Filler.sum(left) > 0 && cents + cost.leastCents() < limit) {
                longer.add(new Way(with(way.packages, choice.get()), left, cents, rank(cents, left, wanted)));
            }
        }
        return longer;
    }

    private long greatestContents(int carton) {
        CartonType type = fits.cartons().get(carton);
        long byService = cost.greatestGross().eighthNanograms() - type.tare().eighthNanograms();
        return Math.max(0, Math.min(byService, type.greatestContents().eighthNanograms()));
    }

    /** What the whole would cost if the rest went as dearly as what is packed, half by volume and half by weight. */
    private long rank(long cents, int[] left, int[] wanted) {
        long done = THOUSAND - (share(left, wanted, true) + share(left, wanted, false)) / 2;
        return cents * THOUSAND / Math.max(1, done);
    }

    private long share(int[] left, int[] wanted, boolean byVolume) {
        long part = 0;
        long all = 0;
        for (int kind = 0; kind < left.length; kind++) {
            PieceKind each = fits.kinds()[kind];
            long measure = (byVolume ? each.volume : each.weight) / THOUSAND;
            part += measure * left[kind];
            all += measure * wanted[kind];
        }
        return part * THOUSAND / Math.max(1, all);
    }

    /** Merges packages, and moves one piece or all of a kind from one to another, as long as that saves. */
    private Packed rearranged(Packed start) {
        List<Choice> packages = new ArrayList<>(start.packages);
        boolean saved = true;
        int pairs = 0;
        while (saved && !effort.isSpent()) {
            saved = false;
            for (int from = 0; from < packages.size() && !saved; from++) {
                for (int to = 0; to < packages.size() && !saved && !effort.isSpent() && pairs < MOST_PAIRS; to++) {
                    pairs++;
                    saved = from != to && saveBetween(packages, from, to);
                }
            }
        }
        return Packed.of(packages);
    }

    private boolean saveBetween(List<Choice> packages, int from, int to) {
        Choice giver = packages.get(from);
        Choice taker = packages.get(to);
        long before = giver.cents + taker.cents;
        Optional<Choice> merged = cheapestFor(plus(giver.counts, taker.counts), before);
        if (merged.isPresent()) {
            packages.set(to, merged.get());
            packages.remove(from);
            return true;
        }
        for (int kind = 0; kind < giver.counts.length; kind++) {
            int all = giver.counts[kind];
            if (all > 0 && (move(packages, from, to, kind, 1) || (all > 1 && move(packages, from, to, kind, all)))) {
                return true;
            }
            if (effort.isSpent()) {
                return false;
            }
        }
        return false;
    }

    private boolean move(List<Choice> packages, int from, int to, int kind, int pieces) {
        Choice giver = packages.get(from);
        Choice taker = packages.get(to);
        int[] less = giver.counts.clone();
        less[kind] -= pieces;
        int[] more = taker.counts.clone();
        more[kind] += pieces;
        if (Filler.sum(less) == 0) {
            return false;
        }
        long before = giver.cents + taker.cents;
        Optional<Choice> lighter = cheapestFor(less, before);
        Optional<Choice> heavier = lighter.flatMap(choice -> cheapestFor(more, before - choice.cents));
        if (heavier.isEmpty()) {
            return false;
        }
        packages.set(from, lighter.get());
        packages.set(to, heavier.get());
        return true;
    }

    /** The carton in which these pieces together cost the least, if that is less than {@code limit}. */
    private Optional<Choice> cheapestFor(int[] counts, long limit) {
        Wanted key = Wanted.of(counts);
        Optional<Choice> known = choices.get(key);
        if (known == null) {
            known = firstThatHolds(counts, limit, fits::quickly);
            if (known.isPresent() || limit > ANY_PRICE / 2) {
                choices.put(key, known);
            }
        }
        return known.filter(choice -> choice.cents < limit);
    }

    /** A carton that takes these pieces for less than {@code limit}, looked for with more patience. */
    private Optional<Choice> cheaperCarton(int[] counts, long limit) {
        return effort.isSpent() ? Optional.empty() : firstThatHolds(counts, limit, fits::thoroughly);
    }

    private record Priced(int carton, long cents) {}

    private Optional<Choice> firstThatHolds(
            int[] counts, long limit, BiFunction<Integer, int[], Optional<Load>> fitting) {
        Choice best = null;
        for (Priced each : byPrice(counts)) {
            if (each.cents >= (best == null ? limit : best.cents)) {
                break;
            }
            Optional<Load> load = fitting.apply(each.carton, counts);
            if (load.isPresent()) {
                long cents = loaded(each, counts, load.get());
                if (cents != PackageCost.NOT_TAKEN && (best == null || cents < best.cents)) {
                    best = new Choice(each.carton, counts.clone(), load.get(), cents);
                }
            }
        }
        return Optional.ofNullable(best);
    }

    /** A pallet is priced as high as it is loaded, which is never below the price of the bare one. */
    private long loaded(Priced priced, int[] counts, Load load) {
        CartonType type = fits.cartons().get(priced.carton);
        return type.kind() == CartonKind.PALLET
                ? cost.cents(type, fits.outer(priced.carton, load), fits.gross(priced.carton, counts))
                : priced.cents;
    }

    private List<Priced> byPrice(int[] counts) {
        List<Priced> byPrice = new ArrayList<>();
        for (int carton = 0; carton < cartons; carton++) {
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

    private long cents(int carton, int[] counts) {
        return cents(carton, fits.gross(carton, counts));
    }

    private long cents(int carton, Weight gross) {
        CartonType type = fits.cartons().get(carton);
        return cost.cents(type, type.outer(), gross);
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

    private static int[] plus(int[] one, int[] other) {
        int[] sum = one.clone();
        for (int kind = 0; kind < sum.length; kind++) {
            sum[kind] += other[kind];
        }
        return sum;
    }
}
