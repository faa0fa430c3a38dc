package nobrec.core.tariff;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nobrec.core.measure.Length;
import nobrec.core.measure.UnitSystem;
import nobrec.core.measure.Weight;
import nobrec.core.rating.BillableWeight;
import nobrec.core.rating.BillableWeight.LeastBillable;
import nobrec.core.rating.BillableWeight.SizeRule;
import nobrec.core.rating.Discounts;
import nobrec.core.rating.Discounts.Discount;
import nobrec.core.rating.FreightClass;
import nobrec.core.rating.FreightSheet;
import nobrec.core.rating.PostalTable;
import nobrec.core.rating.PriceTable;
import nobrec.core.rating.RateSheet;
import nobrec.core.rating.SurchargeCondition.Side;
import nobrec.core.rating.Surcharges;
import nobrec.core.rating.Tariff;
import nobrec.core.rating.Zoning;
import org.joda.money.CurrencyUnit;

/**
 * Reads a rate sheet from the rows of its file. Each row begins with the word of what it says. Gaps, overlaps and what does not
 * read refuse the sheet, with the row and the reason; prices that fall are a caution.
 */
public final class RateSheetReader {

    private final List<SheetFault> faults = new ArrayList<>();
    private final Set<String> remote = new HashSet<>();
    private final List<SheetCells> surchargeRows = new ArrayList<>();
    private final List<PriceTable.Row> breaks = new ArrayList<>();
    private final List<Discount> discounts = new ArrayList<>();
    private final List<LeastBillable> leastBillable = new ArrayList<>();
    private final Map<String, String> byPostalCode = new HashMap<>();
    private final Map<String, String> byCountry = new HashMap<>();
    private final Map<FreightSheet.ZoneAndClass, List<Long>> rates = new LinkedHashMap<>();
    private List<String> zones = List.of();
    private List<Weight> from = List.of();
    private List<Long> aboveCents = List.of();
    private boolean freight;
    private boolean byDistance;
    private String service = "";
    private LocalDate firstDay;
    private CurrencyUnit currency;
    private UnitSystem units = UnitSystem.POUND_INCH;
    private Weight weightStep;
    private Length sizeStep;
    private boolean nearest;
    private int divisor;
    private long fromVolume;
    private long minimumCents;
    private Weight greatest;
    private int freightDiscount;
    private String fuel = "";

    private RateSheetReader() {}

    /** @param rows of the file, each with its cells; empty rows and those that begin with # say nothing */
    public static SheetReading read(List<List<String>> rows) {
        return new RateSheetReader().readAll(rows);
    }

    private SheetReading readAll(List<List<String>> rows) {
        for (int index = 0; index < rows.size(); index++) {
            SheetCells cells = new SheetCells(index + 1, rows.get(index), faults);
            if (!cells.word().isEmpty() && !cells.word().startsWith("#")) {
                row(cells);
            }
        }
        Optional<Tariff> tariff = refused() ? Optional.empty() : tariff(rows.size());
        return new SheetReading(refused() ? Optional.empty() : tariff, faults);
    }

    private boolean refused() {
        return faults.stream().anyMatch(fault -> !fault.caution());
    }

    private void row(SheetCells cells) {
        switch (cells.word()) {
            case SheetWords.PARCEL -> service = cells.cell(1);
            case SheetWords.FREIGHT -> {
                service = cells.cell(1);
                freight = true;
            }
            case SheetWords.FIRST_DAY -> cells.day(1).ifPresent(day -> firstDay = day);
            case SheetWords.CURRENCY ->
                cells.read(cells.cell(1), "a currency like USD", CurrencyUnit::of)
                        .ifPresent(each -> currency = each);
            case SheetWords.UNITS -> units(cells);
            case SheetWords.WEIGHT_STEP -> cells.weight(cells.cell(1), units).ifPresent(step -> weightStep = step);
            case SheetWords.SIZE_STEP -> sizeStep(cells);
            case SheetWords.DIVISOR -> divisor(cells);
            case SheetWords.MINIMUM -> cells.cents(1).ifPresent(cents -> minimumCents = cents);
            case SheetWords.GREATEST -> cells.weight(cells.cell(1), units).ifPresent(weight -> greatest = weight);
            case SheetWords.FUEL -> fuel = cells.cell(1);
            case SheetWords.ZONES -> zones = cells.from(1);
            case SheetWords.ZONES_BY -> byDistance = cells.cell(1).equals(SheetWords.DISTANCE);
            case SheetWords.ZONE_OF -> zoneOf(cells);
            case SheetWords.REMOTE -> remote.addAll(cells.words(1));
            case SheetWords.SURCHARGE -> surchargeRows.add(cells);
            case SheetWords.DISCOUNT -> discount(cells);
            case SheetWords.LEAST_BILLABLE -> leastBillable(cells);
            case SheetWords.UP_TO -> upTo(cells);
            case SheetWords.ABOVE -> aboveCents = prices(cells, 1);
            case SheetWords.FROM -> from(cells);
            case SheetWords.RATE -> rate(cells);
            default -> cells.refuse("No row of a rate sheet begins with “" + cells.cell(0) + "”.");
        }
    }

    private void units(SheetCells cells) {
        switch (cells.cell(1)) {
            case "lb in" -> units = UnitSystem.POUND_INCH;
            case "kg cm" -> units = UnitSystem.KILOGRAM_CENTIMETRE;
            default -> cells.refuse("Units are “lb in” or “kg cm”, not “" + cells.cell(1) + "”.");
        }
    }

    private void sizeStep(SheetCells cells) {
        cells.length(cells.cell(1), units).ifPresent(step -> {
            Length unit = Length.of("1", units.lengthUnit());
            if (step.nanometres() == 0 || unit.nanometres() % step.nanometres() != 0) {
                cells.refuse("The size step must be a unit of length or a whole part of one.");
            }
            sizeStep = step;
        });
        nearest = cells.cell(2).equals("nearest");
    }

    private void divisor(SheetCells cells) {
        cells.whole(1).ifPresent(whole -> divisor = whole.intValue());
        if (divisor < 1) {
            cells.refuse("The divisor must be above zero; leave the row out where size does not count.");
        }
        if (!cells.cell(2).isEmpty()) {
            cells.whole(2).ifPresent(volume -> fromVolume = volume);
        }
    }

    /** {@code zone of, A, countries, CA MX} or {@code zone of, 9, postal codes, 995 996}. */
    private void zoneOf(SheetCells cells) {
        Map<String, String> table = switch (cells.cell(2)) {
            case SheetWords.COUNTRIES -> byCountry;
            case SheetWords.POSTAL_CODES -> byPostalCode;
            default -> null;
        };
        if (table == null) {
            cells.refuse("A zone is given for “countries” or “postal codes”, not “" + cells.cell(2) + "”.");
            return;
        }
        for (String place : cells.words(3)) {
            String other = table.put(place, cells.cell(1));
            if (other != null && !other.equals(cells.cell(1))) {
                cells.refuse(place + " is in zone " + other + " already; it cannot be in " + cells.cell(1) + " too.");
            }
        }
    }

    /** {@code discount, 1 2 3, 1 lb, 20 lb, 12}, of a freight sheet {@code discount, 62}. */
    private void discount(SheetCells cells) {
        if (freight) {
            cells.thousandths(cells.cell(1)).ifPresent(thousandths -> freightDiscount = thousandths);
            return;
        }
        Optional<Weight> lightest = cells.weight(cells.cell(2), units);
        Optional<Weight> heaviest = cells.weight(cells.cell(3), units);
        Optional<Integer> share = cells.thousandths(cells.cell(4));
        if (lightest.isPresent() && heaviest.isPresent() && share.isPresent()) {
            Discount next = new Discount(cells.words(1), lightest.get(), heaviest.get(), share.get());
            for (Discount other : discounts) {
                boolean zone = other.zones().stream().anyMatch(next.zones()::contains);
                if (zone && !other.from().isAbove(next.to()) && !next.from().isAbove(other.to())) {
                    cells.refuse("This discount overlaps an earlier one for the same zone and weight.");
                }
            }
            discounts.add(next);
        }
    }

    private void leastBillable(SheetCells cells) {
        Optional<Side> side =
                cells.read(cells.cell(1).toUpperCase(Locale.ROOT), "longest, second or girth", Side::valueOf);
        Optional<Length> above = cells.length(cells.cell(2), units);
        Optional<Weight> weight = cells.weight(cells.cell(3), units);
        if (side.isPresent() && above.isPresent() && weight.isPresent()) {
            leastBillable.add(new LeastBillable(side.get(), above.get(), weight.get()));
        }
    }

    private void upTo(SheetCells cells) {
        List<Long> cents = prices(cells, 2);
        cells.weight(cells.cell(1), units).ifPresent(weight -> {
            if (!breaks.isEmpty()) {
                PriceTable.Row before = breaks.get(breaks.size() - 1);
                if (!weight.isAbove(before.upTo())) {
                    cells.refuse("The weight " + cells.cell(1) + " does not rise above that of the row before: "
                            + "the two overlap.");
                    return;
                }
                for (int zone = 0; zone < Math.min(cents.size(), before.cents().size()); zone++) {
                    if (cents.get(zone) < before.cents().get(zone)) {
                        cells.caution("In zone " + name(zone) + " the price falls to "
                                + SurchargeText.money(cents.get(zone)) + " though the weight rises.");
                    }
                }
            }
            breaks.add(new PriceTable.Row(weight, cents));
        });
    }

    /** A price for each zone; one that is missing is a gap. */
    private List<Long> prices(SheetCells cells, int from) {
        if (zones.isEmpty()) {
            cells.refuse("The row “zones” must come before the first price.");
            return List.of();
        }
        List<Long> prices = new ArrayList<>();
        for (int zone = 0; zone < zones.size(); zone++) {
            String text = cells.cell(from + zone);
            if (text.isEmpty()) {
                cells.refuse("There is no price for zone " + zones.get(zone) + ": a gap.");
            } else {
                cells.cents(text).ifPresent(prices::add);
            }
        }
        if (cells.from(from).size() > zones.size()) {
            cells.refuse("There are more prices than the " + zones.size() + " zones.");
        }
        return prices;
    }

    private String name(int zone) {
        return zones.get(zone);
    }

    private void from(SheetCells cells) {
        List<Weight> weights = new ArrayList<>();
        for (String text : cells.from(1)) {
            cells.weight(text, units).ifPresent(weight -> {
                if (!weights.isEmpty() && !weight.isAbove(weights.get(weights.size() - 1))) {
                    cells.refuse("The break from " + text + " does not rise above the one before: the two overlap.");
                }
                weights.add(weight);
            });
        }
        if (weights.isEmpty() || !weights.get(0).isZero()) {
            cells.refuse("The first break must begin at 0, or light shipments have no rate: a gap.");
        }
        from = weights;
    }

    /** {@code rate, zone, class, cents per hundredweight in each break}. */
    private void rate(SheetCells cells) {
        Optional<FreightClass> freightClass = FreightClass.read(cells.cell(2));
        if (freightClass.isEmpty()) {
            cells.refuse("“" + cells.cell(2) + "” is not a freight class.");
            return;
        }
        if (!zones.contains(cells.cell(1))) {
            cells.refuse("Zone “" + cells.cell(1) + "” is not among the zones of this sheet.");
        }
        List<Long> cents = new ArrayList<>();
        for (int at = 0; at < from.size(); at++) {
            String text = cells.cell(3 + at);
            if (text.isEmpty()) {
                cells.refuse("There is no rate in the break from " + SurchargeText.write(from.get(at), units)
                        + " on: a gap.");
            } else {
                cells.cents(text).ifPresent(cents::add);
            }
        }
        if (rates.put(new FreightSheet.ZoneAndClass(cells.cell(1), freightClass.get()), cents) != null) {
            cells.refuse("Zone " + cells.cell(1) + " and class " + cells.cell(2) + " have rates already: an overlap.");
        }
        for (int at = 1; at < cents.size(); at++) {
            if (cents.get(at) > cents.get(at - 1)) {
                cells.caution("The rate rises to " + SurchargeText.money(cents.get(at))
                        + " though more is sent; rates per hundredweight usually fall.");
            }
        }
    }

    private Optional<Tariff> tariff(int lastRow) {
        SheetCells whole = new SheetCells(lastRow, List.of(), faults);
        need(whole, !service.isEmpty(), "the service's code, in a row “rate sheet” or “freight sheet”");
        need(whole, firstDay != null, "its “first day”");
        need(whole, currency != null, "its “currency”");
        need(whole, !zones.isEmpty(), "its “zones”");
        need(whole, byDistance || !byPostalCode.isEmpty() || !byCountry.isEmpty(), "“zones by” or “zone of” rows");
        if (freight) {
            need(whole, !rates.isEmpty(), "“rate” rows");
            need(whole, greatest != null, "its “greatest weight”");
        } else {
            need(whole, weightStep != null, "its “weight step”");
            need(whole, !breaks.isEmpty(), "“up to” rows");
        }
        byPostalCode.values().forEach(zone -> known(whole, zone));
        byCountry.values().forEach(zone -> known(whole, zone));
        Surcharges surcharges = new Surcharges(surchargeRows.stream()
                .flatMap(cells -> SurchargeText.read(cells, units, remote).stream())
                .toList());
        if (refused()) {
            return Optional.empty();
        }
        Zoning zoning = new Zoning(zones, byDistance, new PostalTable<>(byPostalCode), byCountry);
        return Optional.of(freight ? freightSheet(zoning, surcharges) : parcelSheet(zoning, surcharges));
    }

    private FreightSheet freightSheet(Zoning zoning, Surcharges surcharges) {
        return new FreightSheet(
                service,
                firstDay,
                currency,
                zoning,
                from,
                rates,
                freightDiscount,
                minimumCents,
                greatest,
                surcharges,
                fuel);
    }

    private RateSheet parcelSheet(Zoning zoning, Surcharges surcharges) {
        Length step = sizeStep == null ? Length.of("1", units.lengthUnit()) : sizeStep;
        Weight last = breaks.get(breaks.size() - 1).upTo();
        return new RateSheet(
                service,
                firstDay,
                currency,
                new BillableWeight.Rules(units, weightStep, new SizeRule(step, nearest, divisor, fromVolume)),
                zoning,
                new PriceTable(breaks),
                aboveCents,
                greatest == null ? last : greatest,
                minimumCents,
                new Discounts(discounts, zones),
                leastBillable,
                surcharges,
                fuel);
    }

    private void known(SheetCells whole, String zone) {
        if (!zones.contains(zone)) {
            whole.refuse("Places are given for zone “" + zone + "”, which has no prices.");
        }
    }

    private static void need(SheetCells whole, boolean there, String what) {
        if (!there) {
            whole.refuse("The sheet ends without " + what + ".");
        }
    }
}
