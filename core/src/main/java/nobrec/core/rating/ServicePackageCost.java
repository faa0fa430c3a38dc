package nobrec.core.rating;

import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nobrec.core.calendar.Pickup;
import nobrec.core.carton.CartonKind;
import nobrec.core.carton.CartonType;
import nobrec.core.carton.PackageCost;
import nobrec.core.measure.Length;
import nobrec.core.measure.Size;
import nobrec.core.measure.Weight;
import nobrec.core.ratesheet.RateSheet;
import nobrec.core.rating.Rating.Prices;
import nobrec.core.service.Service;
import nobrec.core.service.ShipmentToRate;
import nobrec.core.service.ShipmentToRate.GoodsOfClass;
import nobrec.core.service.ShipmentToRate.PackageToRate;
import org.joda.money.CurrencyUnit;

/**
 * What one package of a shipment costs in one service: its charges with fuel, and its carton. Charges for the whole shipment
 * are left out, as they do not depend on how it is packed.
 */
public final class ServicePackageCost implements PackageCost {

    private final ShipmentToRate shipment;
    private final Service service;
    private final Prices prices;
    private final Pickup pickup;
    private final CurrencyUnit ours;
    private final List<GoodsOfClass> goodsByClass;
    private final long minimumCents;

    /** Empty where prices do not go by steps of weight alone. */
    private final Optional<WeightSteps> steps;

    private final Map<CartonType, long[]> known = new IdentityHashMap<>();

    /**
     * @param shipment its packages do not matter, everything else does
     * @param goodsByClass of the whole shipment: each package is taken to hold of everything in proportion
     */
    public ServicePackageCost(
            ShipmentToRate shipment,
            Service service,
            Prices prices,
            Pickup pickup,
            CurrencyUnit ours,
            List<GoodsOfClass> goodsByClass) {
        this.shipment = new ShipmentToRate(
                List.of(),
                shipment.destination(),
                Set.of(),
                shipment.goods(),
                shipment.receiver(),
                shipment.readyAt(),
                Optional.empty());
        this.service = service;
        this.prices = prices;
        this.pickup = pickup;
        this.ours = ours;
        this.goodsByClass = List.copyOf(goodsByClass);
        long minimum = freight(CartonKind.CARTON, CartonType.Supply.OUR_OWN, cube(new Length(1)), new Weight(1));
        this.steps = prices.tariff()
                .filter(RateSheet.class::isInstance)
                .map(sheet -> WeightSteps.of((RateSheet) sheet, maximumGross()));
        this.minimumCents = minimum == NOT_TAKEN ? 1 : Math.max(1, minimum);
    }

    @Override
    public String serviceName() {
        return service.name();
    }

    @Override
    public boolean takesCartons() {
        return service.takes().contains(CartonKind.CARTON);
    }

    @Override
    public long minimumCents() {
        return minimumCents;
    }

    @Override
    public Weight maximumGross() {
        return service.limits().maximumWeight();
    }

    /** Within one step of its sheet a carton has one price: it is asked for once. */
    @Override
    public long cents(CartonType carton, Size outer, Weight gross) {
        int step = steps.isEmpty() || carton.kind() == CartonKind.PALLET
                ? WeightSteps.NONE
                : steps.get().of(gross);
        if (step == WeightSteps.NONE) {
            return priced(carton, outer, gross);
        }
        long[] ofCarton = known.computeIfAbsent(carton, each -> new long[WeightSteps.MAX]);
        if (ofCarton[step] == 0) {
            ofCarton[step] = priced(carton, outer, gross);
        }
        return ofCarton[step];
    }

    private long priced(CartonType carton, Size outer, Weight gross) {
        long freight = freight(carton.kind(), carton.supply(), outer, gross);
        return freight == NOT_TAKEN ? NOT_TAKEN : freight + carton.cost().getAmountMinorLong();
    }

    private long freight(CartonKind kind, CartonType.Supply supply, Size outer, Weight gross) {
        PackageToRate alone = new PackageToRate(1, Optional.of(gross), true, outer, kind, supply, 0, goodsByClass);
        Offer offer = new Rating(shipment, List.of(alone), ours).offer(service, prices, pickup);
        return offer.isUsable() ? offer.totalCents() : NOT_TAKEN;
    }

    private static Size cube(Length side) {
        return new Size(side, side, side);
    }
}
