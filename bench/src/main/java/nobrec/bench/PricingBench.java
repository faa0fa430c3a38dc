package nobrec.bench;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import nobrec.core.packing.CartonKind;
import nobrec.core.rating.BillableWeight;
import nobrec.core.rating.DemoRates;
import nobrec.core.rating.Offer;
import nobrec.core.rating.PriceTable;
import nobrec.core.rating.RateSheet;
import nobrec.core.rating.Rating;
import nobrec.core.rating.Rating.Prices;
import nobrec.core.rating.Service;
import nobrec.core.rating.ShipmentToRate;
import org.joda.money.CurrencyUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;

/**
 * A three-package shipment to a residence, priced in 20 services; beside it a bare loop that does only the table look-ups and
 * additions for the same figures: base price by weight and zone, discount, surcharges and fuel, without size, limits, days,
 * reasons or lines.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.NANOSECONDS)
public class PricingBench {

    private static final int SERVICES = 20;
    private static final List<String> SHEETS = List.of(
            "plover-ground-2026.csv", "dunlin-two-day-2026.csv", "dunlin-overnight-2026.csv", "godwit-parcel-2026.csv");
    private static final int ZONE = 4;

    private final ShipmentToRate shipment = DemoRates.shipment(
            DemoRates.zone(ZONE + 1),
            Set.of(),
            DemoRates.parcel(1, "6.2", "14x10x9"),
            DemoRates.parcel(2, "18.4", "20x14x10"),
            DemoRates.parcel(3, "31.0", "30x9x8"));
    private final List<Service> services = new ArrayList<>();
    private final List<Prices> prices = new ArrayList<>();

    // The bare loop's own tables, the same figures.
    private final long[][] upTo = new long[SERVICES][];
    private final long[][][] cents = new long[SERVICES][][];
    private final long[] billed = new long[SERVICES * 3];
    private final long[] surcharge = new long[SERVICES];
    private final int[] fuel = new int[SERVICES];

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
                    Set.of()));
            prices.add(DemoRates.prices(sheet, "16.5"));
            bare(index, sheet);
        }
    }

    private void bare(int index, RateSheet sheet) {
        List<PriceTable.Row> rows = sheet.breaks().asRows();
        upTo[index] = rows.stream().mapToLong(row -> row.upTo().eighthNanograms()).toArray();
        cents[index] = rows.stream()
                .map(row -> row.cents().stream().mapToLong(Long::longValue).toArray())
                .toArray(long[][]::new);
        for (int each = 0; each < 3; each++) {
            var parcel = shipment.packages().get(each);
            billed[index * 3 + each] = BillableWeight.of(
                            parcel.weight().orElseThrow(), parcel.size(), sheet)
                    .billed()
                    .eighthNanograms();
        }
        surcharge[index] = 0;
        fuel[index] = 16_500;
    }

    @Benchmark
    public List<Offer> price() {
        List<Offer> offers = new ArrayList<>(SERVICES);
        for (int index = 0; index < SERVICES; index++) {
            offers.add(Rating.offer(
                    shipment, services.get(index), prices.get(index), DemoRates.AFTERNOON, CurrencyUnit.USD));
        }
        return offers;
    }

    @Benchmark
    public long bareLoop() {
        long sum = 0;
        for (int index = 0; index < SERVICES; index++) {
            long base = 0;
            for (int each = 0; each < 3; each++) {
                int row = Arrays.binarySearch(upTo[index], billed[index * 3 + each]);
                base += cents[index][row < 0 ? -row - 1 : row][ZONE] + surcharge[index];
            }
            sum += base + (base * fuel[index] + 50_000) / 100_000;
        }
        return sum;
    }
}
