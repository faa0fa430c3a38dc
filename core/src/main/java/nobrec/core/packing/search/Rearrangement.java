package nobrec.core.packing.search;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nobrec.core.packing.search.Packed.Choice;

/** Merges packages of a plan, and moves pieces from one to another, as long as that saves. */
final class Rearrangement {

    /** So often two packages are looked at for what could move between them. */
    private static final int MAX_PAIRS = 3_000;

    private final CartonChoices choices;
    private final PackingEffort effort;

    Rearrangement(CartonChoices choices, PackingEffort effort) {
        this.choices = choices;
        this.effort = effort;
    }

    /** Merges packages, and moves one piece or all of a kind from one to another, as long as that saves. */
    Packed rearranged(Packed start) {
        List<Choice> packages = new ArrayList<>(start.packages());
        boolean saved = true;
        int pairs = 0;
        while (saved && !effort.isSpent()) {
            saved = false;
            for (int from = 0; from < packages.size() && !saved; from++) {
                for (int to = 0; to < packages.size() && !saved && !effort.isSpent() && pairs < MAX_PAIRS; to++) {
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
        long before = giver.cents() + taker.cents();
        Optional<Choice> merged = choices.cheapestFor(plus(giver.counts(), taker.counts()), before);
        if (merged.isPresent()) {
            packages.set(to, merged.get());
            packages.remove(from);
            return true;
        }
        for (int kind = 0; kind < giver.counts().length; kind++) {
            int all = giver.counts()[kind];
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
        int[] less = giver.counts().clone();
        less[kind] -= pieces;
        int[] more = taker.counts().clone();
        more[kind] += pieces;
        if (Filler.sum(less) == 0) {
            return false;
        }
        long before = giver.cents() + taker.cents();
        Optional<Choice> lighter = choices.cheapestFor(less, before);
        Optional<Choice> heavier = lighter.flatMap(choice -> choices.cheapestFor(more, before - choice.cents()));
        if (heavier.isEmpty()) {
            return false;
        }
        packages.set(from, lighter.get());
        packages.set(to, heavier.get());
        return true;
    }

    private static int[] plus(int[] one, int[] other) {
        int[] sum = one.clone();
        for (int kind = 0; kind < sum.length; kind++) {
            sum[kind] += other[kind];
        }
        return sum;
    }
}
