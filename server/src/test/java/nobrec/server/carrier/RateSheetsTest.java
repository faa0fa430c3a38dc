package nobrec.server.carrier;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.IntStream;
import nobrec.core.measure.UnitSystem;
import nobrec.core.measure.Weight;
import nobrec.core.measure.WeightUnit;
import nobrec.core.rating.RateSheet;
import nobrec.server.ServerTest;
import nobrec.server.platform.Moneys;
import org.joda.money.Money;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import tools.jackson.databind.JsonNode;

/** A new sheet has a first day; what was shipped before keeps the price of its own. */
class RateSheetsTest extends ServerTest {

    private static final String SERVICE = "PLV-SAVER";
    private static final LocalDate NEW_YEAR = LocalDate.of(2027, 1, 1);

    @Autowired
    private ServiceCatalog catalog;

    private static RateSheet flat(String price) {
        List<Money> prices = IntStream.rangeClosed(1, 8)
                .mapToObj(zone -> Moneys.of(new BigDecimal(price)))
                .toList();
        return new RateSheet(
                SERVICE,
                NEW_YEAR,
                UnitSystem.POUND_INCH,
                Weight.of("0.5", WeightUnit.POUND),
                139,
                List.of(
                        new RateSheet.WeightBreak(Weight.of("10", WeightUnit.POUND), prices),
                        new RateSheet.WeightBreak(Weight.of("20", WeightUnit.POUND), prices)),
                Moneys.zero(),
                new BigDecimal("12.375"));
    }

    @Test
    void aSheetCountsFromItsFirstDayAndComesBackAsItWasKept() {
        JsonNode shipped = json(ship(weighedJob("T-33", "Plover Saver")));
        String paid = chosen(shipped).path("total").asString();
        RateSheet fresh = flat("99.99");
        catalog.add(fresh);
        assertThat(catalog.rateSheet(SERVICE, NEW_YEAR.minusDays(1))
                        .orElseThrow()
                        .firstDay())
                .isEqualTo(LocalDate.of(2026, 1, 1));
        RateSheet kept = catalog.rateSheet(SERVICE, NEW_YEAR).orElseThrow();
        assertThat(kept.breaks()).isEqualTo(fresh.breaks());
        assertThat(kept.step()).isEqualTo(fresh.step());
        assertThat(kept.fuelPercent()).isEqualByComparingTo(fresh.fuelPercent());
        assertThat(catalog.rateSheet(SERVICE, LocalDate.of(2025, 12, 31))).isEmpty();

        clock.pass(Duration.ofDays(45));
        JsonNode later = weighedJob("T-32", "Plover Saver");
        assertThat(chosen(later).path("lines").get(0).path("amount").asString()).isEqualTo("99.99");
        assertThat(chosen(get("/api/shipments?job=T-33")).path("total").asString())
                .isEqualTo(paid);
    }

    @Test
    void aDayWithoutASheetIsSaidInWords() {
        clock.pass(Duration.ofDays(-400));
        JsonNode bench = newJob("T-37", "Plover Saver");
        assertThat(bench.path("offers"))
                .isNotEmpty()
                .allMatch(offer -> !offer.path("allowed").asBoolean());
        assertThat(bench.path("offers").get(0).path("objections").get(0).asString())
                .isEqualTo("There is no rate sheet for this day.");
        assertThat(bench.path("mayShip").asBoolean()).isFalse();
    }
}
