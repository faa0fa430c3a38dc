package nobrec.core.packing;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.UnaryOperator;
import nobrec.core.carton.CartonKind;
import nobrec.core.carton.CartonType;
import nobrec.core.carton.PackageCost;
import nobrec.core.carton.Placement;
import nobrec.core.item.LotShare;
import nobrec.core.item.PackItem;
import nobrec.core.measure.LengthUnit;
import nobrec.core.measure.Weight;
import nobrec.core.packing.PackPlan.Content;
import nobrec.core.packing.PackPlan.PlannedPackage;
import nobrec.core.packing.search.Filler;
import nobrec.core.packing.search.Fits;
import nobrec.core.packing.search.Load;
import nobrec.core.packing.search.Packed;
import nobrec.core.packing.search.Packed.Choice;
import nobrec.core.packing.search.PackingEffort;
import nobrec.core.packing.search.PieceKind;
import nobrec.core.packing.search.PlanSearch;

/**
 * Proposes the packages of a shipment. Where every size is known, the cartons and splits that make the shipment cheapest in
 * the service that would carry it, with a place for each piece; without sizes by weight band; without weights the standard
 * carton.
 */
public final class PackPlanner {

    private static final long THOUSAND = 1000;

    /** One carton is looked at more patiently than a whole plan can be. */
    private static final int ARRANGING_TRIALS = 20_000;

    private final List<CartonType> cartons;

    public PackPlanner(List<CartonType> cartons) {
        if (cartons.isEmpty()) {
            throw new IllegalArgumentException("Without a carton type nothing can be packed.");
        }
        this.cartons = List.copyOf(cartons);
    }

    /**
     * @param services costs in each service that may carry it; the plan is for the one in which it is cheapest. None: the
     *     least carton cost decides
     */
    public PackPlan plan(List<PackItem> items, List<PackageCost> services, PackingEffort effort) {
        if (items.stream().anyMatch(item -> item.unitWeight().isEmpty())) {
            return new PackPlan(List.of(inStandardCarton(items)));
        }
        if (items.stream().anyMatch(item -> item.unitSize().isEmpty())) {
            return new PackPlan(new BandPlanner(boxesAndBags()).plan(items));
        }
        return bySize(items, services.isEmpty() ? List.of(new CartonCost()) : services, effort);
    }

    /**
     * Where everything would lie in a package that a person chose: in a carton piece by piece, on a pallet or in a crate with
     * small pieces in cartons of their own. Empty when no way is found or a size is missing.
     */
    public Optional<List<Placement>> layOut(CartonType chosen, List<PackItem> contents) {
        if (contents.isEmpty() || !isKnown(contents)) {
            return Optional.empty();
        }
        return chosen.kind().carriesCartons()
                ? new FreightPlanner(cartons).layOut(chosen, contents, PackingEffort.whileSomebodyWaits(() -> false))
                : arrange(chosen, contents);
    }

    private static boolean isKnown(List<PackItem> contents) {
        return contents.stream()
                .allMatch(
                        item -> item.unitSize().isPresent() && item.unitWeight().isPresent());
    }

    /** Where each piece would lie in one carton; empty when no way is found or a size is missing. */
    public static Optional<List<Placement>> arrange(CartonType carton, List<PackItem> contents) {
        if (!isKnown(contents)) {
            return Optional.empty();
        }
        PieceKind[] kinds = kinds(contents);
        PackingEffort effort = PackingEffort.ofTrials(ARRANGING_TRIALS);
        effort.begin(0);
        return new Fits(kinds, List.of(carton), effort)
                .thoroughly(0, quantities(contents))
                .map(Load::placements);
    }

    /** A pallet is for freight: by weight band alone nothing is put onto one. */
    private List<CartonType> boxesAndBags() {
        List<CartonType> boxes = cartons.stream()
                .filter(carton -> carton.kind() != CartonKind.PALLET)
                .toList();
        return boxes.isEmpty() ? cartons : boxes;
    }

    private PlannedPackage inStandardCarton(List<PackItem> items) {
        CartonType standard =
                cartons.stream().filter(CartonType::standard).findFirst().orElse(cartons.get(0));
        return new PlannedPackage(
                standard,
                contents(items, new HashMap<>()),
                List.of(),
                standard.statedWeight(),
                new CartonReason.WeightUnknown());
    }

    private PackPlan bySize(List<PackItem> items, List<PackageCost> services, PackingEffort effort) {
        EqualPieces equal = new EqualPieces(items);
        Fits fits = new Fits(kinds(equal.merged()), cartons, effort);
        Proposal best = null;
        for (PackageCost service : services) {
            Proposal each = service.takesCartons()
                    ? proposal(equal, fits, service, effort)
                    : new FreightPlanner(cartons).proposal(items, service, effort);
            if (best == null || each.isBetterThan(best)) {
                best = each;
            }
        }
        return new PackPlan(Objects.requireNonNull(best, "a service").packages());
    }

    /**
     * The cheapest packages in one service.
     *
     * @param unpackable pieces that go into no carton there
     */
    record Proposal(List<PlannedPackage> packages, long cents, int unpackable) {

        boolean isBetterThan(Proposal other) {
            return unpackable != other.unpackable ? unpackable < other.unpackable : cents < other.cents;
        }
    }

    Proposal proposal(List<PackItem> items, PackageCost service, PackingEffort effort) {
        EqualPieces equal = new EqualPieces(items);
        return proposal(equal, new Fits(kinds(equal.merged()), cartons, effort), service, effort);
    }

    private Proposal proposal(EqualPieces equal, Fits fits, PackageCost service, PackingEffort effort) {
        List<PackItem> items = equal.merged();
        PlanSearch search = new PlanSearch(fits, service, effort);
        int[] together = new int[items.size()];
        List<Choice> choices = new ArrayList<>();
        List<PackItem> unpackable = new ArrayList<>();
        for (int index = 0; index < items.size(); index++) {
            PackItem item = items.get(index);
            if (!search.takes(index)) {
                unpackable.add(item);
            } else if (item.handling().alone()) {
                choices.addAll(eachAlone(search, items, index));
            } else {
                together[index] = item.quantity();
            }
        }
        boolean bulk = PlanSearch.isBulk(together);
        if (Filler.sum(together) > 0) {
            Optional<Packed> found = bulk ? search.inBulk(together) : search.cheapest(together);
            choices.addAll(found.map(Packed::packages).orElseGet(() -> eachAlone(search, items, together)));
        }
        UnaryOperator<CartonReason> said = effort.wasCutShort() ? CartonReason.SoFar::new : reason -> reason;
        Packed packed = Packed.of(choices);
        List<PlannedPackage> packages = choices.stream()
                .map(choice -> planned(choice, items, said.apply(reason(choice, service, packed, bulk))))
                .toList();
        Proposal merged = proposal(packages, packed.cents(), unpackable);
        return new Proposal(equal.shareOut(merged.packages), merged.cents, merged.unpackable);
    }

    /** Where nothing goes together, as on pallets that a service takes only low, each piece goes for itself. */
    private static List<Choice> eachAlone(PlanSearch search, List<PackItem> items, int[] needed) {
        List<Choice> choices = new ArrayList<>();
        for (int index = 0; index < needed.length; index++) {
            if (needed[index] > 0) {
                choices.addAll(eachAlone(search, items, index));
            }
        }
        return choices;
    }

    private static List<Choice> eachAlone(PlanSearch search, List<PackItem> items, int index) {
        int[] single = new int[items.size()];
        single[index] = 1;
        List<Choice> alone = search.cheapest(single).orElseThrow().packages();
        List<Choice> choices = new ArrayList<>();
        for (int piece = 0; piece < items.get(index).quantity(); piece++) {
            choices.addAll(alone);
        }
        return choices;
    }

    private Proposal proposal(List<PlannedPackage> packed, long cents, List<PackItem> unpackable) {
        List<PlannedPackage> packages = new ArrayList<>(packed);
        int left = 0;
        for (PackItem item : unpackable) {
            left += item.quantity();
            for (int piece = 0; piece < item.quantity(); piece++) {
                packages.add(unpackable(item));
            }
        }
        return new Proposal(packages, cents, left);
    }

    private PlannedPackage planned(Choice choice, List<PackItem> items, CartonReason reason) {
        CartonType carton = cartons.get(choice.carton());
        List<Content> contents = new ArrayList<>();
        Weight gross = carton.tare();
        for (int index = 0; index < items.size(); index++) {
            int count = choice.counts()[index];
            if (count > 0) {
                PackItem item = items.get(index);
                contents.add(new Content(item.key(), count, List.of()));
                gross = gross.plus(item.unitWeight().orElseThrow().times(count));
            }
        }
        return new PlannedPackage(carton, contents, choice.load().placements(), Optional.of(gross), reason);
    }

    private static CartonReason reason(Choice choice, PackageCost service, Packed packed, boolean bulk) {
        long[] room = choice.load().room;
        int used = (int) (choice.load().volume() * THOUSAND / PieceKind.volume(room[0], room[1], room[2]));
        if (bulk) {
            return new CartonReason.FullInTurn(PlanSearch.MAX_PIECES, used);
        }
        return service instanceof CartonCost
                ? new CartonReason.MinimumMaterial(used)
                : new CartonReason.Cheapest(
                        service.serviceName(), choice.cents(), packed.packages().size(), used);
    }

    private PlannedPackage unpackable(PackItem item) {
        CartonType carton = roomiest(cartons);
        return new PlannedPackage(
                carton,
                List.of(new Content(item.key(), 1, List.of())),
                List.of(),
                item.unitWeight().map(carton.tare()::plus),
                new CartonReason.NothingFits(item.description()));
    }

    static CartonType roomiest(List<CartonType> cartons) {
        return cartons.stream()
                .max(Comparator.comparing(carton -> carton.inner().volumeOfWholeUnits(LengthUnit.MILLIMETER)))
                .orElseThrow();
    }

    /**
     * What a package holds of these pieces, equal ones together.
     *
     * @param taken pieces of each item in the packages before, whose lots are used up; these are added to it
     */
    static List<Content> contents(List<PackItem> pieces, Map<Long, Integer> taken) {
        Map<Long, PackItem> items = new LinkedHashMap<>();
        Map<Long, Integer> counts = new LinkedHashMap<>();
        for (PackItem piece : pieces) {
            items.put(piece.key(), piece);
            counts.merge(piece.key(), piece.quantity(), Integer::sum);
        }
        return items.values().stream()
                .map(item -> {
                    int count = counts.getOrDefault(item.key(), 0);
                    int before = taken.getOrDefault(item.key(), 0);
                    taken.put(item.key(), before + count);
                    return new Content(item.key(), count, LotShare.take(item.lots(), before, count));
                })
                .toList();
    }

    private static PieceKind[] kinds(List<PackItem> items) {
        return items.stream().map(PieceKind::new).toArray(PieceKind[]::new);
    }

    private static int[] quantities(List<PackItem> items) {
        int[] quantities = new int[items.size()];
        Arrays.setAll(quantities, index -> items.get(index).quantity());
        return quantities;
    }
}
