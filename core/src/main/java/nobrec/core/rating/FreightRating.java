package nobrec.core.rating;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import nobrec.core.item.FreightClass;
import nobrec.core.measure.Weight;
import nobrec.core.ratesheet.FreightSheet;
import nobrec.core.ratesheet.FuelIndex;
import nobrec.core.service.Objection;
import nobrec.core.service.RatedPackage;
import nobrec.core.service.ShipmentToRate.PackageToRate;

/**
 * The line-haul of a freight shipment: the weight of each class at its rate per hundredweight in the break of the whole
 * weight; or as if it weighed as much as a later break begins at, the deficit at the lowest rate, where that is less. Then
 * the discount, and the absolute minimum. Common practice.
 */
final class FreightRating {

    private static final Weight POUND = ClassShare.POUND;
    private static final long HUNDRED = 100;

    private FreightRating() {}

    /** Weight of one class, in whole pounds; each piece is rounded up. */
    private record ClassWeight(long pounds, boolean given) {}

    /** @return whether there is a price; if not the objections say why */
    static boolean base(FreightSheet sheet, int zone, Bill bill, List<Objection> objections) {
        RatedPackage[] packages = bill.rated().packages();
        Map<FreightClass, ClassWeight> classes = new TreeMap<>();
        long pounds = 0;
        for (int index = 0; index < packages.length; index++) {
            PackageToRate each = packages[index].each();
            if (each.weight().isEmpty()) {
                return false;
            }
            long rounded = each.weight().get().stepsUp(POUND);
            bill.billed(index, POUND.times(rounded));
            pounds += rounded;
            share(each, classes);
        }
        Weight all = POUND.times(pounds);
        if (all.isAbove(sheet.maximum())) {
            objections.add(new Objection.TooHeavyAltogether(all, sheet.maximum()));
            return false;
        }
        String zoneName = sheet.zoning().names().get(zone);
        for (FreightClass each : classes.keySet()) {
            if (!sheet.rates().containsKey(new FreightSheet.ZoneAndClass(zoneName, each))) {
                objections.add(new Objection.ClassNotOnSheet(each, zoneName));
                return false;
            }
        }
        lineHaul(classes, pounds, zoneName, sheet, bill);
        discountAndMinimum(sheet, bill);
        return true;
    }

    private static void share(PackageToRate each, Map<FreightClass, ClassWeight> classes) {
        for (ClassShare share : ClassShare.of(each.weight().orElseThrow(), each.size(), each.goodsByClass())) {
            classes.merge(
                    share.freightClass(),
                    new ClassWeight(share.pounds(), share.given()),
                    (one, other) -> new ClassWeight(one.pounds + other.pounds, one.given && other.given));
        }
    }

    private static void lineHaul(
            Map<FreightClass, ClassWeight> classes, long pounds, String zone, FreightSheet sheet, Bill bill) {
        int own = sheet.breakOf(POUND.times(pounds));
        long ownCents = cents(classes, pounds, zone, sheet, own);
        int best = own;
        long bestCents = ownCents;
        for (int later = own + 1; later < sheet.from().size(); later++) {
            long cents = cents(classes, pounds, zone, sheet, later);
            if (cents < bestCents) {
                best = later;
                bestCents = cents;
            }
        }
        Weight from = sheet.from().get(best);
        for (Map.Entry<FreightClass, ClassWeight> each : classes.entrySet()) {
            long rate = rate(sheet, zone, each.getKey(), best);
            ClassWeight weight = each.getValue();
            bill.base(
                    perHundredweight(weight.pounds, rate),
                    new ChargeBasis.FreightRate(each.getKey(), weight.given, POUND.times(weight.pounds), from, rate));
        }
        if (best > own) {
            long deficit = from.stepsUp(POUND) - pounds;
            FreightClass lowest = lowest(classes, zone, sheet, best);
            long rate = rate(sheet, zone, lowest, best);
            bill.base(
                    perHundredweight(deficit, rate),
                    new ChargeBasis.Deficit(POUND.times(deficit), from, lowest, rate, ownCents - bestCents));
        }
    }

    /** The whole line-haul at the rates of a break, with the deficit up to where it begins. */
    private static long cents(
            Map<FreightClass, ClassWeight> classes, long pounds, String zone, FreightSheet sheet, int at) {
        long sum = 0;
        for (Map.Entry<FreightClass, ClassWeight> each : classes.entrySet()) {
            sum += perHundredweight(each.getValue().pounds, rate(sheet, zone, each.getKey(), at));
        }
        long deficit = Math.max(0, sheet.from().get(at).stepsUp(POUND) - pounds);
        return sum + perHundredweight(deficit, rate(sheet, zone, lowest(classes, zone, sheet, at), at));
    }

    private static FreightClass lowest(
            Map<FreightClass, ClassWeight> classes, String zone, FreightSheet sheet, int at) {
        return classes.keySet().stream()
                .min(Comparator.comparingLong(each -> rate(sheet, zone, each, at)))
                .orElseThrow();
    }

    private static long rate(FreightSheet sheet, String zone, FreightClass freightClass, int at) {
        return Objects.requireNonNull(sheet.rates().get(new FreightSheet.ZoneAndClass(zone, freightClass)))
                .get(at);
    }

    /** Rounded half up to the cent. */
    private static long perHundredweight(long pounds, long rate) {
        return (Math.multiplyExact(pounds, rate) + HUNDRED / 2) / HUNDRED;
    }

    private static void discountAndMinimum(FreightSheet sheet, Bill bill) {
        long gross = bill.base();
        if (sheet.discountThousandths() > 0) {
            bill.base(
                    -FuelIndex.share(gross, sheet.discountThousandths()),
                    new ChargeBasis.Discount(sheet.discountThousandths(), gross));
        }
        long without = bill.base();
        if (without < sheet.minimumCents()) {
            bill.base(sheet.minimumCents() - without, new ChargeBasis.Minimum(sheet.minimumCents(), without));
        }
    }
}
