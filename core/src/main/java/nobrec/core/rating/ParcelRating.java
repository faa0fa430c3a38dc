package nobrec.core.rating;

import java.util.List;
import nobrec.core.measure.Weight;
import nobrec.core.rating.ShipmentToRate.PackageToRate;

/** The base charges of a parcel shipment: each package by its billable weight, less discount, not below the minimum. */
final class ParcelRating {

    private ParcelRating() {}

    /** @return whether every package has a price; if not the objections say why */
    static boolean base(ShipmentToRate shipment, RateSheet sheet, int zone, Bill bill, List<Objection> objections) {
        boolean priced = true;
        for (int index = 0; index < shipment.packages().size(); index++) {
            PackageToRate each = shipment.packages().get(index);
            priced &= each.weight().isPresent() && ofPackage(index, each, sheet, zone, bill, objections);
        }
        return priced;
    }

    private static boolean ofPackage(
            int index, PackageToRate each, RateSheet sheet, int zone, Bill bill, List<Objection> objections) {
        Weight actual = each.weight().get();
        BillableWeight billable = BillableWeight.of(actual, each.size(), sheet);
        Weight billed = billable.billed();
        long cents = sheet.price(billed, zone);
        if (cents == RateSheet.BEYOND) {
            objections.add(new Objection.BeyondRateSheet(each.number(), billed, sheet.weightStep()));
            return false;
        }
        bill.base(
                index,
                billed,
                cents,
                new ChargeBasis.BaseRate(sheet, zone, billable, actual, each.weighed(), each.size()));
        discount(index, billed, cents, sheet, zone, bill);
        long without = bill.baseOf(index);
        if (without < sheet.minimumCents()) {
            bill.base(
                    index,
                    billed,
                    sheet.minimumCents() - without,
                    new ChargeBasis.Minimum(sheet.minimumCents(), without));
        }
        return true;
    }

    private static void discount(int index, Weight billed, long cents, RateSheet sheet, int zone, Bill bill) {
        List<RateSheet.Discount> discounts = sheet.discounts();
        for (int which = 0; which < discounts.size(); which++) {
            RateSheet.Discount discount = discounts.get(which);
            if (discount.covers(billed, sheet.zoning().names().get(zone))) {
                bill.base(
                        index,
                        billed,
                        -FuelIndex.share(cents, discount.thousandths()),
                        new ChargeBasis.Discount(discount.thousandths(), cents));
                return;
            }
        }
    }
}
