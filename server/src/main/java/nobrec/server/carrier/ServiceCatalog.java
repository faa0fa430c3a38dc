package nobrec.server.carrier;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import nobrec.core.calendar.Pickup;
import nobrec.core.ratesheet.FuelIndex;
import nobrec.core.ratesheet.Tariff;
import nobrec.core.rating.Rating.Prices;
import nobrec.core.refusal.Refusal;
import nobrec.core.service.Carrier;
import nobrec.core.service.CarrierPricing;
import nobrec.core.service.Service;
import nobrec.server.platform.Remembered;
import nobrec.server.platform.SetUpVersion;
import nobrec.server.site.Sites;
import org.springframework.transaction.annotation.Transactional;

/** Carriers, their services, rate sheets, fuel and pickups. */
@org.springframework.stereotype.Service
public class ServiceCatalog {

    /** So many sheets are remembered, those asked for last. */
    private static final int SHEETS = 500;

    private final CarrierMapper mapper;
    private final RateSheetMapper rateSheets;
    private final Sites sites;
    private final Clock clock;
    private final SetUpVersion version;
    private final Remembered<SetUp> setUp;
    private final Map<Long, Remembered<Map<String, Pickup>>> pickups = new ConcurrentHashMap<>();

    /** A sheet that was kept is never changed, so it can be remembered by its id. */
    private final Cache<Long, RateSheetFile.Kept> sheetsById =
            Caffeine.newBuilder().maximumSize(SHEETS).build();

    ServiceCatalog(CarrierMapper mapper, RateSheetMapper rateSheets, Sites sites, SetUpVersion version, Clock clock) {
        this.sites = sites;
        this.mapper = mapper;
        this.rateSheets = rateSheets;
        this.clock = clock;
        this.version = version;
        this.setUp = new Remembered<>(version, this::readSetUp);
    }

    /** What is set up, read together. */
    private record SetUp(
            List<Carrier> carriers,
            List<Service> services,
            List<RateSheetRow> sheets,
            Map<String, FuelIndex> fuel,
            Map<String, CarrierPricing> pricing) {}

    private SetUp readSetUp() {
        List<Carrier> carriers = mapper.carriers();
        Map<String, Carrier> byCode = carriers.stream().collect(Collectors.toMap(Carrier::code, carrier -> carrier));
        List<Service> services = mapper.services().stream()
                .map(row -> row.service(Objects.requireNonNull(byCode.get(row.carrierCode()))))
                .toList();
        Map<String, TreeMap<LocalDate, Integer>> fuel = new TreeMap<>();
        rateSheets
                .fuel()
                .forEach(row -> fuel.computeIfAbsent(row.code(), code -> new TreeMap<>())
                        .put(row.firstDay(), row.thousandths()));
        Map<String, FuelIndex> indexes = fuel.entrySet().stream()
                .collect(Collectors.toMap(Map.Entry::getKey, each -> new FuelIndex(each.getKey(), each.getValue())));
        Map<String, CarrierPricing> pricing = mapper.pricing().stream()
                .collect(Collectors.toMap(CarrierPricingRow::carrierCode, CarrierPricingRow::pricing));
        return new SetUp(carriers, services, rateSheets.sheets(), indexes, pricing);
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

    /** Where the prices of a carrier's services come from. */
    public CarrierPricing pricing(String carrierCode) {
        return setUp.get().pricing().getOrDefault(carrierCode, CarrierPricing.BY_SHEET);
    }

    @Transactional
    public void keepPricing(String carrierCode, CarrierPricing pricing) {
        mapper.updatePricing(carrier(carrierCode).code(), pricing.pricedBy(), pricing.toleranceThousandths());
        version.changed();
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
                                        .collect(Collectors.toMap(
                                                PickupRow::carrierCode, row -> row.pickup(sites.calendar(id))))))
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
        Optional<RateSheetFile.Kept> sheet = setUp.get().sheets().stream()
                .filter(row -> row.serviceCode().equals(serviceCode))
                .filter(row -> !row.firstDay().isAfter(day))
                .findFirst()
                .map(this::sheet);
        if (sheet.isEmpty()) {
            return Prices.NONE;
        }
        Optional<Tariff> tariff = sheet.get().tariff();
        return tariff.isEmpty()
                ? Prices.unusable(sheet.get().fault())
                : new Prices(tariff, tariff.flatMap(each -> fuelIndex(each.fuelIndex())));
    }

    Optional<FuelIndex> fuelIndex(String code) {
        return Optional.ofNullable(setUp.get().fuel().get(code));
    }

    Set<String> fuelIndexes() {
        return new TreeSet<>(setUp.get().fuel().keySet());
    }

    private RateSheetFile.Kept sheet(RateSheetRow row) {
        RateSheetFile.Kept known = sheetsById.getIfPresent(row.id());
        if (known == null) {
            known = RateSheetFile.kept(rateSheets.csv(row.id()).orElseThrow());
            sheetsById.put(row.id(), known);
        }
        return known;
    }

    /** The sheet of a service in force on that day, written as a file. */
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

    /** A carrier that comes to another of our sites too. */
    @Transactional
    public void addPickup(String carrierCode, long siteId, Pickup pickup) {
        mapper.insertPickup(PickupRow.of(siteId, carrier(carrierCode).code(), pickup));
        version.changed();
    }

    @Transactional
    public void add(Service service) {
        mapper.insertService(ServiceRow.of(service));
        version.changed();
    }

    @Transactional
    public void addFuel(List<FuelRow> rows) {
        rows.forEach(rateSheets::insertFuel);
        version.changed();
    }
}
