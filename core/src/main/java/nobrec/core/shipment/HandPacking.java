package nobrec.core.shipment;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.IntPredicate;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import nobrec.core.carton.CartonType;
import nobrec.core.item.LotShare;
import nobrec.core.limit.Limits;
import nobrec.core.refusal.Refusal;
import nobrec.core.workorder.WorkOrder;

/**
 * Packing by hand: each act takes a shipment and gives the shipment as it is then, or refuses. What a person moves stays where she
 * put it; each package she touches is laid out again in its carton and has to be weighed again.
 */
public final class HandPacking {

    /** In place of a package number: pieces that are in no package. */
    public static final int NO_PACKAGE = 0;

    private final ShipmentPacker packer;
    private final Jobs jobs;

    public HandPacking(ShipmentPacker packer) {
        this.packer = packer;
        this.jobs = packer.jobs();
    }

    /** Another carton for a package; the same one changes nothing. */
    public Shipment changeCarton(Shipment shipment, int number, String cartonCode) {
        Shipment.Package packed = shipment.packageNumbered(number);
        return packed.cartonCode().equals(cartonCode)
                ? shipment
                : with(shipment, packer.filled(packed, packer.cartons().byCode(cartonCode), packed.contents()));
    }

    /**
     * Moves pieces of a line.
     *
     * @param from package number, or {@link #NO_PACKAGE}
     * @param to package number, or {@link #NO_PACKAGE}
     */
    public Shipment move(Shipment shipment, long lineId, int quantity, int from, int to) {
        requireLine(shipment, lineId);
        if (from == to) {
            return shipment;
        }
        requireThere(shipment, lineId, quantity, from);
        List<LotShare> lots = from == NO_PACKAGE
                ? Contents.freeLots(shipment, jobs, lineId, quantity)
                : Contents.lastLots(shipment.packageNumbered(from), lineId, quantity);
        Shipment moved = shipment;
        if (from != NO_PACKAGE) {
            moved = refilled(moved, from, contents -> Contents.changed(contents, lineId, -quantity, List.of()));
        }
        if (to != NO_PACKAGE) {
            Shipment.Package taker = shipment.packageNumbered(to);
            List<Shipment.Content> contents = Contents.changed(taker.contents(), lineId, quantity, lots);
            CartonType carton = taker.contents().isEmpty() ? cartonToBegin(taker, contents) : cartonOf(taker);
            moved = with(moved, packer.filled(taker, carton, contents));
        }
        return withoutEmptied(moved, number -> number == from);
    }

    private void requireThere(Shipment shipment, long lineId, int quantity, int from) {
        int there = from == NO_PACKAGE
                ? shipment.quantityOf(lineId) - shipment.placed().getOrDefault(lineId, 0)
                : shipment.packageNumbered(from).piecesOf(lineId);
        if (quantity < 1 || quantity > there) {
            throw Refusal.unusable(
                    quantity + " of " + jobs.line(lineId).item(),
                    (from == NO_PACKAGE ? "No package has not yet got " : "Package " + from + " holds ") + there
                            + " of them.",
                    "Move " + (there == 0 ? "another item" : "1 to " + there) + ".");
        }
    }

    /** What is split off goes into the cheapest carton that holds it, not into one like that it came from. */
    private CartonType cartonToBegin(Shipment.Package taker, List<Shipment.Content> contents) {
        return packer.cheapestFor(contents).orElseGet(() -> cartonOf(taker));
    }

    private CartonType cartonOf(Shipment.Package packed) {
        return packer.cartons().byCode(packed.cartonCode());
    }

    /** A new empty package. */
    public Shipment add(Shipment shipment, String cartonCode) {
        return longer(
                shipment,
                packer.empty(shipment.packages().size() + 1, packer.cartons().byCode(cartonCode)));
    }

    private static Shipment longer(Shipment shipment, Shipment.Package more) {
        if (shipment.packages().size() >= Limits.PACKAGES_OF_SHIPMENT) {
            throw Refusal.unusable(
                    "This shipment",
                    "It has " + Limits.PACKAGES_OF_SHIPMENT + " packages, which is the most.",
                    "Let the rest stay here for another shipment.");
        }
        List<Shipment.Package> packages = new ArrayList<>(shipment.packages());
        packages.add(more);
        return shipment.holding(packages);
    }

    /**
     * A package in the same carton with the same contents, of the pieces that are in no package and in those that nobody placed
     * by hand.
     */
    public Shipment repeat(Shipment shipment, int number) {
        Shipment.Package model = shipment.packageNumbered(number);
        if (model.contents().isEmpty()) {
            throw Refusal.unusable("Package " + number, "It is empty.", "Repeat one that holds something.");
        }
        List<Shipment.Content> same = new ArrayList<>();
        for (Shipment.Content content : model.contents()) {
            requireFree(shipment, content, number);
            same.add(new Shipment.Content(content.workOrderLineId(), content.quantity(), List.of()));
        }
        Shipment kept = model.placedByHand() ? shipment : refilled(shipment, number, contents -> contents);
        Shipment.Package fresh = packer.empty(kept.packages().size() + 1, cartonOf(model));
        return packer.planned(longer(kept, packer.filled(fresh, cartonOf(model), same)));
    }

    private void requireFree(Shipment shipment, Shipment.Content content, int model) {
        long lineId = content.workOrderLineId();
        int inHand = shipment.packages().stream()
                .filter(each -> each.placedByHand() || each.number() == model)
                .mapToInt(each -> each.piecesOf(lineId))
                .sum();
        int free = shipment.quantityOf(lineId) - inHand;
        if (free < content.quantity()) {
            throw Refusal.unusable(
                    "Package " + model,
                    "Only " + free + " of " + jobs.line(lineId).item() + " are left for a duplicate, not "
                            + content.quantity() + ".",
                    "Add a package and move what is there.");
        }
    }

    /** Everything of one package into another. */
    public Shipment merge(Shipment shipment, int from, int into) {
        if (from == into) {
            return shipment;
        }
        Shipment.Package giver = shipment.packageNumbered(from);
        Shipment.Package taker = shipment.packageNumbered(into);
        List<Shipment.Content> contents = taker.contents();
        for (Shipment.Content content : giver.contents()) {
            contents = Contents.changed(contents, content.workOrderLineId(), content.quantity(), content.lots());
        }
        Shipment merged = with(shipment, packer.filled(taker, cartonOf(taker), contents));
        return renumbered(
                merged,
                merged.packages().stream().filter(each -> each.number() != from).toList());
    }

    /** @param all whether also what was placed by hand is given up */
    public Shipment replan(Shipment shipment, boolean all) {
        return packer.planned(all ? shipment.holding(List.of()) : shipment);
    }

    /** The pieces of a job that was put in leave the shipment; what nobody placed by hand is planned again. */
    public Shipment takeOut(Shipment shipment, WorkOrder out) {
        Set<Long> lines = out.lines().stream().map(WorkOrder.Line::id).collect(Collectors.toSet());
        Shipment narrower = shipment.going(shipment.lines().stream()
                .filter(line -> !lines.contains(line.workOrderLineId()))
                .toList());
        for (Shipment.Package each : shipment.packages()) {
            boolean touched = each.contents().stream().anyMatch(content -> lines.contains(content.workOrderLineId()));
            if (each.placedByHand() && touched) {
                narrower = refilled(
                        narrower,
                        each.number(),
                        contents -> contents.stream()
                                .filter(content -> !lines.contains(content.workOrderLineId()))
                                .toList());
            }
        }
        return packer.planned(withoutEmptied(narrower, number -> true));
    }

    /** Pieces of a line that stayed here go after all; what nobody placed by hand is planned again. */
    public Shipment takeBack(Shipment shipment, long lineId, int quantity) {
        List<Shipment.Line> lines = new ArrayList<>();
        boolean there = false;
        for (Shipment.Line line : shipment.lines()) {
            boolean same = line.workOrderLineId() == lineId;
            there |= same;
            lines.add(same ? new Shipment.Line(lineId, line.quantity() + quantity) : line);
        }
        if (!there) {
            lines.add(new Shipment.Line(lineId, quantity));
        }
        return packer.planned(shipment.going(lines));
    }

    /** Pieces stay here for another shipment; those in no package first, then those of the last packages. */
    public Shipment leaveBehind(Shipment shipment, long lineId, int quantity) {
        requireLine(shipment, lineId);
        int going = shipment.quantityOf(lineId);
        if (quantity < 1 || quantity > going) {
            throw Refusal.unusable(
                    quantity + " of " + jobs.line(lineId).item(),
                    "In this shipment go " + going + ".",
                    "Leave behind 1 to " + going + ".");
        }
        if (quantity == shipment.pieces()) {
            throw Refusal.unusable(
                    "This shipment", "Nothing would be left to ship.", "Leave at least one piece in it.");
        }
        int fromPackages = quantity - (going - shipment.placed().getOrDefault(lineId, 0));
        Shipment narrower = shipment;
        for (int index = shipment.packages().size() - 1; index >= 0 && fromPackages > 0; index--) {
            Shipment.Package each = shipment.packages().get(index);
            int here = Math.min(fromPackages, each.piecesOf(lineId));
            if (here > 0) {
                narrower = refilled(
                        narrower, each.number(), contents -> Contents.changed(contents, lineId, -here, List.of()));
                fromPackages -= here;
            }
        }
        List<Shipment.Line> lines = shipment.lines().stream()
                .map(line -> line.workOrderLineId() == lineId ? new Shipment.Line(lineId, going - quantity) : line)
                .filter(line -> line.quantity() > 0)
                .toList();
        return withoutEmptied(narrower.going(lines), number -> true);
    }

    private Shipment refilled(Shipment shipment, int number, UnaryOperator<List<Shipment.Content>> change) {
        Shipment.Package packed = shipment.packageNumbered(number);
        return with(shipment, packer.filled(packed, cartonOf(packed), change.apply(packed.contents())));
    }

    private static Shipment with(Shipment shipment, Shipment.Package changed) {
        return shipment.holding(shipment.packages().stream()
                .map(each -> each.number() == changed.number() ? changed : each)
                .toList());
    }

    /** A package that was emptied by taking its last piece is gone. */
    private static Shipment withoutEmptied(Shipment shipment, IntPredicate which) {
        return renumbered(
                shipment,
                shipment.packages().stream()
                        .filter(each -> !(each.contents().isEmpty() && which.test(each.number())))
                        .toList());
    }

    private static Shipment renumbered(Shipment shipment, List<Shipment.Package> packages) {
        List<Shipment.Package> inOrder = new ArrayList<>();
        packages.forEach(each -> inOrder.add(each.numbered(inOrder.size() + 1)));
        return shipment.holding(inOrder);
    }

    private static void requireLine(Shipment shipment, long lineId) {
        if (shipment.quantityOf(lineId) == 0) {
            throw noSuchLine();
        }
    }

    /** A line that is none of the shipment's. */
    public static Refusal noSuchLine() {
        return Refusal.notFound("This line", "It is none of those in this shipment.");
    }
}
