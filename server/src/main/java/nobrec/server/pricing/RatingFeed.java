package nobrec.server.pricing;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nobrec.core.address.PhoneNumber;
import nobrec.core.address.PlaceKind;
import nobrec.core.address.PostalArea;
import nobrec.core.calendar.Pickup;
import nobrec.core.carton.CartonType;
import nobrec.core.carton.PackageCost;
import nobrec.core.customs.CustomsProblem;
import nobrec.core.declaration.DeclarationCheck;
import nobrec.core.limit.Limits;
import nobrec.core.rating.Offer;
import nobrec.core.rating.Rating;
import nobrec.core.rating.ServicePackageCost;
import nobrec.core.service.Accessorial;
import nobrec.core.service.Destination;
import nobrec.core.service.Service;
import nobrec.core.service.ShipmentToRate;
import nobrec.core.service.ShipmentToRate.PackageToRate;
import nobrec.core.service.ShipmentToRate.Receiver;
import nobrec.core.service.Zone;
import nobrec.core.shipment.Jobs;
import nobrec.core.shipment.Shipment;
import nobrec.core.shipment.ShipmentPacker;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.carrier.ServiceCatalog;
import nobrec.server.carton.CartonTypes;
import nobrec.server.place.PostalReference;
import nobrec.server.platform.money.ShopMoney;
import nobrec.server.site.Site;
import nobrec.server.site.Sites;
import org.springframework.stereotype.Component;

/** Brings what is remembered about a shipment into the form in which {@code core} prices it. */
@Component
public class RatingFeed {

    private final ShopMoney money;
    private final ServiceCatalog catalog;
    private final PostalReference postal;
    private final CartonTypes cartonTypes;
    private final Sites sites;

    RatingFeed(ServiceCatalog catalog, PostalReference postal, CartonTypes cartonTypes, Sites sites, ShopMoney money) {
        this.money = money;
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
                shipment.accessorials(),
                jobs.goods(shipment),
                new Receiver(
                        PhoneNumber.read(job.phone(), job.shipTo().country())
                                .found()
                                .isPresent(),
                        !job.shipTo().company().isBlank(),
                        DeclarationCheck.goods(shipment, jobs).stream()
                                .filter(CustomsProblem::stops)
                                .map(CustomsProblem::what)
                                .toList()),
                readyAt(shipment, site),
                jobs.promiseDate().filter(Limits::holdsDay));
    }

    /** One package of it the other way: the lane is the same, and it comes to a business. */
    ShipmentToRate wayBack(Shipment shipment, Jobs jobs, Shipment.Package packed) {
        return new ShipmentToRate(
                        List.of(packageToRate(packed, shipment, jobs)),
                        destination(sites.byId(shipment.siteId()), jobs.leading()),
                        Set.of(),
                        jobs.goods(shipment),
                        new Receiver(true, true, List.of()),
                        sites.timeAt(sites.byId(shipment.siteId())),
                        Optional.empty())
                .toKind(PlaceKind.BUSINESS);
    }

    private PackageToRate packageToRate(Shipment.Package each, Shipment shipment, Jobs jobs) {
        CartonType carton = cartonTypes.set().byCode(each.cartonCode());
        return new PackageToRate(
                each.number(),
                each.weight().or(each::expectedWeight),
                each.weight().isPresent(),
                each.size(),
                carton.kind(),
                carton.supply(),
                shipment.accessorials().contains(Accessorial.DECLARED_VALUE) ? jobs.valueCents(each.contents()) : 0,
                jobs.goodsByClass(each.contents()));
    }

    private Destination destination(Site site, WorkOrder job) {
        Optional<PostalArea> from = postal.areaOf(site.postalCode());
        Optional<PostalArea> to = postal.areaOf(job.shipTo().postalCode());
        return new Destination(
                site.country(),
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

    /** When the site of a shipment opens on a day. */
    LocalDateTime opening(Shipment shipment, LocalDate day) {
        return day.atTime(sites.byId(shipment.siteId()).opensAt());
    }

    List<Offer> offers(ShipmentToRate toRate, long siteId) {
        Map<String, Pickup> pickups = catalog.pickups(siteId);
        Rating rating = new Rating(toRate, money.currency());
        return catalog.services().stream()
                .map(service -> Optional.ofNullable(
                                pickups.get(service.carrier().code()))
                        .map(pickup -> rating.offer(
                                service, catalog.prices(service.code(), toRate.departureWith(pickup)), pickup))
                        .orElseGet(() -> rating.offerWithoutPickup(service, sites.calendar(siteId))))
                .toList();
    }

    /** What a package of a shipment costs in the services that count for its plan. */
    public ShipmentPacker.Costs packageCosts(Shipment shipment, Jobs jobs) {
        return new ShipmentPacker.Costs(requested(shipment, jobs), ground(shipment, jobs));
    }

    private List<PackageCost> requested(Shipment shipment, Jobs jobs) {
        return catalog.services().stream()
                .filter(service -> shipment.chosenService()
                        .map(service.code()::equals)
                        .orElseGet(() -> service.isMeantBy(jobs.leading().requestedService())))
                .findFirst()
                .flatMap(service -> cost(shipment, jobs, service))
                .stream()
                .toList();
    }

    private List<PackageCost> ground(Shipment shipment, Jobs jobs) {
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
                        money.currency(),
                        jobs.goodsByClass(shipment)));
    }
}
