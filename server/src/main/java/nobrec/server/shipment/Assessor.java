package nobrec.server.shipment;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import nobrec.core.charging.CustomerCharge;
import nobrec.core.charging.FreightBill;
import nobrec.core.limit.Limits;
import nobrec.core.packing.CartonType;
import nobrec.core.packing.PackItem;
import nobrec.core.packing.WeightPlausibility;
import nobrec.core.rating.Offer;
import nobrec.core.rating.ServiceChoice;
import nobrec.core.rating.ShipmentToRate;
import nobrec.core.readiness.ReadyChecks;
import nobrec.server.carton.CartonTypes;
import nobrec.server.charge.ShopChargeRules;
import nobrec.server.place.PostalReference;
import nobrec.server.platform.Moneys;
import nobrec.server.platform.NobrecSettings;
import nobrec.server.workorder.WorkOrder;
import org.joda.money.Money;
import org.springframework.stereotype.Component;

/** Has everything computed about a shipment that has not gone yet. */
@Component
class Assessor {

    private static final Comparator<Offer> ALLOWED_AND_CHEAP_FIRST = Comparator.<Offer, Boolean>comparing(
                    offer -> !offer.isAllowed())
            .thenComparingLong(offer -> offer.isPriced() ? offer.totalCents() : Long.MAX_VALUE)
            .thenComparing(offer -> offer.service().code());

    private final RatingFeed feed;
    private final PostalReference postal;
    private final CartonTypes cartonTypes;
    private final ShopChargeRules chargeRules;
    private final NobrecSettings settings;

    Assessor(
            RatingFeed feed,
            PostalReference postal,
            CartonTypes cartonTypes,
            ShopChargeRules chargeRules,
            NobrecSettings settings) {
        this.feed = feed;
        this.postal = postal;
        this.cartonTypes = cartonTypes;
        this.chargeRules = chargeRules;
        this.settings = settings;
    }

    Assessment assess(Shipment shipment, Jobs jobs) {
        ShipmentToRate toRate = feed.toRate(shipment, jobs);
        List<Offer> offers = shipment.packages().isEmpty()
                ? List.of()
                : feed.offers(toRate, shipment.siteId()).stream()
                        .sorted(ALLOWED_AND_CHEAP_FIRST)
                        .toList();
        ServiceChoice choice = ServiceChoice.of(
                offers, shipment.chosenService(), jobs.leading().askedService());
        Optional<Offer> chosen = choice.chosen().flatMap(code -> byCode(offers, code));
        Optional<CustomerCharge> charge =
                chosen.filter(Offer::isPriced).map(offer -> charge(shipment, jobs, offer, toRate));
        return new Assessment(
                offers, choice, ReadyChecks.of(look(shipment, jobs, toRate, chosen), settings.units()), charge);
    }

    private CustomerCharge charge(Shipment shipment, Jobs jobs, Offer offer, ShipmentToRate toRate) {
        WorkOrder job = jobs.leading();
        FreightBill bill = new FreightBill(
                job.customer(),
                job.terms(),
                offer.service().code(),
                offer.service().name(),
                offer.total().orElseThrow(),
                cartonCost(shipment),
                jobs.valueCents(shipment),
                job.quotedFreightCents());
        return CustomerCharge.of(bill, chargeRules.ruleFor(bill, offer.departure()));
    }

    private static Optional<Offer> byCode(List<Offer> offers, String code) {
        return offers.stream()
                .filter(offer -> offer.service().code().equals(code))
                .findFirst();
    }

    private ReadyChecks.ShipmentToCheck look(
            Shipment shipment, Jobs jobs, ShipmentToRate toRate, Optional<Offer> chosen) {
        WorkOrder job = jobs.leading();
        return new ReadyChecks.ShipmentToCheck(
                job.number(),
                job.shipTo(),
                job.placeKind(),
                postal.check(job.shipTo()),
                job.phone(),
                job.terms(),
                job.carrierAccount(),
                shipment.pieces(),
                shipment.pieces() - shipment.piecesPlaced(),
                shipment.packages().size() >= Limits.PACKAGES_OF_SHIPMENT,
                shipment.packages().stream()
                        .filter(each -> each.contents().isEmpty())
                        .map(Shipment.Package::number)
                        .toList(),
                notLaid(shipment, jobs),
                weightDoubts(shipment, jobs),
                PrintChecks.of(shipment, jobs),
                toRate.packages(),
                jobs.promiseDate(),
                shipment.shipOn(),
                chosen);
    }

    /** Packages whose sizes are all known and yet have no placements. */
    private static List<Integer> notLaid(Shipment shipment, Jobs jobs) {
        return shipment.packages().stream()
                .filter(each -> !each.contents().isEmpty() && each.placements().isEmpty())
                .filter(each -> each.contents().stream()
                        .allMatch(content ->
                                jobs.line(content.workOrderLineId()).unitSize().isPresent()))
                .map(Shipment.Package::number)
                .toList();
    }

    private Map<Integer, String> weightDoubts(Shipment shipment, Jobs jobs) {
        Map<Integer, String> doubts = new LinkedHashMap<>();
        for (Shipment.Package each : shipment.packages()) {
            List<PackItem> items = jobs.items(each.contents());
            boolean known = items.stream().allMatch(item -> item.unitWeight().isPresent());
            if (each.weight().isPresent() && known && !items.isEmpty()) {
                CartonType carton = cartonTypes.byCode(each.cartonCode());
                WeightPlausibility plausible = WeightPlausibility.of(
                        items,
                        cartonTypes.tare(carton, each.cartonsOnIt()),
                        each.weight().get());
                if (!plausible.agrees()) {
                    Map<Long, String> names = each.contents().stream()
                            .collect(Collectors.toMap(
                                    Shipment.Content::workOrderLineId,
                                    content ->
                                            jobs.line(content.workOrderLineId()).item()));
                    doubts.put(each.number(), plausible.sentence(names, settings.units()));
                }
            }
        }
        return doubts;
    }

    private Money cartonCost(Shipment shipment) {
        return shipment.packages().stream()
                .flatMap(each -> Stream.concat(Stream.of(each.cartonCode()), each.cartonsOnIt().stream()))
                .map(code -> cartonTypes.byCode(code).cost())
                .reduce(Moneys.zero(), Money::plus);
    }
}
