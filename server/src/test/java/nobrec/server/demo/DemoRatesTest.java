package nobrec.server.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.Stream;
import nobrec.core.measure.WeightUnit;
import nobrec.core.rating.RateSheet;
import org.joda.money.Money;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.json.JsonMapper;

/** The demo's rate sheets are sheets a carrier could have: complete, and never cheaper for more weight or distance. */
class DemoRatesTest {

    private static final Path DEMO = Path.of("..", "demo");
    private static final LocalDate FIRST_DAY = LocalDate.of(2026, 1, 1);

    static Stream<DemoShop.ServiceEntry> services() throws IOException {
        return JsonMapper.builder()
                .build()
                .readValue(Files.readString(DEMO.resolve("shop.json")), DemoShop.class)
                .services()
                .stream();
    }

    @ParameterizedTest
    @MethodSource("services")
    void pricesRiseWithWeightAndZone(DemoShop.ServiceEntry service) throws IOException {
        RateSheet sheet = DemoRates.read(DEMO.resolve("rates").resolve(service.sheet()), service, FIRST_DAY);
        assertThat(sheet.breaks()).isNotEmpty();
        List<Money> before = null;
        for (RateSheet.WeightBreak each : sheet.breaks()) {
            assertThat(each.prices()).hasSize(8).isSorted();
            if (before != null) {
                for (int zone = 0; zone < before.size(); zone++) {
                    assertThat(each.prices().get(zone)).isGreaterThanOrEqualTo(before.get(zone));
                }
            }
            before = each.prices();
        }
    }

    @ParameterizedTest
    @MethodSource("services")
    void theSheetReachesTheServicesWeightLimit(DemoShop.ServiceEntry service) throws IOException {
        RateSheet sheet = DemoRates.read(DEMO.resolve("rates").resolve(service.sheet()), service, FIRST_DAY);
        var last = sheet.breaks().get(sheet.breaks().size() - 1).upTo();
        assertThat(last.in(WeightUnit.POUND, 2)).isEqualByComparingTo(service.limit());
    }
}
