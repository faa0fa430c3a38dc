package nobrec.server.carrier;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import nobrec.core.calendar.Pickup;
import nobrec.core.rating.Carrier;
import nobrec.core.rating.FuelIndex;
import nobrec.core.rating.Rating.Prices;
import nobrec.core.rating.Service;
import nobrec.core.rating.Tariff;
import nobrec.server.platform.Remembered;
import nobrec.server.platform.SetUpVersion;
import nobrec.server.platform.problem.Refusal;
import org.springframework.transaction.annotation.Transactional;

/** Carriers, their services, rate sheets, fuel and pickups. */
@org.springframework.stereotype.Service
public class ServiceCatalog {

    private final CarrierMapper mapper;
    private final RateSheetMapper rateSheets;
    private final Clock clock;
    private final SetUpVersion version;
    private final Remembered<SetUp> setUp;
    private final Map<Long, Remembered<Map<String, Pickup>>> pickups = new ConcurrentHashMap<>();

    /** A sheet that was kept is never changed, so it can be remembered by its id. */
    private final Map<Long, Tariff> sheetsById = new ConcurrentHashMap<>();

    ServiceCatalog(CarrierMapper mapper, RateSheetMapper rateSheets, SetUpVersion version, Clock clock) {
        this.mapper = mapper;
        this.rateSheets = rateSheets;
        this.clock = clock;
        this.version = version;
        this.setUp = new Remembered<>(version, this::readSetUp);
    }

    /** What is set up, read together. */
    private record SetUp(
            List<Carrier> carriers, List<Service> services, List<RateSheetRow> sheets, Map<String, FuelIndex> fuel) {}

    private SetUp readSetUp() {
        List<Carrier> carriers = mapper.carriers();
        Map<String, Carrier> byCode = carriers.stream().collect(Collectors.toMap(Carrier::code, carrier -> carrier));
        List<Service> services = mapper.services().stream()
                .map(row -> row.service(byCode.get(row.carrierCode())))
                .toList();
        Map<String, TreeMap<LocalDate, Integer>> fuel = new TreeMap<>();
        rateSheets
                .fuel()
                .forEach(row -> fuel.computeIfAbsent(row.code(), code -> new TreeMap<>())
                        .put(row.firstDay(), row.thousandths()));
        Map<String, FuelIndex> indexes = fuel.entrySet().stream()
                .collect(Collectors.toMap(Map.Entry::getKey, each -> new FuelIndex(each.getKey(), each.getValue())));
        return new SetUp(carriers, services, rateSheets.sheets(), indexes);
    }

    public List<Carrier> carriers() {
        return setUp.get().carriers();
    }

    public Carrier carrier(String code) {
        return carriers().stream()
                .filter(carrier -> carrier.code().equals(code))
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("Carrier " + code, "Set it up first."));
    }

    public List<Service> services() {
        return setUp.get().services();
    }

    public Service service(String code) {
        return services().stream()
                .filter(service -> service.code().equals(code))
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("Service " + code, "Choose one of the offers."));
    }

    /** When each carrier comes to a site, by carrier code. */
    public Map<String, Pickup> pickups(long siteId) {
        return pickups.computeIfAbsent(
                        siteId,
                        id -> new Remembered<>(
                                version,
                                () -> mapper.pickups(id).stream()
                                        .collect(Collectors.toMap(PickupRow::carrierCode, PickupRow::pickup))))
                .get();
    }

    /** First days of the sheets of a service, the latest first. */
    List<LocalDate> firstDays(String serviceCode) {
        return setUp.get().sheets().stream()
                .filter(row -> row.serviceCode().equals(serviceCode))
                .map(RateSheetRow::firstDay)
                .toList();
    }

    /** What a service asks for on that day: the sheet in force, and the fuel index it names. */
    public Prices prices(String serviceCode, LocalDate day) {
        Optional<Tariff> tariff = setUp.get().sheets().stream()
                .filter(row -> row.serviceCode().equals(serviceCode))
                .filter(row -> !row.firstDay().isAfter(day))
                .findFirst()
                .map(this::sheet);
        Optional<FuelIndex> fuel =
                tariff.map(Tariff::fuelIndex).map(code -> setUp.get().fuel().get(code));
        return new Prices(tariff, fuel);
    }

    private Tariff sheet(RateSheetRow row) {
        return sheetsById.computeIfAbsent(
                row.id(),
                id -> RateSheetFile.readOrRefuse(
                        row.serviceCode(), rateSheets.csv(id).orElseThrow()));
    }

    /** The sheet of a service in force on that day, written anew. */
    public String rateSheetCsv(String serviceCode, LocalDate day) {
        return prices(serviceCode, day)
                .tariff()
                .map(RateSheetFile::write)
                .orElseThrow(() -> Refusal.notFound(
                        "A rate sheet of " + serviceCode + " for " + day, "Choose a later day, or read a sheet in."));
    }

    @Transactional
    public void add(Carrier carrier, long siteId, Pickup pickup) {
        mapper.insertCarrier(carrier);
        mapper.insertPickup(PickupRow.of(siteId, carrier.code(), pickup));
        version.changed();
    }

    @Transactional
    public void add(Service service) {
        mapper.insertService(ServiceRow.of(service));
        version.changed();
    }

    /**
     * Reads a rate sheet in.
     *
     * @throws Refusal when it cannot be used, is for no service of ours, or its first day has a sheet already
     */
    @Transactional
    public Tariff addRateSheet(String name, String csv) {
        Tariff tariff = RateSheetFile.readOrRefuse(name, csv);
        service(tariff.serviceCode());
        boolean taken = setUp.get().sheets().stream()
                .anyMatch(row -> row.serviceCode().equals(tariff.serviceCode())
                        && row.firstDay().equals(tariff.firstDay()));
        if (taken) {
            throw Refusal.conflict(
                    "Rate sheet " + name,
                    "There is a sheet of " + tariff.serviceCode() + " from " + tariff.firstDay() + " on already.",
                    "A sheet is never changed, so that old shipments keep their price: give the new one a later first day.");
        }
        Instant now = clock.instant();
        rateSheets.insert(tariff.serviceCode(), tariff.firstDay(), csv, now);
        version.changed();
        return tariff;
    }

    @Transactional
    public void addFuel(List<FuelRow> rows) {
        rows.forEach(rateSheets::insertFuel);
        version.changed();
    }
}
