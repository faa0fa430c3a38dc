package nobrec.core.rating;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import nobrec.core.item.FreightClass;
import nobrec.core.measure.WeightUnit;
import nobrec.core.ratesheet.Tariff;
import nobrec.core.service.ShipmentToRate.GoodsOfClass;
import nobrec.core.service.ShipmentToRate.PackageToRate;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * Line-hauls by the demo's freight sheets, calculated a second time in decimals from the words of the files: of all breaks the
 * cheapest, with the deficit up to where it begins at its lowest rate.
 */
class FreightCalculationTest {

    private static final List<String> CLASSES = List.of("50", "60", "70", "85", "92.5", "125", "175");
    private static final BigDecimal HUNDRED = new BigDecimal("100");

    private final List<List<String>> rows = new ArrayList<>();

    private void read(String file) throws IOException {
        for (String line : Files.readAllLines(Path.of("../demo/rates", file))) {
            rows.add(Arrays.asList(line.split(",", -1)));
        }
    }

    private List<String> row(String... begin) {
        return rows.stream()
                .filter(row -> row.size() >= begin.length
                        && row.subList(0, begin.length).equals(List.of(begin)))
                .findFirst()
                .orElseThrow();
    }

    private static BigDecimal figure(String text) {
        return new BigDecimal(text.split(" ")[0]);
    }

    private static BigDecimal perHundredweight(long pounds, BigDecimal rate) {
        return rate.multiply(BigDecimal.valueOf(pounds)).divide(HUNDRED, 2, RoundingMode.HALF_UP);
    }

    /** Less discount, not below the minimum. */
    private BigDecimal lineHaul(String zone, Map<String, Long> pounds) {
        List<String> from = row("from");
        long all = pounds.values().stream().mapToLong(Long::longValue).sum();
        BigDecimal cheapest = null;
        for (int at = 1; at < from.size(); at++) {
            long begins = figure(from.get(at)).longValueExact();
            boolean own = begins <= all
                    && (at + 1 == from.size() || figure(from.get(at + 1)).longValueExact() > all);
            if (own || begins > all) {
                BigDecimal sum = inBreak(zone, pounds, at, Math.max(0, begins - all));
                cheapest = cheapest == null ? sum : cheapest.min(sum);
            }
        }
        BigDecimal discount =
                cheapest.multiply(figure(row("discount").get(1))).divide(HUNDRED, 2, RoundingMode.HALF_UP);
        return cheapest.subtract(discount).max(figure(row("minimum").get(1)));
    }

    private BigDecimal inBreak(String zone, Map<String, Long> pounds, int at, long deficit) {
        BigDecimal sum = BigDecimal.ZERO;
        BigDecimal lowest = null;
        for (Map.Entry<String, Long> each : pounds.entrySet()) {
            BigDecimal rate = figure(row("rate", zone, each.getKey()).get(at + 2));
            sum = sum.add(perHundredweight(each.getValue(), rate));
            lowest = lowest == null ? rate : lowest.min(rate);
        }
        return sum.add(perHundredweight(deficit, lowest));
    }

    @ParameterizedTest
    @ValueSource(strings = {"curlew-freight-2026.csv", "whimbrel-lines-2026.csv"})
    void bothFindTheSameLineHaul(String file) throws IOException {
        read(file);
        Tariff sheet = DemoRates.demoSheet(file);
        Random random = new Random(23);
        for (int round = 0; round < 500; round++) {
            int zone = 1 + random.nextInt(8);
            Map<String, Long> pounds = new TreeMap<>(Comparator.comparing(BigDecimal::new));
            List<PackageToRate> pallets = new ArrayList<>();
            for (int count = 1 + random.nextInt(3); count > 0; count--) {
                String freightClass = CLASSES.get(random.nextInt(CLASSES.size()));
                long weight = 60 + random.nextInt(1_100);
                pounds.merge(freightClass, weight, Long::sum);
                pallets.add(pallet(pallets.size() + 1, weight, freightClass));
            }
            Offer offer = DemoRates.offer(
                    DemoRates.shipment(DemoRates.zone(zone), Set.of(), pallets.toArray(PackageToRate[]::new)),
                    sheet,
                    "0");
            assertThat(BigDecimal.valueOf(offer.totalCents(), 2))
                    .as("zone %d, %s", zone, pounds)
                    .isEqualByComparingTo(lineHaul(String.valueOf(zone), pounds));
        }
    }

    private static PackageToRate pallet(int number, long weight, String freightClass) {
        PackageToRate any = DemoRates.parcel(number, weight + "", "48x40x50");
        return new PackageToRate(
                number,
                any.weight(),
                true,
                any.size(),
                any.kind(),
                any.supply(),
                0,
                List.of(new GoodsOfClass(FreightClass.read(freightClass), DemoRates.pounds("1"))));
    }

    /** Pounds of the lines are those of the package, however its goods share it; no share is lost or counted twice. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3})
    void sharesAddUp(long seed) {
        Tariff sheet = DemoRates.demoSheet("curlew-freight-2026.csv");
        Random random = new Random(seed);
        for (int round = 0; round < 200; round++) {
            List<GoodsOfClass> goods = new ArrayList<>();
            for (String freightClass : CLASSES.subList(0, 1 + random.nextInt(5))) {
                goods.add(new GoodsOfClass(
                        random.nextInt(4) == 0 ? Optional.empty() : FreightClass.read(freightClass),
                        DemoRates.pounds((1 + random.nextInt(4_000)) / 10.0 + "")));
            }
            PackageToRate any = pallet(1, 100 + random.nextInt(900), "70");
            PackageToRate shared =
                    new PackageToRate(1, any.weight(), true, any.size(), any.kind(), any.supply(), 0, goods);
            Offer offer = DemoRates.offer(DemoRates.shipment(DemoRates.zone(4), Set.of(), shared), sheet, "0");
            BigDecimal pounds = offer.chargeLines().stream()
                    .map(ChargeLine::basis)
                    .filter(ChargeBasis.FreightRate.class::isInstance)
                    .map(basis -> ((ChargeBasis.FreightRate) basis).weight().in(WeightUnit.POUND, 0))
                    .reduce(BigDecimal.ZERO, BigDecimal::add);
            assertThat(pounds).isEqualByComparingTo(any.weight().orElseThrow().in(WeightUnit.POUND, 0));
        }
    }
}
