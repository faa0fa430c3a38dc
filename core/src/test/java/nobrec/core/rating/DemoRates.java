package nobrec.core.rating;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import nobrec.core.address.PlaceKind;
import nobrec.core.calendar.Pickup;
import nobrec.core.calendar.WorkCalendar;
import nobrec.core.carton.CartonKind;
import nobrec.core.carton.CartonType.Supply;
import nobrec.core.carton.PackageCost;
import nobrec.core.identifier.TrackingForm;
import nobrec.core.measure.Length;
import nobrec.core.measure.LengthUnit;
import nobrec.core.measure.Size;
import nobrec.core.measure.Weight;
import nobrec.core.measure.WeightUnit;
import nobrec.core.notation.DecimalMark;
import nobrec.core.ratesheet.FuelIndex;
import nobrec.core.ratesheet.Tariff;
import nobrec.core.ratesheet.file.RateSheetReader;
import nobrec.core.ratesheet.file.SheetReading;
import nobrec.core.rating.Rating.Prices;
import nobrec.core.service.Accessorial;
import nobrec.core.service.Carrier;
import nobrec.core.service.Destination;
import nobrec.core.service.Service;
import nobrec.core.service.ServiceLimits;
import nobrec.core.service.ShipmentToRate;
import nobrec.core.service.ShipmentToRate.PackageToRate;
import nobrec.core.service.ShipmentToRate.Receiver;
import nobrec.core.service.Zone;
import org.joda.money.CurrencyUnit;

/** The demo's rate sheets, and shipments and services to try them on. */
public final class DemoRates {

    public static final LocalDate TUESDAY = LocalDate.of(2026, 12, 1);
    public static final Pickup AFTERNOON = new Pickup(
            LocalTime.of(16, 30), EnumSet.range(DayOfWeek.MONDAY, DayOfWeek.FRIDAY), WorkCalendar.of("US", Set.of()));
    public static final Receiver COMPLETE = new Receiver(true, true, List.of());
    private static final Path RATES = Path.of("../demo/rates");

    private DemoRates() {}

    public static SheetReading read(String csv) {
        return RateSheetReader.read(rows(csv), DecimalMark.POINT);
    }

    /** Cells set apart by commas; one in quotes may have commas in it. */
    public static List<List<String>> rows(String csv) {
        List<List<String>> rows = new ArrayList<>();
        csv.lines()
                .forEach(line -> rows.add(Arrays.stream(line.split(",(?=(?:[^\"]*\"[^\"]*\")*[^\"]*$)", -1))
                        .map(cell -> cell.replace("\"", ""))
                        .toList()));
        return rows;
    }

    public static Tariff sheet(String csv) {
        SheetReading reading = read(csv);
        return reading.tariff().orElseThrow(() -> new AssertionError(reading.faults()));
    }

    public static Tariff demoSheet(String file) {
        try {
            return sheet(Files.readString(RATES.resolve(file)));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    public static Prices prices(Tariff tariff, String perCent) {
        int thousandths = new BigDecimal(perCent).movePointRight(3).intValueExact();
        return new Prices(
                Optional.of(tariff),
                Optional.of(new FuelIndex("F", new TreeMap<>(Map.of(LocalDate.of(2026, 1, 1), thousandths)))));
    }

    public static Service service(CartonKind... takes) {
        return new Service(
                "SVC",
                "Service",
                new Carrier("CAR", "Carrier", false, false, TrackingForm.LETTERS_MODULO_10),
                true,
                new ServiceLimits(pounds("20000"), inches("200"), inches("900"), Set.of(), Set.of("CA")),
                new Service.Transit(List.of(1, 1, 2, 2, 3, 4, 4, 5), Map.of()),
                Set.of(takes),
                Set.of(),
                EnumSet.allOf(Accessorial.class),
                List.of());
    }

    public static Destination zone(int number) {
        return new Destination("US", "US", "53703", PlaceKind.BUSINESS, Optional.of(new Zone(number, 100)));
    }

    public static Destination residenceInZone(int number) {
        return new Destination("US", "US", "53703", PlaceKind.RESIDENCE, Optional.of(new Zone(number, 100)));
    }

    public static PackageToRate parcel(int number, String weight, String size) {
        String[] sides = size.split("x");
        return new PackageToRate(
                number,
                Optional.of(pounds(weight)),
                true,
                Size.of(sides[0], sides[1], sides[2], LengthUnit.INCH),
                CartonKind.CARTON,
                Supply.OUR_OWN,
                0,
                List.of());
    }

    public static ShipmentToRate shipment(Destination to, Set<Accessorial> accessorials, PackageToRate... packages) {
        return new ShipmentToRate(
                List.of(packages), to, accessorials, Set.of(), COMPLETE, TUESDAY.atTime(13, 5), Optional.empty());
    }

    public static Offer offer(ShipmentToRate shipment, Tariff tariff, String fuel) {
        return new Rating(shipment, CurrencyUnit.USD)
                .offer(service(CartonKind.values()), prices(tariff, fuel), AFTERNOON);
    }

    /** What a package costs by the demo's Plover Ground to zone 5, with fuel. */
    public static PackageCost costByPloverGround() {
        return cost(demoSheet("plover-ground-2026.csv"));
    }

    /** What a package costs by a sheet to zone 5, with fuel. */
    public static PackageCost cost(Tariff sheet) {
        return new ServicePackageCost(
                shipment(zone(5), Set.of(), parcel(1, "1", "4x4x4")),
                service(CartonKind.CARTON, CartonKind.ENVELOPE, CartonKind.TUBE),
                prices(sheet, "16.5"),
                AFTERNOON,
                CurrencyUnit.USD,
                List.of());
    }

    public static Weight pounds(String amount) {
        return Weight.of(amount, WeightUnit.POUND);
    }

    public static Length inches(String amount) {
        return Length.of(amount, LengthUnit.INCH);
    }
}
