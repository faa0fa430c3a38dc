package nobrec.server.packing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import nobrec.server.ServerTest;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpStatus;
import tools.jackson.databind.JsonNode;

class SeveralPackagesTest extends ServerTest {

    private JsonNode open(String number, String terms) {
        String heading = new String(demoFile("orders-tuesday.csv"), StandardCharsets.UTF_8)
                .lines()
                .findFirst()
                .orElseThrow();
        String row = number + ",Kestrel Ridge,KR-1,,Ruth Finch,26 Orchard Close,,Kansas City,MO,64106,US,,,12/04/2026,"
                + "Plover Ground," + terms + ",CY,Cylinder,3,26.4,22x6x6,,alone,,,,,,48-2210-7,";
        drop(number + ".csv", (heading + "\n" + row).getBytes(StandardCharsets.UTF_8));
        return json(send("POST", "/api/v1/shipments", Map.of("job", number)));
    }

    private JsonNode weighAll(JsonNode bench) {
        JsonNode weighed = bench;
        for (JsonNode each : bench.path("packages")) {
            weighed = json(send(
                    "PUT",
                    "/api/v1/shipments/" + bench.path("id").asLong() + "/packages/"
                            + each.path("number").asInt() + "/weight",
                    Map.of("text", "28 lb " + each.path("number").asInt() + " oz")));
        }
        return weighed;
    }

    private byte[] paper(JsonNode paper) {
        return mvc.get()
                .uri(paper.path("address").asString())
                .with(user(INES).roles("PACKER"))
                .exchange()
                .getResponse()
                .getContentAsByteArray();
    }

    @Test
    void eachPackageHasItsOwnNumberChargeAndLabel() throws Exception {
        JsonNode bench = weighAll(open("T-45", "we pay and bill"));
        assertThat(bench.path("packages")).hasSize(3);
        List<Integer> residence = new ArrayList<>();
        chosen(bench).path("lines").forEach(line -> {
            if (line.path("title").asString().equals("Residence")) {
                residence.add(line.path("packageNumber").asInt());
            }
        });
        assertThat(residence).as("a surcharge for each package to a residence").containsExactly(1, 2, 3);
        JsonNode shipped = json(ship(bench));
        assertThat(shipped.path("shipped").path("trackingNumbers")).hasSize(3).doesNotHaveDuplicates();
        assertThat(shipped.path("papers")).hasSize(4);
        for (int piece = 1; piece <= 3; piece++) {
            byte[] label = paper(shipped.path("papers").get(piece - 1));
            try (var pdf = Loader.loadPDF(label)) {
                assertThat(new PDFTextStripper().getText(pdf))
                        .contains(piece + " of 3")
                        .contains(shipped.path("packages")
                                .get(piece - 1)
                                .path("trackingNumber")
                                .asString());
            }
            assertThat(paper(shipped.path("papers").get(piece - 1)))
                    .as("printed again")
                    .isEqualTo(label);
        }
    }

    @Test
    void oneNotWeighedStopsThemAll() {
        JsonNode bench = open("T-46", "we pay and bill");
        send("PUT", "/api/v1/shipments/" + bench.path("id").asLong() + "/packages/1/weight", Map.of("text", "28"));
        JsonNode half = json(send(
                "PUT", "/api/v1/shipments/" + bench.path("id").asLong() + "/packages/3/weight", Map.of("text", "28")));
        assertThat(half.path("mayShip").asBoolean()).isFalse();
        assertThat(json(ship(half)).path("detail").asString()).isEqualTo("Package 2 is not weighed.");
    }

    @Test
    void whenTheReceiverPaysNothingIsBilledAndNothingAccrued() {
        JsonNode bench = weighAll(open("T-47", "receiver pays"));
        assertThat(bench.path("charge").path("total").path("amount").asString()).isEqualTo("0.00");
        ship(bench);
        await().untilAsserted(() -> assertThat(get("/api/v1/postings?job=T-47").path("rows"))
                .hasSize(3)
                .allMatch(row -> row.path("state").asString().equals("DONE"))
                .noneMatch(row -> row.path("kind").asString().equals("JOURNAL")));
    }

    @Test
    void aPaperIsAlsoAPictureAndWhatIsNotThereIsSaid() {
        JsonNode shipped = json(ship(weighedJob("T-48", "Plover Ground")));
        var picture = mvc.get()
                .uri(shipped.path("papers").get(0).path("address").asString() + "/picture")
                .with(user(INES).roles("PACKER"))
                .exchange();
        assertThat(picture).hasStatusOk().hasContentType("image/png");
        assertThat(mvc.get()
                        .uri("/api/v1/papers/999999")
                        .with(user(INES).roles("PACKER"))
                        .exchange())
                .hasStatus(HttpStatus.NOT_FOUND);
        assertThat(mvc.get()
                        .uri("/api/v1/papers/first")
                        .with(user(INES).roles("PACKER"))
                        .exchange())
                .hasStatus(HttpStatus.BAD_REQUEST);
    }
}
