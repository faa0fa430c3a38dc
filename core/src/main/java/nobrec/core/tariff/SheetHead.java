package nobrec.core.tariff;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import nobrec.core.measure.UnitSystem;
import nobrec.core.measure.Weight;
import nobrec.core.rating.PostalTable;
import nobrec.core.rating.Zoning;
import org.joda.money.CurrencyUnit;

/** What parcel and freight sheets have in common, while it is read: whose it is, from when, in what, and its zones. */
final class SheetHead {

    private final Map<String, String> byPostalCode = new HashMap<>();
    private final Map<String, String> byCountry = new HashMap<>();
    private List<String> zones = List.of();
    private boolean byDistance;
    private boolean freight;
    private String service = "";
    private LocalDate firstDay;
    private CurrencyUnit currency;
    private UnitSystem units = UnitSystem.POUND_INCH;
    private long minimumCents;
    private Weight greatest;
    private String fuel = "";

    boolean isFreight() {
        return freight;
    }

    String service() {
        return service;
    }

    LocalDate firstDay() {
        return firstDay;
    }

    CurrencyUnit currency() {
        return currency;
    }

    UnitSystem units() {
        return units;
    }

    List<String> zones() {
        return zones;
    }

    long minimumCents() {
        return minimumCents;
    }

    /** Null while it is not given. */
    Weight greatest() {
        return greatest;
    }

    String fuel() {
        return fuel;
    }

    Zoning zoning() {
        return new Zoning(zones, byDistance, new PostalTable<>(byPostalCode), byCountry);
    }

    /** @return whether the row belongs here */
    boolean row(SheetCells cells) {
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
            case SheetWords.MINIMUM -> cells.cents(1).ifPresent(cents -> minimumCents = cents);
            case SheetWords.GREATEST -> cells.weight(cells.cell(1), units).ifPresent(weight -> greatest = weight);
            case SheetWords.FUEL -> fuel = cells.cell(1);
            case SheetWords.ZONES -> zones = cells.from(1);
            case SheetWords.ZONES_BY -> byDistance = cells.cell(1).equals(SheetWords.DISTANCE);
            case SheetWords.ZONE_OF -> zoneOf(cells);
            default -> {
                return false;
            }
        }
        return true;
    }

    private void units(SheetCells cells) {
        switch (cells.cell(1)) {
            case "lb in" -> units = UnitSystem.POUND_INCH;
            case "kg cm" -> units = UnitSystem.KILOGRAM_CENTIMETRE;
            default -> cells.refuse("Units are “lb in” or “kg cm”, not “" + cells.cell(1) + "”.");
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

    /** A price for each zone; one that is missing is a gap. */
    List<Long> prices(SheetCells cells, int from) {
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

    /** Refuses what is missing at the end of the file. */
    void finish(SheetCells end) {
        end.need(!service.isEmpty(), "the service's code, in a row “rate sheet” or “freight sheet”");
        end.need(firstDay != null, "its “first day”");
        end.need(currency != null, "its “currency”");
        end.need(!zones.isEmpty(), "its “zones”");
        end.need(byDistance || !byPostalCode.isEmpty() || !byCountry.isEmpty(), "“zones by” or “zone of” rows");
        byPostalCode.values().forEach(zone -> known(end, zone));
        byCountry.values().forEach(zone -> known(end, zone));
    }

    private void known(SheetCells end, String zone) {
        if (!zones.contains(zone)) {
            end.refuse("Places are given for zone “" + zone + "”, which has no prices.");
        }
    }
}
