package nobrec.core.ratesheet.file;

import java.util.ArrayList;
import java.util.List;
import nobrec.core.measure.UnitSystem;
import nobrec.core.notation.MeasureText;
import nobrec.core.ratesheet.FreightSheet;
import nobrec.core.ratesheet.PriceTable;
import nobrec.core.ratesheet.RateSheet;
import nobrec.core.ratesheet.Tariff;

/** What a rate sheet holds, in one line. */
public final class SheetSummary {

    private SheetSummary() {}

    public static String of(Tariff tariff) {
        List<String> parts = new ArrayList<>();
        parts.add(count(tariff.zoning().names().size(), "zone"));
        if (tariff instanceof RateSheet sheet) {
            parcel(sheet, parts);
        } else {
            freight((FreightSheet) tariff, parts);
        }
        parts.add(count(tariff.surcharges().all().size(), "surcharge"));
        return String.join(", ", parts);
    }

    private static void parcel(RateSheet sheet, List<String> parts) {
        List<PriceTable.Row> rows = sheet.breaks().asRows();
        parts.add(count(rows.size(), "weight break") + " up to "
                + MeasureText.showPlain(rows.get(rows.size() - 1).upTo(), sheet.units()));
        int divisor = sheet.billing().sizes().divisor();
        parts.add(divisor == 0 ? "size does not count" : "size over " + divisor);
        if (!sheet.discounts().all().isEmpty()) {
            parts.add(count(sheet.discounts().all().size(), "discount"));
        }
        if (sheet.minimumCents() > 0) {
            parts.add("at least " + SurchargeText.money(sheet.minimumCents()));
        }
    }

    private static void freight(FreightSheet sheet, List<String> parts) {
        long classes = sheet.rates().keySet().stream()
                .map(FreightSheet.ZoneAndClass::freightClass)
                .distinct()
                .count();
        parts.add(count(classes, "class"));
        parts.add(count(sheet.from().size(), "weight break") + " up to "
                + MeasureText.showPlain(sheet.maximum(), UnitSystem.POUND_INCH));
        parts.add(SurchargeText.perCent(sheet.discountThousandths()) + " off");
        parts.add("at least " + SurchargeText.money(sheet.minimumCents()));
    }

    private static String count(long number, String what) {
        return number + " " + what + (number == 1 ? "" : what.endsWith("s") ? "es" : "s");
    }
}
