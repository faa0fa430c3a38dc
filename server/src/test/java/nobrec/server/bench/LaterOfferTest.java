package nobrec.server.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import nobrec.server.ServerTest;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

class LaterOfferTest extends ServerTest {

    private JsonNode later(String job) {
        return get("/api/v1/shipments/later-offer?job=" + job).path("offer");
    }

    /** Of the service that is cheapest among those in time. */
    private BigDecimal cost(String job) {
        return get("/api/v1/shipments?job=" + job)
                .path("offers")
                .valueStream()
                .filter(offer -> offer.path("allowed").asBoolean()
                        && offer.path("daysLate").asInt() == 0)
                .map(offer -> new BigDecimal(offer.path("total").path("amount").asString()))
                .min(BigDecimal::compareTo)
                .orElseThrow();
    }

    @Test
    void aJobThatCannotGoYetIsNamedWithWhatItWouldSaveToLeaveWithIt() {
        drop("later.csv", """
                Order No,Customer,Ship To,Street,City,State,ZIP,Country,Ship Via,Promise,Item,Qty,Unit Wt lb
                LD-1,Sallow End,Sallow End,9 Osier Road,Madison,WI,53703,US,Plover Ground,2026-12-11,LD-A,4,0.5
                LD-2,Sallow End,Sallow End,9 Osier Rd,Madison,WI,53703,US,Plover Ground,2026-12-11,LD-B,3,0.5
                LD-3,Sallow End,Sallow End,11 Osier Rd,Madison,WI,53703,US,Plover Ground,,LD-B,3,0.5
                """.getBytes(StandardCharsets.UTF_8));
        send("POST", "/api/v1/work-orders/holds", Map.of("jobs", List.of("LD-2"), "reason", "paint dries"));
        BigDecimal apart = cost("LD-1").add(cost("LD-2"));
        JsonNode offer = later("LD-1");
        assertThat(offer.path("with").path("job").asString()).isEqualTo("LD-2");
        assertThat(offer.path("with").path("reason").asString()).isEqualTo("On hold: paint dries");
        assertThat(offer.path("day").asString()).isGreaterThan("2026-12-01").isLessThan("2026-12-11");
        assertThat(offer.path("delivery").asString()).isLessThanOrEqualTo("2026-12-11");
        BigDecimal saves = new BigDecimal(offer.path("saves").path("amount").asString());
        assertThat(saves).isPositive();
        assertThat(new BigDecimal(offer.path("total").path("amount").asString()))
                .isEqualByComparingTo(apart.subtract(saves));
        assertThat(get("/api/v1/shipments?job=LD-1").path("opened").asBoolean())
                .as("looking leaves no trace")
                .isFalse();
    }

    @Test
    void nothingIsSaidWhereNothingIsPromisedOrNothingCostsLess() {
        drop("alone.csv", """
                Order No,Customer,Ship To,Street,City,State,ZIP,Country,Ship Via,Promise,Item,Qty,Unit Wt lb
                LD-4,Sallow End,Sallow End North,90 Osier Road,Madison,WI,53703,US,Plover Ground,2026-12-09,LD-A,4,0.5
                LD-7,Sallow End,Sallow End South,91 Osier Road,Madison,WI,53703,US,Plover Ground,,LD-A,4,0.5
                """.getBytes(StandardCharsets.UTF_8));
        assertThat(later("LD-4").isMissingNode() || later("LD-4").isNull()).isTrue();
        assertThat(later("LD-7").isMissingNode() || later("LD-7").isNull()).isTrue();
    }

    @Test
    void theKindOfAPlaceSaysWhatItDoesToThePrice() {
        drop("kind.csv", """
                Order No,Customer,Ship To,Street,City,State,ZIP,Country,Ship Via,Item,Qty,Unit Wt lb
                LD-5,Sallow End,Sallow End LLC,14 Osier Road,Madison,WI,53703,US,Plover Ground,LD-A,4,0.5
                LD-6,Sallow End,,PO Box 14,Madison,WI,53703,US,Plover Ground,LD-A,4,0.5
                """.getBytes(StandardCharsets.UTF_8));
        assertThat(get("/api/v1/shipments?job=LD-5").path("shipTo").has("kindEffect")
                        && !get("/api/v1/shipments?job=LD-5")
                                .path("shipTo")
                                .path("kindEffect")
                                .isNull())
                .isFalse();
        assertThat(get("/api/v1/shipments?job=LD-6")
                        .path("shipTo")
                        .path("kindEffect")
                        .asString())
                .startsWith("PO box: ")
                .contains("not go there");
    }
}
