package nobrec.core.rating;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.math.BigDecimal;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import nobrec.core.address.PlaceKind;
import nobrec.core.carton.CartonKind;
import nobrec.core.carton.CartonType.Supply;
import nobrec.core.measure.LengthUnit;
import nobrec.core.measure.Size;
import nobrec.core.ratesheet.Tariff;
import nobrec.core.rating.SecondCalculation.Order;
import nobrec.core.rating.SecondCalculation.Parcel;
import nobrec.core.service.Accessorial;
import nobrec.core.service.Destination;
import nobrec.core.service.ShipmentToRate;
import nobrec.core.service.ShipmentToRate.PackageToRate;
import nobrec.core.service.Zone;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Random shipments cost by the demo's sheets what a second calculation finds from the words of the same files. */
class SecondCalculationTest {

    private static final List<String> PLACES = List.of("53703", "85701", "59601", "99501", "96801", "82001", "10001");
    private static final int ROUNDS = 1_500;

    private static Parcel parcel(Random random) {
        return new Parcel(
                BigDecimal.valueOf(1 + random.nextInt(random.nextBoolean() ? 300 : 1_490), 1)
                        .toPlainString(),
                4 + random.nextInt(random.nextInt(4) == 0 ? 95 : 20),
                3 + random.nextInt(random.nextInt(4) == 0 ? 35 : 14),
                1 + random.nextInt(12),
                random.nextInt(5) > 0,
                random.nextInt(3) == 0
                        ? BigDecimal.valueOf(1 + random.nextInt(90_000), 2).toPlainString()
                        : "0");
    }

    private static Order order(Random random) {
        List<Parcel> parcels = new ArrayList<>();
        for (int count = 1 + random.nextInt(3); count > 0; count--) {
            parcels.add(parcel(random));
        }
        Set<String> requested = EnumSet.allOf(Accessorial.class).stream()
                .filter(accessorial -> random.nextInt(5) == 0)
                .map(Accessorial::words)
                .collect(Collectors.toSet());
        return new Order(
                parcels,
                PLACES.get(random.nextInt(PLACES.size())),
                1 + random.nextInt(8),
                random.nextBoolean(),
                requested);
    }

    private static ShipmentToRate shipment(Order order) {
        List<PackageToRate> packages = new ArrayList<>();
        for (Parcel each : order.parcels()) {
            packages.add(new PackageToRate(
                    packages.size() + 1,
                    Optional.of(DemoRates.pounds(each.pounds())),
                    true,
                    Size.of("" + each.length(), "" + each.width(), "" + each.height(), LengthUnit.INCH),
                    each.box() ? CartonKind.CARTON : CartonKind.TUBE,
                    Supply.OUR_OWN,
                    new BigDecimal(each.declared()).movePointRight(2).longValueExact(),
                    List.of()));
        }
        Set<Accessorial> accessorials = EnumSet.allOf(Accessorial.class).stream()
                .filter(accessorial -> order.requested().contains(accessorial.words()))
                .collect(Collectors.toSet());
        Destination to = new Destination(
                "US",
                "US",
                order.postalCode(),
                order.residence() ? PlaceKind.RESIDENCE : PlaceKind.BUSINESS,
                Optional.of(new Zone(order.zone(), 100)));
        return DemoRates.shipment(to, accessorials, packages.toArray(PackageToRate[]::new));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "plover-ground-2026.csv",
                "plover-saver-2026.csv",
                "dunlin-two-day-2026.csv",
                "dunlin-overnight-2026.csv",
                "godwit-parcel-2026.csv"
            })
    void bothFindTheSame(String file) throws IOException {
        Tariff sheet = DemoRates.demoSheet(file);
        String fuel = sheet.fuelIndex().isEmpty() ? "0" : "17.35";
        Random random = new Random(17);
        int priced = 0;
        for (int round = 0; round < ROUNDS; round++) {
            Order order = order(random);
            Offer offer = DemoRates.offer(shipment(order), sheet, fuel);
            if (offer.isPriced()) {
                priced++;
                assertThat(BigDecimal.valueOf(offer.totalCents(), 2))
                        .as("%s", order)
                        .isEqualByComparingTo(SecondCalculation.total(Path.of("../demo/rates", file), order, fuel));
            }
        }
        assertThat(priced).as("a fair share has a price").isGreaterThan(ROUNDS / 20);
    }
}
