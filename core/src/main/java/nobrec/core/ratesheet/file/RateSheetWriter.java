package nobrec.core.ratesheet.file;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import nobrec.core.measure.UnitSystem;
import nobrec.core.ratesheet.FreightSheet;
import nobrec.core.ratesheet.PriceTable;
import nobrec.core.ratesheet.RateSheet;
import nobrec.core.ratesheet.Surcharge;
import nobrec.core.ratesheet.SurchargeCondition;
import nobrec.core.ratesheet.Tariff;
import nobrec.core.ratesheet.Zoning;

/** Writes a rate sheet as the rows that {@link RateSheetReader} reads. */
public final class RateSheetWriter {

    private final List<List<String>> rows = new ArrayList<>();

    private RateSheetWriter() {}

    public static List<List<String>> rows(Tariff tariff) {
        RateSheetWriter writer = new RateSheetWriter();
        if (tariff instanceof RateSheet sheet) {
            writer.parcel(sheet);
        } else {
            writer.freight((FreightSheet) tariff);
        }
        return writer.rows;
    }

    private void head(String kind, Tariff tariff, UnitSystem units) {
        row(kind, tariff.serviceCode());
        row(SheetWords.FIRST_DAY, tariff.firstDay().toString());
        row(SheetWords.CURRENCY, tariff.currency().getCode());
        row(SheetWords.UNITS, units == UnitSystem.POUND_INCH ? "lb in" : "kg cm");
        if (!tariff.fuelIndex().isEmpty()) {
            row(SheetWords.FUEL, tariff.fuelIndex());
        }
        zoning(tariff.zoning());
        surcharges(tariff.surcharges().all(), units);
    }

    private void zoning(Zoning zoning) {
        row(SheetWords.ZONES_BY, zoning.byDistance() ? SheetWords.DISTANCE : SheetWords.TABLE);
        places(SheetWords.POSTAL_CODES, zoning.byPostalCode().all());
        places(SheetWords.COUNTRIES, zoning.byCountry());
    }

    private void places(String kind, Map<String, String> zoneOf) {
        Map<String, Set<String>> places = new TreeMap<>();
        zoneOf.forEach((place, zone) ->
                places.computeIfAbsent(zone, each -> new TreeSet<>()).add(place));
        places.forEach((zone, each) -> row(SheetWords.ZONE_OF, zone, kind, String.join(" ", each)));
    }

    private void surcharges(List<Surcharge> surcharges, UnitSystem units) {
        Set<String> remote = new TreeSet<>();
        for (Surcharge each : surcharges) {
            if (each.condition() instanceof SurchargeCondition.RemoteArea area) {
                remote.addAll(area.beginnings().all());
            }
        }
        if (!remote.isEmpty()) {
            row(SheetWords.REMOTE, String.join(" ", remote));
        }
        for (Surcharge each : surcharges) {
            row(
                    SheetWords.SURCHARGE,
                    each.code(),
                    each.title(),
                    SurchargeText.write(each.condition(), units),
                    SurchargeText.write(each.amount(), units),
                    each.scope().name().toLowerCase(Locale.ROOT),
                    each.group(),
                    each.fuelled() ? "fuel" : "");
        }
    }

    private void parcel(RateSheet sheet) {
        UnitSystem units = sheet.units();
        head(SheetWords.PARCEL, sheet, units);
        row(SheetWords.WEIGHT_STEP, SurchargeText.write(sheet.weightStep(), units));
        row(
                SheetWords.SIZE_STEP,
                SurchargeText.write(sheet.billing().sizes().step(), units),
                sheet.billing().sizes().nearest() ? "nearest" : "up");
        if (sheet.billing().sizes().divisor() > 0) {
            row(
                    SheetWords.DIVISOR,
                    String.valueOf(sheet.billing().sizes().divisor()),
                    String.valueOf(sheet.billing().sizes().fromVolume()));
        }
        row(SheetWords.MAXIMUM, SurchargeText.write(sheet.maximum(), units));
        row(SheetWords.MINIMUM, SurchargeText.money(sheet.minimumCents()));
        sheet.discounts()
                .all()
                .forEach(each -> row(
                        SheetWords.DISCOUNT,
                        String.join(" ", each.zones()),
                        zeroOr(each.from().isZero(), SurchargeText.write(each.from(), units)),
                        SurchargeText.write(each.to(), units),
                        SurchargeText.perCent(each.thousandths())));
        sheet.minimumBillable()
                .forEach(each -> row(
                        SheetWords.MINIMUM_BILLABLE,
                        each.side().name().toLowerCase(Locale.ROOT),
                        SurchargeText.write(each.above(), units),
                        SurchargeText.write(each.weight(), units)));
        row(SheetWords.ZONES, sheet.zoning().names());
        for (PriceTable.Row each : sheet.breaks().asRows()) {
            List<String> cells = new ArrayList<>(List.of(SurchargeText.write(each.upTo(), units)));
            cells.addAll(money(each.cents()));
            row(SheetWords.UP_TO, cells);
        }
        if (!sheet.aboveCents().isEmpty()) {
            row(SheetWords.ABOVE, money(sheet.aboveCents()));
        }
    }

    private void freight(FreightSheet sheet) {
        UnitSystem units = UnitSystem.POUND_INCH;
        head(SheetWords.FREIGHT, sheet, units);
        row(SheetWords.DISCOUNT, SurchargeText.perCent(sheet.discountThousandths()));
        row(SheetWords.MINIMUM, SurchargeText.money(sheet.minimumCents()));
        row(SheetWords.MAXIMUM, SurchargeText.write(sheet.maximum(), units));
        row(SheetWords.ZONES, sheet.zoning().names());
        row(
                SheetWords.FROM,
                sheet.from().stream()
                        .map(weight -> zeroOr(weight.isZero(), SurchargeText.write(weight, units)))
                        .toList());
        for (String zone : sheet.zoning().names()) {
            sheet.rates().entrySet().stream()
                    .filter(each -> each.getKey().zone().equals(zone))
                    .sorted(Map.Entry.comparingByKey(Comparator.comparing(FreightSheet.ZoneAndClass::freightClass)))
                    .forEach(each -> {
                        List<String> cells = new ArrayList<>(
                                List.of(zone, each.getKey().freightClass().toString()));
                        cells.addAll(money(each.getValue()));
                        row(SheetWords.RATE, cells);
                    });
        }
    }

    private static String zeroOr(boolean zero, String text) {
        return zero ? "0" : text;
    }

    private static List<String> money(List<Long> cents) {
        return cents.stream().map(SurchargeText::money).toList();
    }

    private void row(String word, String... cells) {
        row(word, List.of(cells));
    }

    private void row(String word, List<String> cells) {
        List<String> row = new ArrayList<>(List.of(word));
        row.addAll(cells);
        rows.add(row);
    }
}
