package nobrec.core.rating;

import java.util.List;
import nobrec.core.measure.Weight;
import nobrec.core.ratesheet.FuelIndex;
import nobrec.core.ratesheet.RateSheet;
import nobrec.core.service.BillableWeight;
import nobrec.core.service.Objection;
import nobrec.core.service.RatedPackage;
import nobrec.core.service.ShipmentToRate.PackageToRate;

/** The base charges of a parcel shipment: each package by its billable weight, less discount, not below the minimum. */
final class ParcelRating {

    private ParcelRating() {}

    /** @return whether every package has a price; if not the objections say why */
    static boolean base(RateSheet sheet, int zone, Bill bill, List<Objection> objections) {
        RatedPackage[] packages = bill.rated().packages();
        int number = bill.rated().numberOf(sheet.billing());
        boolean priced = true;
        for (int index = 0; index < packages.length; index++) {
            RatedPackage each = packages[index];
            priced &= each.each().weight().isPresent()
                    && ofPackage(
                            index,
                            each.billable(number, sheet.billing()).orMinimum(each, sheet.minimumBillable()),
                            sheet,
                            zone,
                            bill,
                            objections);
        }
        return priced;
    }

    private static boolean ofPackage(
            int index, BillableWeight billable, RateSheet sheet, int zone, Bill bill, List<Objection> objections) {
        PackageToRate each = bill.rated().packages()[index].each();
        Weight billed = billable.billed();
        long cents = sheet.price(billed, zone);
        if (cents == RateSheet.BEYOND) {
            objections.add(new Objection.BeyondRateSheet(each.number(), billed, sheet.weightStep()));
            return false;
        }
        bill.billed(index, billed);
        bill.base(index, cents, new ChargeBasis.BaseRate(sheet, zone, billable, each));
        int discount = sheet.discounts().thousandths(billed, zone);
        if (discount > 0) {
            bill.base(index, -FuelIndex.share(cents, discount), new ChargeBasis.Discount(discount, cents));
        }
        long without = bill.baseOf(index);
        if (without < sheet.minimumCents()) {
            bill.base(index, sheet.minimumCents() - without, new ChargeBasis.Minimum(sheet.minimumCents(), without));
        }
        return true;
    }
}
