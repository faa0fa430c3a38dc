package nobrec.server.shipment;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nobrec.core.address.PhoneNumber;
import nobrec.core.address.PostalArea;
import nobrec.core.calendar.Pickup;
import nobrec.core.limit.Limits;
import nobrec.core.packing.CartonType;
import nobrec.core.packing.PackageCost;
import nobrec.core.rating.Destination;
import nobrec.core.rating.Extra;
import nobrec.core.rating.Offer;
import nobrec.core.rating.Rating;
import nobrec.core.rating.Service;
import nobrec.core.rating.ServicePackageCost;
import nobrec.core.rating.ShipmentToRate;
import nobrec.core.rating.ShipmentToRate.PackageToRate;
import nobrec.core.rating.ShipmentToRate.Receiver;
import nobrec.core.rating.Zone;
import nobrec.server.carrier.ServiceCatalog;
import nobrec.server.carton.CartonTypes;
import nobrec.server.place.PostalReference;
import nobrec.server.platform.Moneys;
import nobrec.server.site.Site;
import nobrec.server.site.Sites;
import nobrec.server.workorder.WorkOrder;
import org.springframework.stereotype.Component;

/** Brings what is remembered about a shipment into the form in which {@code core} prices it. */
@Component
class RatingFeed {

    private final ServiceCatalog catalog;
    private final PostalReference postal;
    private final CartonTypes cartonTypes;
    private final Sites sites;

    RatingFeed(ServiceCatalog catalog, PostalReference postal, CartonTypes cartonTypes, Sites sites) {
        this.catalog = catalog;
        this.postal = postal;
        this.cartonTypes = cartonTypes;
        this.sites = sites;
    }

    ShipmentToRate toRate(Shipment shipment, Jobs jobs) {
        Site site = sites.byId(shipment.siteId());
        WorkOrder job = jobs.leading();
        return new ShipmentToRate(
                shipment.packages().stream()
                        .map(each -> packageToRate(each, shipment, jobs))
                        .toList(),
                destination(site, job),
                shipment.extras(),
                jobs.goods(shipment),
                new Receiver(
                        PhoneNumber.read(job.phone(), job.shipTo().country())
                                .found()
                                .isPresent(),
                        !job.shipTo().company().isBlank(),
                        customsGaps(shipment, jobs)),
                readyAt(shipment, site),
                jobs.promiseDate().filter(Limits::holdsDay));
    }

    private PackageToRate packageToRate(Shipment.Package each, Shipment shipment, Jobs jobs) {
        CartonType carton = cartonTypes.byCode(each.cartonCode());
        return new PackageToRate(
                each.number(),
                each.weight().or(each::expectedWeight),
                each.weight().isPresent(),
                each.size(),
                carton.kind(),
                carton.supply(),
                shipment.extras().contains(Extra.DECLARED_VALUE) ? jobs.valueCents(each.contents()) : 0,
                jobs.goodsByClass(each.contents()));
    }

    private Destination destination(Site site, WorkOrder job) {
        Optional<PostalArea> from = postal.areaOf(site.postalCode());
        Optional<PostalArea> to = postal.areaOf(job.shipTo().postalCode());
        return new Destination(
                job.shipTo().country(),
                job.shipTo().postalCode(),
                job.placeKind(),
                from.flatMap(origin -> to.map(destination -> Zone.between(origin, destination))));
    }

    /** Now, or when the site opens on the day chosen, if that is later. */
    private LocalDateTime readyAt(Shipment shipment, Site site) {
        LocalDateTime now = sites.timeAt(site);
        return shipment.shipOn()
                .filter(Limits::holdsDay)
                .map(day -> day.atTime(site.opensAt()))
                .filter(opening -> opening.isAfter(now))
                .orElse(now);
    }

    private static List<String> customsGaps(Shipment shipment, Jobs jobs) {
        List<String> gaps = new ArrayList<>();
        for (Shipment.Line each : shipment.lines()) {
            WorkOrder.Line line = jobs.line(each.workOrderLineId());
            if (line.goods().hsCode().isBlank()) {
                gaps.add("the HS code of " + line.item());
            }
            if (line.goods().origin().isBlank()) {
                gaps.add("the country of origin of " + line.item());
            }
            if (line.goods().unitValueCents().isEmpty()) {
                gaps.add("the value of " + line.item());
            }
        }
        return gaps;
    }

    List<Offer> offers(ShipmentToRate toRate, long siteId) {
        Map<String, Pickup> pickups = catalog.pickups(siteId);
        Rating rating = new Rating(toRate, Moneys.currency());
        return catalog.services().stream()
                .map(service -> Optional.ofNullable(
                                pickups.get(service.carrier().code()))
                        .map(pickup -> rating.offer(
                                service, catalog.prices(service.code(), toRate.departureWith(pickup)), pickup))
                        .orElseGet(() -> rating.offerWithoutPickup(service)))
                .toList();
    }

    /** What a package costs in the service chosen by hand, else in the one the record asks for; none when neither is ours. */
    List<PackageCost> costsInWantedService(Shipment shipment, Jobs jobs) {
        return catalog.services().stream()
                .filter(service -> shipment.chosenService()
                        .map(service.code()::equals)
                        .orElseGet(() -> service.isMeantBy(jobs.leading().askedService())))
                .findFirst()
                .flatMap(service -> cost(shipment, jobs, service))
                .stream()
                .toList();
    }

    List<PackageCost> costsInGroundServices(Shipment shipment, Jobs jobs) {
        return catalog.services().stream()
                .filter(Service::ground)
                .flatMap(service -> cost(shipment, jobs, service).stream())
                .toList();
    }

    private Optional<PackageCost> cost(Shipment shipment, Jobs jobs, Service service) {
        ShipmentToRate toRate = toRate(shipment, jobs);
        return Optional.ofNullable(
                        catalog.pickups(shipment.siteId()).get(service.carrier().code()))
                .map(pickup -> new ServicePackageCost(
                        toRate,
                        service,
                        catalog.prices(service.code(), toRate.departureWith(pickup)),
                        pickup,
                        Moneys.currency(),
                        jobs.goodsByClass(shipment)));
    }
}
