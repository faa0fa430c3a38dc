package nobrec.server.carrier;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import nobrec.core.calendar.Pickup;
import nobrec.core.rating.Carrier;
import nobrec.core.rating.RateSheet;
import nobrec.core.rating.Service;
import nobrec.server.platform.problem.Refusal;
import org.springframework.transaction.annotation.Transactional;

/** Carriers, their services, rate sheets and pickups. */
@org.springframework.stereotype.Service
public class ServiceCatalog {

    private final CarrierMapper mapper;
    private final RateSheetMapper rateSheets;

    /** A sheet that was kept is never changed, so it can be remembered by its id. */
    private final Map<Long, RateSheet> sheetsById = new ConcurrentHashMap<>();

    ServiceCatalog(CarrierMapper mapper, RateSheetMapper rateSheets) {
        this.mapper = mapper;
        this.rateSheets = rateSheets;
    }

    public List<Carrier> carriers() {
        return mapper.carriers();
    }

    public Carrier carrier(String code) {
        return carriers().stream()
                .filter(carrier -> carrier.code().equals(code))
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("Carrier " + code, "Set it up first."));
    }

    public List<Service> services() {
        Map<String, Carrier> carriers =
                carriers().stream().collect(Collectors.toMap(Carrier::code, carrier -> carrier));
        return mapper.services().stream()
                .map(row -> row.service(carriers.get(row.carrierCode())))
                .toList();
    }

    public Service service(String code) {
        return services().stream()
                .filter(service -> service.code().equals(code))
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("Service " + code, "Choose one of the offers."));
    }

    /** When each carrier comes to a site, by carrier code. */
    public Map<String, Pickup> pickups(long siteId) {
        return mapper.pickups(siteId).stream().collect(Collectors.toMap(PickupRow::carrierCode, PickupRow::pickup));
    }

    /** The sheet of a service that is in force on that day. */
    public Optional<RateSheet> rateSheet(String serviceCode, LocalDate day) {
        return rateSheets
                .inForceOn(serviceCode, day)
                .map(row -> sheetsById.computeIfAbsent(row.id(), id -> row.rateSheet(rateSheets.prices(id))));
    }

    @Transactional
    public void add(Carrier carrier, long siteId, Pickup pickup) {
        mapper.insertCarrier(carrier);
        mapper.insertPickup(PickupRow.of(siteId, carrier.code(), pickup));
    }

    @Transactional
    public void add(Service service) {
        mapper.insertService(ServiceRow.of(service));
    }

    @Transactional
    public void add(RateSheet sheet) {
        RateSheetMapper.NewRateSheet row = new RateSheetMapper.NewRateSheet(sheet);
        rateSheets.insert(row);
        rateSheets.insertPrices(row.getId(), RatePriceRow.of(sheet));
    }
}
