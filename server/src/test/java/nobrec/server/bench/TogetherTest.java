package nobrec.server.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Random;
import nobrec.server.ServerTest;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

class TogetherTest extends ServerTest {

    private static BigDecimal amount(JsonNode figure) {
        return new BigDecimal(figure.path("amount").asString());
    }

    private JsonNode offers(String job) {
        return get("/api/v1/shipments/together?job=" + job).path("offers");
    }

    private BigDecimal cost(JsonNode bench) {
        return amount(chosen(bench).path("total"));
    }

    @Test
    void whatGoesTogetherSavesWhatCombiningItReallySaves() {
        drop("together.csv", """
                Order No,Customer,Ship To,Street,City,State,ZIP,Country,Ship Via,Item,Qty,Unit Wt lb
                TG-1,Withy Bank,Withy Bank,4 Osier Road,Madison,WI,53703,US,Plover Ground,TG-A,4,0.5
                TG-2,Withy Bank,WITHY BANK INC.,4 Osier Rd,Madison,WI,53703,US,Plover Ground,TG-B,3,0.5
                """.getBytes(StandardCharsets.UTF_8));
        BigDecimal alone = cost(get("/api/v1/shipments?job=TG-1")).add(cost(get("/api/v1/shipments?job=TG-2")));
        JsonNode offer = offers("TG-1")
                .valueStream()
                .filter(each -> each.path("job").asString().equals("TG-2"))
                .findFirst()
                .orElseThrow();
        assertThat(amount(offer.path("alone"))).isEqualByComparingTo(alone);
        assertThat(amount(offer.path("saves")))
                .isEqualByComparingTo(alone.subtract(amount(offer.path("together"))))
                .isPositive();
        assertThat(get("/api/v1/shipments?job=TG-2").path("opened").asBoolean())
                .as("looking leaves no trace")
                .isFalse();
        long id = json(send("POST", "/api/v1/shipments", Map.of("job", "TG-1")))
                .path("id")
                .asLong();
        JsonNode both = json(send("POST", "/api/v1/shipments/" + id + "/jobs", Map.of("job", "TG-2")));
        assertThat(cost(both)).isEqualByComparingTo(amount(offer.path("together")));
        assertThat(offers("TG-1")).noneMatch(each -> each.path("job").asString().equals("TG-2"));
        assertThat(get("/api/v1/work-orders?number=TG-1")
                        .path("rows")
                        .get(0)
                        .path("goingThereToo")
                        .asInt())
                .isPositive();
    }

    /** However often jobs are combined and taken apart, every piece is in one shipment and in one package of it. */
    @Test
    void combiningAndTakingApartKeepsEveryPiece() {
        Random random = new Random(7);
        List<String> others = List.of("TG-12", "TG-13", "TG-14");
        bringIn("TG-11", "Plover Ground", 5);
        others.forEach(each -> bringIn(each, "Plover Ground", 1 + random.nextInt(6)));
        long id = json(send("POST", "/api/v1/shipments", Map.of("job", "TG-11")))
                .path("id")
                .asLong();
        String shipment = "/api/v1/shipments/" + id;
        for (int round = 0; round < 14; round++) {
            String other = others.get(random.nextInt(others.size()));
            send("POST", shipment + (random.nextBoolean() ? "/jobs" : "/jobs-out"), Map.of("job", other));
            assertThat(database.queryForList("""
                            SELECT l.id FROM work_order_line l JOIN work_order w ON w.id = l.work_order_id
                            WHERE w.number LIKE 'TG-1_' AND (
                              l.quantity_taken <> (SELECT COALESCE(SUM(s.quantity), 0) FROM shipment_line s WHERE s.work_order_line_id = l.id)
                              OR l.quantity_taken <> (SELECT COALESCE(SUM(c.quantity), 0) FROM package_content c WHERE c.work_order_line_id = l.id)
                              OR l.quantity_taken > l.quantity_ordered)
                            """)).as("round %d", round).isEmpty();
        }
        assertThat(database.queryForObject(
                        "SELECT COUNT(*) FROM shipment_line s JOIN work_order_line l ON l.id = s.work_order_line_id"
                                + " JOIN work_order w ON w.id = l.work_order_id WHERE w.number = 'TG-11'",
                        Integer.class))
                .isOne();
    }
}
