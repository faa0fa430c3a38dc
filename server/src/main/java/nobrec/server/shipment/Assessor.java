package nobrec.server.shipment;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nobrec.core.address.PostalArea;
import nobrec.core.calendar.Pickup;
import nobrec.core.charging.CustomerCharge;
import nobrec.core.measure.Weight;
import nobrec.core.packing.CartonType;
import nobrec.core.rating.Offer;
import nobrec.core.rating.Rating;
import nobrec.core.rating.ServiceChoice;
import nobrec.core.rating.ShipmentToRate;
import nobrec.core.rating.ShipmentToRate.PackageToRate;
import nobrec.core.rating.Zone;
import nobrec.core.readiness.ReadyChecks;
import nobrec.server.carrier.ServiceCatalog;
import nobrec.server.carton.CartonTypes;
import nobrec.server.charge.ChargeRules;
import nobrec.server.place.PostalReference;
import nobrec.server.platform.Moneys;
import nobrec.server.platform.NobrecSettings;
import nobrec.server.site.Site;
import nobrec.server.site.Sites;
import nobrec.server.workorder.WorkOrder;
import org.joda.money.Money;
import org.springframework.stereotype.Component;

/** Feeds the sums of {@code core} with what is remembered about a shipment. */
@Component
class Assessor {

    private static final Comparator<Offer> ALLOWED_AND_CHEAP_FIRST = Comparator.<Offer, Boolean>comparing(
                    offer -> !offer.isAllowed())
            .thenComparing(offer -> offer.total().map(Money::getAmountMinorLong).orElse(Long.MAX_VALUE))
            .thenComparing(offer -> offer.service().code());

    private final ServiceCatalog catalog;
    private final PostalReference postal;
    private final CartonTypes cartonTypes;
    private final ChargeRules chargeRules;
    private final Sites sites;
    private final NobrecSettings settings;

    Assessor(
            ServiceCatalog catalog,
            PostalReference postal,
            CartonTypes cartonTypes,
            ChargeRules chargeRules,
            Sites sites,
            NobrecSettings settings) {
        this.catalog = catalog;
        this.postal = postal;
        this.cartonTypes = cartonTypes;
        this.chargeRules = chargeRules;
        this.sites = sites;
        this.settings = settings;
    }

    Assessment assess(Shipment shipment, WorkOrder job) {
        Site site = sites.byId(shipment.siteId());
        LocalDateTime now = sites.timeAt(site);
        List<PackageToRate> packages = packages(shipment);
        List<Offer> offers = zone(site, job)
                .map(zone -> new ShipmentToRate(packages, zone, job.placeKind(), now, job.promiseDate()))
                .map(toRate -> offers(toRate, site, now.toLocalDate()))
                .orElse(List.of());
        ServiceChoice choice = ServiceChoice.of(offers, shipment.chosenService(), job.askedService());
        Optional<Offer> chosen = choice.chosen().flatMap(code -> byCode(offers, code));
        Money cartonCost = cartonCost(shipment);
        Optional<CustomerCharge> charge = chosen.flatMap(offer -> offer.total()
                .map(total -> CustomerCharge.of(
                        total,
                        offer.service().name(),
                        cartonCost,
                        job.terms(),
                        chargeRules.inForceOn(now.toLocalDate()))));
        return new Assessment(
                offers, choice, ReadyChecks.of(look(shipment, job, packages, chosen), settings.units()), charge);
    }

    private static Optional<Offer> byCode(List<Offer> offers, String code) {
        return offers.stream()
                .filter(offer -> offer.service().code().equals(code))
                .findFirst();
    }

    private List<Offer> offers(ShipmentToRate toRate, Site site, LocalDate today) {
        Map<String, Pickup> pickups = catalog.pickups(site.id());
        return catalog.services().stream()
                .filter(service -> pickups.containsKey(service.carrier().code()))
                .map(service -> Rating.offer(
                        toRate,
                        service,
                        catalog.rateSheet(service.code(), today),
                        pickups.get(service.carrier().code())))
                .sorted(ALLOWED_AND_CHEAP_FIRST)
                .toList();
    }

    private Optional<Zone> zone(Site site, WorkOrder job) {
        Optional<PostalArea> from = postal.areaOf(site.postalCode());
        Optional<PostalArea> to = postal.areaOf(job.shipTo().postalCode());
        return from.flatMap(origin -> to.map(destination -> Zone.between(origin, destination)));
    }

    private static List<PackageToRate> packages(Shipment shipment) {
        return shipment.packages().stream()
                .map(each -> new PackageToRate(
                        each.number(),
                        each.weight().or(each::expectedWeight),
                        each.weight().isPresent(),
                        each.size()))
                .toList();
    }

    private ReadyChecks.ShipmentToCheck look(
            Shipment shipment, WorkOrder job, List<PackageToRate> packages, Optional<Offer> chosen) {
        return new ReadyChecks.ShipmentToCheck(
                job.number(),
                job.shipTo(),
                job.placeKind(),
                postal.check(job.shipTo()),
                job.phone(),
                job.pieces(),
                job.pieces() - shipment.piecesPlaced(),
                packages,
                job.promiseDate(),
                chosen);
    }

    private Money cartonCost(Shipment shipment) {
        return shipment.packages().stream()
                .map(each -> cartonTypes.byCode(each.cartonCode()).cost())
                .reduce(Moneys.zero(), Money::plus);
    }

    /** What the records say a package weighs in another carton. */
    Optional<Weight> expectedWeight(Shipment.Package packed, CartonType carton, WorkOrder job) {
        Weight sum = carton.tare();
        for (Shipment.Content content : packed.contents()) {
            Optional<Weight> unit = job.lines().stream()
                    .filter(line -> line.id() == content.workOrderLineId())
                    .findFirst()
                    .flatMap(WorkOrder.Line::unitWeight);
            if (unit.isEmpty()) {
                return Optional.empty();
            }
            sum = sum.plus(unit.get().times(content.quantity()));
        }
        return Optional.of(sum);
    }
}
