package nobrec.server.pricing;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import nobrec.core.calendar.Pickup;
import nobrec.core.rating.CarrierAnswer;
import nobrec.core.rating.Offer;
import nobrec.core.rating.QuotedOffers;
import nobrec.core.rating.QuotedOffers.Asked;
import nobrec.core.service.Accessorial;
import nobrec.core.service.Carrier;
import nobrec.core.service.Service;
import nobrec.core.service.ShipmentToRate;
import nobrec.core.shipment.Jobs;
import nobrec.core.shipment.Shipment;
import nobrec.server.carrier.CarrierGateway;
import nobrec.server.carrier.Consignment;
import nobrec.server.carrier.QuoteRequest;
import nobrec.server.carrier.ServiceCatalog;
import nobrec.server.platform.Fingerprint;
import nobrec.server.site.Site;
import nobrec.server.site.Sites;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** What carriers that price themselves have said of a shipment, as far as it is about the shipment as it is now. */
@Component
class CarrierQuotes {

    /** Longer than any call may take: who asked is gone, and it may be asked again. */
    private static final Duration LAPSES = Duration.ofMinutes(1);

    private static final TypeReference<Map<String, Long>> PRICES = new TypeReference<>() {};

    /** A question to one carrier, and what tells it from one about anything else. */
    record Question(Carrier carrier, QuoteRequest request, String about) {}

    private final CarrierQuoteMapper mapper;
    private final ServiceCatalog catalog;
    private final CarrierGateway gateway;
    private final Sites sites;
    private final JsonMapper json;
    private final Clock clock;

    CarrierQuotes(
            CarrierQuoteMapper mapper,
            ServiceCatalog catalog,
            CarrierGateway gateway,
            Sites sites,
            JsonMapper json,
            Clock clock) {
        this.mapper = mapper;
        this.catalog = catalog;
        this.gateway = gateway;
        this.sites = sites;
        this.json = json;
        this.clock = clock;
    }

    /** By carrier code, of those whose price would make a difference; nothing where all are priced by their sheets. */
    Map<String, Asked> of(Shipment shipment, Jobs jobs, ShipmentToRate toRate, List<Offer> bySheet) {
        List<Carrier> asking = asking(bySheet);
        if (asking.isEmpty()) {
            return Map.of();
        }
        Map<String, CarrierQuoteRow> rows = mapper.of(shipment.id()).stream()
                .collect(Collectors.toMap(CarrierQuoteRow::carrierCode, Function.identity()));
        Map<String, Asked> asked = new HashMap<>();
        for (Carrier carrier : asking) {
            CarrierAnswer answer = question(carrier, shipment, jobs, toRate)
                    .map(question -> answer(Optional.ofNullable(rows.get(carrier.code())), question, shipment))
                    .orElseGet(() -> new CarrierAnswer.Silent("It can be asked once every package has a weight."));
            asked.put(carrier.code(), new Asked(catalog.pricing(carrier.code()), answer));
        }
        return asked;
    }

    private List<Carrier> asking(List<Offer> bySheet) {
        Set<String> worthAsking = QuotedOffers.worthAsking(bySheet);
        return catalog.carriers().stream()
                .filter(carrier -> worthAsking.contains(carrier.code()))
                .filter(carrier -> catalog.pricing(carrier.code()).asksCarrier())
                .toList();
    }

    private CarrierAnswer answer(Optional<CarrierQuoteRow> row, Question question, Shipment shipment) {
        Instant now = clock.instant();
        return row.filter(each -> each.askedAbout().equals(question.about()))
                .map(each -> switch (each.state()) {
                    case ASKED ->
                        each.askedAt().plus(LAPSES).isAfter(now)
                                ? new CarrierAnswer.Awaited()
                                : new CarrierAnswer.NotAsked();
                    case SILENT -> new CarrierAnswer.Silent(each.said());
                    case QUOTED -> quoted(each, now, shipment);
                })
                .orElseGet(CarrierAnswer.NotAsked::new);
    }

    private CarrierAnswer quoted(CarrierQuoteRow row, Instant now, Shipment shipment) {
        if (row.validUntil() == null
                || row.prices() == null
                || !row.validUntil().isAfter(now)) {
            return new CarrierAnswer.NotAsked();
        }
        ZoneId zone = ZoneId.of(sites.byId(shipment.siteId()).timeZone());
        return new CarrierAnswer.Quoted(
                row.number(), LocalDateTime.ofInstant(row.validUntil(), zone), json.readValue(row.prices(), PRICES));
    }

    /** What each of them would be asked now; nothing about a shipment of which a weight or a carrier's pickup is missing. */
    List<Question> questions(Shipment shipment, Jobs jobs, ShipmentToRate toRate, List<Offer> bySheet) {
        return asking(bySheet).stream()
                .flatMap(carrier -> question(carrier, shipment, jobs, toRate).stream())
                .toList();
    }

    private Optional<Question> question(Carrier carrier, Shipment shipment, Jobs jobs, ShipmentToRate toRate) {
        Optional<Pickup> pickup =
                Optional.ofNullable(catalog.pickups(shipment.siteId()).get(carrier.code()));
        boolean weighs = !shipment.packages().isEmpty()
                && shipment.packages().stream()
                        .allMatch(each -> each.weight().or(each::expectedWeight).isPresent());
        return pickup.filter(comes -> weighs).map(comes -> question(carrier, shipment, jobs, toRate, comes));
    }

    private Question question(Carrier carrier, Shipment shipment, Jobs jobs, ShipmentToRate toRate, Pickup pickup) {
        Site site = sites.byId(shipment.siteId());
        Consignment consignment =
                Consignment.of(shipment, jobs, site, "", toRate.departureWith(pickup), "", Optional.empty());
        List<String> services = catalog.services().stream()
                .filter(service -> service.carrier().code().equals(carrier.code()))
                .map(Service::code)
                .toList();
        List<String> accessorials = Stream.concat(
                        Stream.of(jobs.leading().placeKind().name()),
                        shipment.accessorials().stream().map(Accessorial::name).sorted())
                .toList();
        String about = Fingerprint.of(gateway.write(consignment) + services + accessorials);
        return new Question(carrier, new QuoteRequest(services, accessorials, clock.instant(), consignment), about);
    }
}
