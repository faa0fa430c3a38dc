package nobrec.core.service;

import static nobrec.core.service.Figures.GIRTH;
import static nobrec.core.service.Figures.LONGEST;
import static nobrec.core.service.Figures.WEIGHT;

import java.util.ArrayList;
import java.util.List;
import nobrec.core.item.GoodsClass;
import nobrec.core.service.ShipmentToRate.PackageToRate;
import nobrec.core.service.ShipmentToRate.Receiver;

/** Every reason why a service may not carry a shipment, apart from its rate sheet. */
public final class Eligibility {

    private Eligibility() {}

    public static List<Objection> objections(RatedShipment rated, Service service) {
        ShipmentToRate shipment = rated.shipment();
        List<Objection> objections = new ArrayList<>(2);
        place(shipment.destination(), service.limits(), objections);
        for (GoodsClass goods : rated.goods()) {
            if (service.excludedGoods().contains(goods)) {
                objections.add(new Objection.GoodsExcluded(goods));
            }
        }
        for (Accessorial accessorial : rated.accessorials()) {
            if (!service.accessorials().contains(accessorial)) {
                objections.add(new Objection.AccessorialNotOffered(accessorial));
            }
        }
        for (RatedPackage each : rated.packages()) {
            ofPackage(each, service, objections);
        }
        receiver(shipment, service.carrier(), objections);
        return objections;
    }

    private static void place(Destination to, ServiceLimits limits, List<Objection> objections) {
        if (limits.excludedPlaces().contains(to.placeKind())) {
            objections.add(new Objection.PlaceNotServed(to.placeKind()));
        }
        if (!limits.goesTo(to)) {
            objections.add(new Objection.CountryNotServed(to.country()));
        }
    }

    private static void ofPackage(RatedPackage rated, Service service, List<Objection> objections) {
        PackageToRate each = rated.each();
        ServiceLimits limits = service.limits();
        if (!service.takes().contains(each.kind())) {
            objections.add(new Objection.KindNotAccepted(each.number(), each.kind(), service.takes()));
        } else if (!each.supply().accepts(service.code())) {
            objections.add(new Objection.SupplyNotAccepted(
                    each.number(), each.supply().carrierCode().orElse("")));
        }
        if (each.weight().isEmpty()) {
            objections.add(new Objection.NoWeight(each.number()));
        } else if (rated.isAbove(WEIGHT, limits.maximumWeight().eighthNanograms())) {
            objections.add(new Objection.TooHeavy(each.number(), each.weight().get(), limits.maximumWeight()));
        }
        if (rated.isAbove(LONGEST, limits.maximumLength().nanometers())) {
            objections.add(new Objection.TooLong(each.number(), rated.length(LONGEST), limits.maximumLength()));
        }
        if (rated.isAbove(GIRTH, limits.maximumLengthPlusGirth().nanometers())) {
            objections.add(new Objection.TooBulky(each.number(), rated.length(GIRTH), limits.maximumLengthPlusGirth()));
        }
    }

    private static void receiver(ShipmentToRate shipment, Carrier carrier, List<Objection> objections) {
        Receiver receiver = shipment.receiver();
        if (carrier.phoneRequired() && !receiver.hasPhone()) {
            objections.add(new Objection.PhoneMissing());
        }
        if (carrier.companyRequired() && !receiver.hasCompany()) {
            objections.add(new Objection.CompanyMissing());
        }
        if (shipment.destination().isAbroad()) {
            receiver.customsGaps().forEach(gap -> objections.add(new Objection.CustomsDataMissing(gap)));
        }
    }
}
