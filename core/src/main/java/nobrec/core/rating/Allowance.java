package nobrec.core.rating;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nobrec.core.measure.Size;
import nobrec.core.measure.Weight;
import nobrec.core.rating.ShipmentToRate.PackageToRate;
import nobrec.core.rating.ShipmentToRate.Receiver;

/** Every reason why a service may not carry a shipment, apart from its rate sheet. */
final class Allowance {

    private Allowance() {}

    static List<Objection> objections(ShipmentToRate shipment, Service service) {
        List<Objection> objections = new ArrayList<>(2);
        place(shipment.destination(), service.limits(), objections);
        for (GoodsClass goods : shipment.goods()) {
            if (service.excludedGoods().contains(goods)) {
                objections.add(new Objection.GoodsExcluded(goods));
            }
        }
        for (Extra extra : shipment.extras()) {
            if (!service.extras().contains(extra)) {
                objections.add(new Objection.ExtraNotOffered(extra));
            }
        }
        for (int index = 0; index < shipment.packages().size(); index++) {
            ofPackage(shipment.packages().get(index), service, objections);
        }
        receiver(shipment, service.carrier(), objections);
        return objections;
    }

    private static void place(Destination to, ServiceLimits limits, List<Objection> objections) {
        if (limits.excludedPlaces().contains(to.placeKind())) {
            objections.add(new Objection.PlaceNotServed(to.placeKind()));
        }
        if (to.isAbroad() && !limits.countries().contains(to.country())) {
            objections.add(new Objection.CountryNotServed(to.country()));
        }
    }

    private static void ofPackage(PackageToRate each, Service service, List<Objection> objections) {
        ServiceLimits limits = service.limits();
        if (!service.takes().contains(each.kind())) {
            objections.add(new Objection.KindNotAccepted(each.number(), each.kind()));
        } else if (!each.supply().accepts(service.code())) {
            objections.add(new Objection.SupplyNotAccepted(
                    each.number(), each.supply().carrierCode().orElse("")));
        }
        Optional<Weight> weight = each.weight();
        if (weight.isEmpty()) {
            objections.add(new Objection.NoWeight(each.number()));
        } else if (weight.get().isAbove(limits.greatestWeight())) {
            objections.add(new Objection.TooHeavy(each.number(), weight.get(), limits.greatestWeight()));
        }
        Size size = each.size();
        if (size.longest().isAbove(limits.greatestLength())) {
            objections.add(new Objection.TooLong(each.number(), size.longest(), limits.greatestLength()));
        }
        if (size.lengthPlusGirth().isAbove(limits.greatestLengthPlusGirth())) {
            objections.add(
                    new Objection.TooBulky(each.number(), size.lengthPlusGirth(), limits.greatestLengthPlusGirth()));
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
