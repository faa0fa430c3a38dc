package nobrec.server.pricing;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.Map;
import java.util.concurrent.locks.LockSupport;
import nobrec.server.ServerTest;
import nobrec.standins.http.Behavior;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpStatus;
import tools.jackson.databind.JsonNode;

/** A carrier that prices itself is asked through its port; nothing waits for it. */
class CarrierQuotesTest extends ServerTest {

    private static final String GROUND = "Plover Ground";

    @AfterEach
    void bySheetAgain() {
        price("SHEET");
    }

    private void price(String by) {
        assertThat(send(
                        "PUT",
                        "/api/v1/carriers/PLOVER/pricing",
                        Map.of("pricedBy", by, "toleranceThousandths", 2_000)))
                .hasStatusOk();
    }

    private JsonNode ask(long id, boolean again) {
        return json(send("POST", "/api/v1/shipments/" + id + "/carrier-quotes", Map.of("again", again)));
    }

    private static JsonNode ground(JsonNode bench) {
        return bench.path("offers")
                .valueStream()
                .filter(offer -> offer.path("name").asString().equals(GROUND))
                .findFirst()
                .orElseThrow();
    }

    private static BigDecimal total(JsonNode offer) {
        return new BigDecimal(offer.path("total").path("amount").asString());
    }

    private static String source(JsonNode bench) {
        return ground(bench).path("quote").path("source").asString("");
    }

    private JsonNode bench(String job) {
        return get("/api/v1/shipments?job=" + job);
    }

    /** The bench once the carrier has answered or been silent for its time. */
    private JsonNode settled(String job) {
        JsonNode bench = bench(job);
        while (bench.path("quotesAwaited").asBoolean()) {
            LockSupport.parkNanos(20_000_000);
            bench = bench(job);
        }
        return bench;
    }

    @Test
    void theCarriersPriceCountsTheSheetStandsBesideItAndItIsBookedByItsNumber() {
        JsonNode bySheet = weighedJob("CQ-1", GROUND);
        long id = bySheet.path("id").asLong();
        assertThat(bySheet.path("quotesWanted").asBoolean())
                .as("a parcel is nothing for Whimbrel")
                .isFalse();
        price("BOTH");
        JsonNode before = bench("CQ-1");
        assertThat(before.path("quotesWanted").asBoolean()).isTrue();
        assertThat(source(before)).isEqualTo("NOT_ASKED");
        assertThat(total(ground(before))).isEqualByComparingTo(total(ground(bySheet)));
        ask(id, false);
        JsonNode quoted = settled("CQ-1");
        assertThat(source(quoted)).isEqualTo("QUOTE");
        JsonNode line = ground(quoted).path("lines").get(0);
        assertThat(line.path("code").asString()).isEqualTo("CARRIER_QUOTE");
        assertThat(line.path("explanation").asString())
                .contains("Our rate sheet says "
                        + ground(bySheet).path("total").path("amount").asString());
        assertThat(ground(quoted).path("quote").path("differs").asBoolean()).isTrue();
        assertThat(ship(quoted)).hasStatusOk();
        String number = database.queryForObject(
                "SELECT number FROM carrier_quote WHERE shipment_id = ? AND carrier_code = 'PLOVER'", String.class, id);
        assertThat(database.queryForList("SELECT request FROM outbox WHERE target = 'PLOVER'", String.class))
                .anyMatch(request -> request.contains("\"quote\":\"" + number + "\"") && request.contains("CQ-1"));
    }

    @Test
    void anotherWeightWantsAnotherQuoteAndOneThatIsOverDoesNotCount() {
        price("BOTH");
        long id = weighedJob("CQ-2", GROUND).path("id").asLong();
        ask(id, false);
        BigDecimal light = total(ground(settled("CQ-2")));
        JsonNode heavier = json(
                send("PUT", "/api/v1/shipments/" + id + "/packages/1/weight", Map.of("text", "3.4", "sure", true)));
        assertThat(source(heavier)).isEqualTo("NOT_ASKED");
        ask(id, false);
        JsonNode quoted = settled("CQ-2");
        assertThat(total(ground(quoted))).isGreaterThan(light);
        database.update(
                "UPDATE carrier_quote SET valid_until = '2026-11-30' WHERE shipment_id = ? AND carrier_code = 'PLOVER'",
                id);
        JsonNode over = bench("CQ-2");
        assertThat(source(over)).isEqualTo("NOT_ASKED");
        assertThat(ship(quoted)).as("the price that was seen is gone").hasStatus(HttpStatus.CONFLICT);
    }

    @Test
    void aSlowCarrierBlocksNothingAndOneThatIsDownIsSaid() {
        long id = weighedJob("CQ-3", GROUND).path("id").asLong();
        price("BOTH");
        standIns().behave("plover", Behavior.SLOW);
        JsonNode asked = ask(id, false);
        assertThat(source(asked)).isEqualTo("AWAITED");
        assertThat(ground(asked).path("allowed").asBoolean())
                .as("by the sheet meanwhile")
                .isTrue();
        assertThat(source(settled("CQ-3"))).isEqualTo("QUOTE");

        send("PUT", "/api/v1/shipments/" + id + "/packages/1/weight", Map.of("text", "3.3", "sure", true));
        standIns().behave("plover", Behavior.FAIL);
        ask(id, false);
        JsonNode down = settled("CQ-3");
        assertThat(source(down)).isEqualTo("NO_QUOTE");
        assertThat(ground(down).path("quote").path("sentence").asString()).endsWith("Priced by our rate sheet.");
        price("CARRIER");
        JsonNode alone = bench("CQ-3");
        assertThat(ground(alone).path("allowed").asBoolean()).isFalse();
        assertThat(ground(alone).path("brief").asString()).isEqualTo("no price from the carrier");
        ask(id, false);
        assertThat(source(settled("CQ-3"))).as("not asked again by itself").isEqualTo("NO_QUOTE");
        standIns().behave("plover", Behavior.NORMAL);
        ask(id, true);
        assertThat(source(settled("CQ-3"))).isEqualTo("QUOTE");
    }

    @Test
    void whateverElseTheCarrierAnswersIsNoPrice() {
        long id = weighedJob("CQ-4", GROUND).path("id").asLong();
        price("BOTH");
        for (Behavior behavior :
                new Behavior[] {Behavior.NOT_JSON, Behavior.HALF_ANSWER, Behavior.WRONG_KEY, Behavior.NO_CONTENT}) {
            standIns().behave("plover", behavior);
            ask(id, true);
            assertThat(source(settled("CQ-4"))).as(behavior.name()).isEqualTo("NO_QUOTE");
        }
    }

    @Test
    void aPackerMayNotSayWhoPrices() {
        assertThat(send(
                        "PUT",
                        "/api/v1/carriers/PLOVER/pricing",
                        Map.of("pricedBy", "BOTH", "toleranceThousandths", 1),
                        "rufus",
                        "PACKER"))
                .hasStatus(HttpStatus.FORBIDDEN);
    }
}
