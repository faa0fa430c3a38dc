package nobrec.core.ratesheet.file;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import nobrec.core.address.Countries;
import nobrec.core.limit.Limits;
import nobrec.core.measure.UnitSystem;
import nobrec.core.measure.Weight;
import nobrec.core.ratesheet.Zoning;
import nobrec.core.service.PostalTable;
import org.joda.money.CurrencyUnit;
import org.joda.money.IllegalCurrencyException;
import org.jspecify.annotations.Nullable;

/** What parcel and freight sheets have in common, while it is read: whose it is, from when, in what, and its zones. */
final class SheetHead {

    static final Pattern POSTAL_BEGINNING = Pattern.compile("\\d{1,5}");

    private static final Pattern SERVICE = Pattern.compile("[A-Za-z0-9][A-Za-z0-9._-]*");
    private static final Pattern DISTANCE_ZONE = Pattern.compile("[1-8]");

    private final Map<String, String> byPostalCode = new HashMap<>();
    private final Map<String, String> byCountry = new HashMap<>();

    /** Rows that name zones, looked at once all zones are known. */
    private final Map<SheetCells, List<String>> zonesNamed = new HashMap<>();

    private List<String> zones = List.of();
    private boolean byDistance;
    private boolean freight;
    private String service = "";
    private @Nullable LocalDate firstDay;
    private @Nullable CurrencyUnit currency;
    private UnitSystem units = UnitSystem.POUND_INCH;
    private boolean measuresBegan;
    private long minimumCents;
    private @Nullable Weight maximum;
    private String fuel = "";

    boolean isFreight() {
        return freight;
    }

    String service() {
        return service;
    }

    LocalDate firstDay() {
        return Objects.requireNonNull(firstDay, SheetWords.FIRST_DAY);
    }

    CurrencyUnit currency() {
        return Objects.requireNonNull(currency, SheetWords.CURRENCY);
    }

    /** The units of measures that are read from here on; a row “units” comes too late afterwards. */
    UnitSystem units() {
        measuresBegan = true;
        return units;
    }

    List<String> zones() {
        return zones;
    }

    long minimumCents() {
        return minimumCents;
    }

    Optional<Weight> maximum() {
        return Optional.ofNullable(maximum);
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
            case SheetWords.PARCEL -> kind(cells, false);
            case SheetWords.FREIGHT -> kind(cells, true);
            case SheetWords.FIRST_DAY -> cells.day(1).ifPresent(day -> firstDay = day);
            case SheetWords.CURRENCY -> currency(cells);
            case SheetWords.UNITS -> units(cells);
            case SheetWords.MINIMUM -> cells.cents(1).ifPresent(cents -> minimumCents = cents);
            case SheetWords.MAXIMUM -> cells.weight(cells.cell(1), units()).ifPresent(weight -> maximum = weight);
            case SheetWords.FUEL -> fuel = cells.text(1, "name of a fuel index", Limits.CODE);
            case SheetWords.ZONES -> zones(cells);
            case SheetWords.ZONES_BY -> zonesBy(cells);
            case SheetWords.ZONE_OF -> zoneOf(cells);
            default -> {
                return false;
            }
        }
        if (!cells.word().equals(SheetWords.ZONES)) {
            cells.endsBefore(cells.word().equals(SheetWords.ZONE_OF) ? 4 : 2);
        }
        return true;
    }

    private void kind(SheetCells cells, boolean isFreight) {
        freight = isFreight;
        service = cells.text(1, "service's code", Limits.CODE);
        if (!service.isEmpty() && !SERVICE.matcher(service).matches()) {
            cells.refuse("“" + service + "” is no service's code.");
        }
    }

    private void currency(SheetCells cells) {
        try {
            currency = CurrencyUnit.of(cells.cell(1));
        } catch (IllegalCurrencyException unknown) {
            cells.refuse("“" + cells.cell(1) + "” is not a currency like USD.");
        }
    }

    private void units(SheetCells cells) {
        if (measuresBegan) {
            cells.refuse("The row “units” must come before the first weight or length.");
        }
        switch (cells.small(1)) {
            case "lb in" -> units = UnitSystem.POUND_INCH;
            case "kg cm" -> units = UnitSystem.KILOGRAM_CENTIMETER;
            default -> cells.refuse("Units are “lb in” or “kg cm”, not “" + cells.cell(1) + "”.");
        }
    }

    private void zones(SheetCells cells) {
        zones = cells.from(1);
        Set<String> before = new HashSet<>();
        for (String zone : zones) {
            if (zone.isEmpty() || zone.length() > Limits.ZONE_NAME) {
                cells.refuse("A zone needs a name of up to " + Limits.ZONE_NAME + " letters.");
            } else if (!before.add(zone)) {
                cells.refuse("Zone " + zone + " is named twice.");
            }
        }
    }

    private void zonesBy(SheetCells cells) {
        switch (cells.small(1)) {
            case SheetWords.DISTANCE -> byDistance = true;
            case SheetWords.TABLE -> byDistance = false;
            default ->
                cells.refuse("Zones go by “" + SheetWords.DISTANCE + "” or by “" + SheetWords.TABLE + "”, not by “"
                        + cells.cell(1) + "”.");
        }
    }

    /** {@code zone of, A, countries, CA MX} or {@code zone of, 9, postal codes, 995 996}. */
    private void zoneOf(SheetCells cells) {
        boolean countries = cells.small(2).equals(SheetWords.COUNTRIES);
        if (!countries && !cells.small(2).equals(SheetWords.POSTAL_CODES)) {
            cells.refuse("A zone is given for “countries” or “postal codes”, not “" + cells.cell(2) + "”.");
            return;
        }
        if (cells.words(3).isEmpty()) {
            cells.refuse("No " + cells.small(2) + " are given.");
        }
        naming(cells, List.of(cells.cell(1)));
        Map<String, String> table = countries ? byCountry : byPostalCode;
        for (String place : cells.words(3)) {
            boolean known = countries
                    ? Countries.read(place).filter(place::equals).isPresent()
                    : POSTAL_BEGINNING.matcher(place).matches();
            if (!known) {
                cells.refuse("“" + place + "” is "
                        + (countries
                                ? "no country's two letters (ISO 3166) like CA."
                                : "no beginning of a postal code: one to five digits."));
                continue;
            }
            String other = table.put(place, cells.cell(1));
            if (other != null) {
                cells.refuse(place + " is in zone " + other + " already.");
            }
        }
    }

    /** Remembers that a row names zones, which may come later. */
    void naming(SheetCells cells, List<String> named) {
        zonesNamed.put(cells, named);
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

    /** Refuses what is missing at the end of the file. */
    void finish(SheetCells end) {
        end.need(firstDay != null, "its “first day”");
        end.need(currency != null, "its “currency”");
        end.need(!zones.isEmpty(), "its “zones”");
        end.need(byDistance || !byPostalCode.isEmpty() || !byCountry.isEmpty(), "“zones by” or “zone of” rows");
        if (byDistance
                && zones.stream().noneMatch(zone -> DISTANCE_ZONE.matcher(zone).matches())) {
            end.refuse("Zones go by distance, but none is named 1 to 8.");
        }
        zonesNamed.forEach((cells, named) -> named.stream()
                .filter(zone -> !zones.contains(zone))
                .forEach(zone -> cells.refuse("Zone “" + zone + "” is not among the zones of this sheet.")));
    }
}
