package nobrec.core.packing;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import nobrec.core.carton.Placement;
import nobrec.core.item.PackItem;
import nobrec.core.measure.Length;
import nobrec.core.measure.Size;

/**
 * Looks whether a plan can be packed. Written for itself, from what must hold of packages and not from how the packer works;
 * it shares no code with it beyond the plan's own values.
 */
final class PlanChecker {

    private PlanChecker() {}

    /** Everything that is wrong with a plan for these items; empty when it can be packed. */
    static List<String> faults(PackPlan plan, List<PackItem> items) {
        List<String> faults = new ArrayList<>();
        Map<Long, Integer> missing = new HashMap<>();
        items.forEach(item -> missing.merge(item.key(), item.quantity(), Integer::sum));
        plan.packages().forEach(each -> {
            each.contents().forEach(content -> missing.merge(content.itemKey(), -content.quantity(), Integer::sum));
            faults.addAll(faultsOf(each, items));
        });
        missing.values().removeIf(count -> count == 0);
        if (!missing.isEmpty()) {
            faults.add("not packed exactly once: " + missing);
        }
        return faults;
    }

    private static List<String> faultsOf(PackPlan.PlannedPackage each, List<PackItem> items) {
        List<String> faults = new ArrayList<>();
        Map<Long, PackItem> byKey = new HashMap<>();
        items.forEach(item -> byKey.put(item.key(), item));
        BigInteger weight = BigInteger.ZERO;
        int pieces = 0;
        boolean wantsToBeAlone = false;
        for (PackPlan.Content content : each.contents()) {
            PackItem item = byKey.get(content.itemKey());
            weight = weight.add(
                    BigInteger.valueOf(item.unitWeight().orElseThrow().eighthNanograms())
                            .multiply(BigInteger.valueOf(content.quantity())));
            pieces += content.quantity();
            wantsToBeAlone |= item.handling().alone();
        }
        if (weight.compareTo(BigInteger.valueOf(each.carton().maximumContents().eighthNanograms())) > 0) {
            faults.add(each.carton().code() + " is overloaded");
        }
        if (wantsToBeAlone && pieces > 1) {
            faults.add("a piece that wants to be alone is not");
        }
        faults.addAll(faultsOfPlacing(each, byKey));
        return faults;
    }

    private static List<String> faultsOfPlacing(PackPlan.PlannedPackage each, Map<Long, PackItem> byKey) {
        List<String> faults = new ArrayList<>();
        Map<Long, Integer> placed = new HashMap<>();
        List<Placement> all = each.placements();
        for (Placement one : all) {
            placed.merge(one.itemKey(), 1, Integer::sum);
            if (!within(one, each.carton().inner())) {
                faults.add("sticks out of " + each.carton().code() + ": " + one);
            }
            if (!isItsOwnSize(one, byKey.get(one.itemKey()))) {
                faults.add("is not of its size: " + one);
            }
            for (Placement other : all) {
                if (one != other && overlap(one, other)) {
                    faults.add("two in one place: " + one + " and " + other);
                }
                if (byKey.get(one.itemKey()).handling().nothingOnTop() && liesOver(other, one)) {
                    faults.add("bears something though it must not: " + one);
                }
            }
            if (!isBorne(one, all)) {
                faults.add("hangs in the air: " + one);
            }
        }
        Map<Long, Integer> needed = new HashMap<>();
        each.contents().forEach(content -> needed.put(content.itemKey(), content.quantity()));
        if (!placed.equals(needed)) {
            faults.add("placements " + placed + " for contents " + needed);
        }
        return faults;
    }

    private static boolean within(Placement one, Size inner) {
        return end(one.x(), one.lying().length()) <= inner.length().nanometers()
                && end(one.y(), one.lying().width()) <= inner.width().nanometers()
                && end(one.z(), one.lying().height()) <= inner.height().nanometers();
    }

    private static boolean isItsOwnSize(Placement one, PackItem item) {
        Size size = item.unitSize().orElseThrow();
        if (item.handling().thisSideUp() && !one.lying().height().equals(size.height())) {
            return false;
        }
        return sides(one.lying()).equals(sides(size));
    }

    private static List<Long> sides(Size size) {
        return Stream.of(size.length(), size.width(), size.height())
                .map(Length::nanometers)
                .sorted()
                .toList();
    }

    private static boolean overlap(Placement one, Placement other) {
        return meet(one.x(), one.lying().length(), other.x(), other.lying().length())
                && meet(one.y(), one.lying().width(), other.y(), other.lying().width())
                && meet(one.z(), one.lying().height(), other.z(), other.lying().height());
    }

    private static boolean liesOver(Placement upper, Placement lower) {
        return upper.z().nanometers() >= end(lower.z(), lower.lying().height())
                && meet(
                        upper.x(),
                        upper.lying().length(),
                        lower.x(),
                        lower.lying().length())
                && meet(
                        upper.y(),
                        upper.lying().width(),
                        lower.y(),
                        lower.lying().width());
    }

    /** On the floor, or at least half of its base on other pieces. */
    private static boolean isBorne(Placement one, List<Placement> all) {
        if (one.z().nanometers() == 0) {
            return true;
        }
        BigInteger borne = BigInteger.ZERO;
        for (Placement other : all) {
            if (end(other.z(), other.lying().height()) == one.z().nanometers()) {
                borne = borne.add(shared(
                                one.x(),
                                one.lying().length(),
                                other.x(),
                                other.lying().length())
                        .multiply(shared(
                                one.y(),
                                one.lying().width(),
                                other.y(),
                                other.lying().width())));
            }
        }
        BigInteger base = BigInteger.valueOf(one.lying().length().nanometers())
                .multiply(BigInteger.valueOf(one.lying().width().nanometers()));
        // A ten-thousandth is left for the packer's coarser counting of areas.
        return borne.multiply(BigInteger.valueOf(20_002)).compareTo(base.multiply(BigInteger.valueOf(10_000))) >= 0;
    }

    private static BigInteger shared(Length from, Length side, Length otherFrom, Length otherSide) {
        long start = Math.max(from.nanometers(), otherFrom.nanometers());
        long end = Math.min(end(from, side), end(otherFrom, otherSide));
        return BigInteger.valueOf(Math.max(0, end - start));
    }

    private static boolean meet(Length from, Length side, Length otherFrom, Length otherSide) {
        return shared(from, side, otherFrom, otherSide).signum() > 0;
    }

    private static long end(Length from, Length side) {
        return Math.addExact(from.nanometers(), side.nanometers());
    }
}
