package nobrec.core.packing;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import nobrec.core.carton.Placement;
import nobrec.core.item.Handling;
import nobrec.core.item.LotShare;
import nobrec.core.item.PackItem;
import nobrec.core.measure.Size;
import nobrec.core.measure.Weight;
import nobrec.core.packing.PackPlan.Content;
import nobrec.core.packing.PackPlan.PlannedPackage;

/**
 * Items whose pieces weigh and measure the same and want the same handling, planned as one and shared out again afterwards: pieces
 * are counted, never copied.
 */
final class EqualPieces {

    private record Alike(Optional<Weight> weight, Optional<Size> size, Handling handling) {

        Alike(PackItem item) {
            this(item.unitWeight(), item.unitSize(), item.handling());
        }
    }

    private final List<PackItem> merged = new ArrayList<>();
    private final Map<Long, List<PackItem>> itemsOf = new HashMap<>();

    EqualPieces(List<PackItem> items) {
        Map<Alike, List<PackItem>> groups = new LinkedHashMap<>();
        for (PackItem item : items) {
            groups.computeIfAbsent(new Alike(item), each -> new ArrayList<>()).add(item);
        }
        for (List<PackItem> group : groups.values()) {
            PackItem first = group.get(0);
            itemsOf.put(first.key(), group);
            merged.add(
                    first.ofQuantity(group.stream().mapToInt(PackItem::quantity).sum()));
        }
    }

    /** One for all that are alike, under the key of the first of them. */
    List<PackItem> merged() {
        return merged;
    }

    /** The packages with the items that are really in them, in the order in which they were given. */
    List<PlannedPackage> shareOut(List<PlannedPackage> packages) {
        Map<Long, Sharing> sharings = new HashMap<>();
        List<PlannedPackage> shared = new ArrayList<>();
        for (PlannedPackage each : packages) {
            List<Content> contents = new ArrayList<>();
            Map<Long, Deque<Content>> keys = new HashMap<>();
            for (Content content : each.contents()) {
                List<Content> parts = sharings.computeIfAbsent(
                                content.itemKey(), key -> new Sharing(Objects.requireNonNull(itemsOf.get(key))))
                        .take(content.quantity());
                contents.addAll(parts);
                keys.put(content.itemKey(), new ArrayDeque<>(parts));
            }
            shared.add(new PlannedPackage(
                    each.carton(),
                    contents,
                    renamed(each.placements(), keys),
                    each.expectedWeight(),
                    reason(each, contents)));
        }
        return shared;
    }

    private CartonReason reason(PlannedPackage each, List<Content> contents) {
        return each.reason() instanceof CartonReason.NothingFits && !contents.isEmpty()
                ? new CartonReason.NothingFits(descriptionOf(contents.get(0).itemKey()))
                : each.reason();
    }

    private String descriptionOf(long key) {
        return itemsOf.values().stream()
                .flatMap(List::stream)
                .filter(item -> item.key() == key)
                .map(PackItem::description)
                .findFirst()
                .orElse("");
    }

    private static List<Placement> renamed(List<Placement> placements, Map<Long, Deque<Content>> keys) {
        Map<Long, Integer> used = new HashMap<>();
        return placements.stream()
                .map(placement -> {
                    Deque<Content> parts = Objects.requireNonNull(keys.get(placement.itemKey()));
                    int before = used.merge(placement.itemKey(), 1, Integer::sum);
                    long key = parts.getFirst().itemKey();
                    if (before == parts.getFirst().quantity() && parts.size() > 1) {
                        parts.removeFirst();
                        used.put(placement.itemKey(), 0);
                    }
                    return placement.of(key);
                })
                .toList();
    }

    /** Gives out the pieces of some items one after the other. */
    private static final class Sharing {

        private final List<PackItem> items;
        private int at;
        private int taken;

        Sharing(List<PackItem> items) {
            this.items = items;
        }

        List<Content> take(int count) {
            List<Content> parts = new ArrayList<>();
            int needed = count;
            while (needed > 0) {
                PackItem item = items.get(at);
                int here = Math.min(needed, item.quantity() - taken);
                parts.add(new Content(item.key(), here, LotShare.take(item.lots(), taken, here)));
                taken += here;
                needed -= here;
                if (taken == item.quantity()) {
                    at++;
                    taken = 0;
                }
            }
            return parts;
        }
    }
}
