package nobrec.server.handover;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import java.nio.charset.StandardCharsets;
import java.util.Map;
import nobrec.server.ServerTest;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpStatus;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;

/** The bill over all that a truck takes lists each shipment and sums what it carries. */
class TruckBillsTest extends ServerTest {

    private static final String HEADING =
            "Order No,Customer,Ship To,Street,City,State,ZIP,Country,Phone,Promise,Ship Via,"
                    + "Freight,Item,Description,Qty,Unit Wt lb,Unit Size in";

    private String at(String carrier) {
        String site = database.queryForObject("SELECT code FROM site ORDER BY id LIMIT 1", String.class);
        return "/api/v1/handovers/" + site + "/" + carrier;
    }

    /** Ships a pallet by freight, and returns its number. */
    private String shipped(String number, String place) {
        String row = number + ",Grainger Works,Grainger Works," + place + ",US,(608) 555-0142,12/07/2026,"
                + "Curlew Freight LTL,we pay and bill,CY-5030,Hydraulic cylinder,4,71,36x9x9";
        drop(number + ".csv", (HEADING + "\r\n" + row + "\r\n").getBytes(StandardCharsets.UTF_8));
        JsonNode bench = json(send("POST", "/api/v1/shipments", Map.of("job", number)));
        JsonNode weighed = json(send(
                "PUT",
                "/api/v1/shipments/" + bench.path("id").asLong() + "/packages/1/weight",
                Map.of(
                        "text",
                        bench.path("packages")
                                .get(0)
                                .path("expectedWeight")
                                .path("text")
                                .asString())));
        return json(ship(weighed))
                .path("packages")
                .get(0)
                .path("trackingNumber")
                .asString();
    }

    private MvcTestResult bill(long handover) {
        return mvc.get()
                .uri("/api/v1/handovers/" + handover + "/master-bill")
                .with(user(INES).roles("COORDINATOR"))
                .exchange();
    }

    private JsonNode closed(String carrier, String... numbers) {
        for (String number : numbers) {
            send("POST", at(carrier) + "/scans", Map.of("text", number));
        }
        send(
                "POST",
                at(carrier) + "/closing",
                Map.of("leavesBy", "PICKUP", "driver", "Wren Tarrow", "packages", numbers.length));
        return get("/api/v1/handovers/past").path("rows").get(0);
    }

    @Test
    void aTruckWithTwoStopsHasABillOverBothShipments() {
        String madison = "88 Carding Lane,Madison,WI,53703";
        String first = shipped("MB-1", madison);
        String second = shipped("MB-2", "2200 Foundry Park,Tucson,AZ,85701");
        String third = shipped("MB-3", madison);
        JsonNode gone = closed("CURLEW", first, second, third);
        assertThat(gone.path("masterBill").asString())
                .isEqualTo("/api/v1/handovers/" + gone.path("id").asLong() + "/master-bill");
        assertThat(paperText(gone.path("masterBill").asString()))
                .contains("Master bill of lading", "of 3 shipments to 2 stops", "Wren Tarrow", "in all")
                .containsSubsequence(first, "Madison", second, "Tucson", third, "Madison")
                .contains("Job MB-1", "Job MB-2", "Job MB-3", "Hydraulic cylinder");
    }

    @Test
    void whatDoesNotGoByFreightHasNone() {
        JsonNode parcel = json(ship(weighedJob("MB-11", "Plover Ground")));
        JsonNode gone = closed(
                "PLOVER", parcel.path("packages").get(0).path("trackingNumber").asString());
        assertThat(gone.has("masterBill")).isFalse();
        assertThat(bill(gone.path("id").asLong())).hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        assertThat(bill(999_999)).hasStatus(HttpStatus.NOT_FOUND);
    }
}
