package nobrec.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import nobrec.core.carton.CartonKind;
import nobrec.core.ratesheet.RateSheet;
import nobrec.core.rating.DemoRates;
import nobrec.core.rating.Offer;
import nobrec.core.rating.Rating;
import nobrec.core.rating.Rating.Prices;
import nobrec.core.service.Service;
import nobrec.core.service.ShipmentToRate;
import org.joda.money.CurrencyUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;

/**
 * A three-package shipment to a residence, priced in 20 services, each with a sheet of its own; beside it a bare loop that does
 * only the table look-ups and additions for the same totals.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.NANOSECONDS)
public class PricingBench {

    private static final int SERVICES = 20;
    private static final List<String> SHEETS = List.of(
            "plover-ground-2026.csv", "dunlin-two-day-2026.csv", "dunlin-overnight-2026.csv", "godwit-parcel-2026.csv");
    private static final int ZONE = 5;

    private final ShipmentToRate shipment = DemoRates.shipment(
            DemoRates.residenceInZone(ZONE),
            Set.of(),
            DemoRates.parcel(1, "6.2", "14x10x9"),
            DemoRates.parcel(2, "18.4", "20x14x10"),
            DemoRates.parcel(3, "31.0", "30x9x8"));
    private final List<Service> services = new ArrayList<>();
    private final List<Prices> prices = new ArrayList<>();
    private final BarePrices bare;

    public PricingBench() {
        Service any = DemoRates.service(CartonKind.CARTON);
        for (int index = 0; index < SERVICES; index++) {
            RateSheet sheet = (RateSheet) DemoRates.demoSheet(SHEETS.get(index % SHEETS.size()));
            services.add(new Service(
                    "S" + index,
                    "Service " + index,
                    any.carrier(),
                    true,
                    any.limits(),
                    new Service.Transit(any.transit().byZone(), Map.of()),
                    any.takes(),
                    Set.of(),
                    Set.of(), List.of()));
            prices.add(DemoRates.prices(sheet, "16.5"));
        }
        List<Offer> offers = price();
        bare = new BarePrices(offers, prices, ZONE);
        long total = offers.stream().mapToLong(Offer::totalCents).sum();
        if (bare.total() != total) {
            throw new IllegalStateException("The bare loop finds " + bare.total() + " cents, not " + total + ".");
        }
    }

    @Benchmark
    public List<Offer> price() {
        Rating rating = new Rating(shipment, CurrencyUnit.USD);
        List<Offer> offers = new ArrayList<>(SERVICES);
        for (int index = 0; index < SERVICES; index++) {
            offers.add(rating.offer(services.get(index), prices.get(index), DemoRates.AFTERNOON));
        }
        return offers;
    }

    @Benchmark
    public long bareLoop() {
        return bare.total();
    }
}
