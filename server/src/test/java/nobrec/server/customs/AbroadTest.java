package nobrec.server.customs;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import nobrec.server.ServerTest;
import nobrec.server.document.LastingPage;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;

/** A job that leaves the country: what customs wants is a stop, put right in place, and comes out on the papers. */
class AbroadTest extends ServerTest {

    private static final String LINE = "SK-2,\"Seal kit, 2 in bore\",6,0.3,5x4x1,26.00,,,8484.20,US,,,,\r\n";

    private void bring(String number, String shipTo, String service, String... lines) {
        String heading = new String(demoFile("orders-tuesday.csv"), StandardCharsets.UTF_8)
                .lines()
                .findFirst()
                .orElseThrow();
        StringBuilder file = new StringBuilder(heading + "\r\n");
        for (String line : lines) {
            file.append(number + ",Quillfeather Packaging,PO 9," + shipTo + ",+1 416 555 0142,,12/18/2026," + service
                    + ",we pay and bill," + line);
        }
        drop("orders.csv", file.toString().getBytes(StandardCharsets.UTF_8));
    }

    private JsonNode open(String job, String weight) {
        long id = json(send("POST", "/api/v1/shipments", Map.of("job", job)))
                .path("id")
                .asLong();
        return json(send("PUT", "/api/v1/shipments/" + id + "/packages/1/weight", Map.of("text", weight)));
    }

    private JsonNode customs(String job) {
        return get("/api/v1/shipments/customs?job=" + job);
    }

    private MvcTestResult write(String job, String field, int line, String text) {
        return send(
                "PUT",
                "/api/v1/work-orders/one/entries?job=" + job,
                Map.of("entries", List.of(Map.of("field", field, "line", line, "text", text))));
    }

    private static List<String> texts(JsonNode rows, String name) {
        List<String> texts = new ArrayList<>();
        rows.forEach(row -> texts.add(row.path(name).asString()));
        return texts;
    }

    private static String check(JsonNode bench, String subject) {
        for (JsonNode check : bench.path("checks")) {
            if (check.path("subject").asString().equals(subject)) {
                return check.path("verdict").asString() + ": "
                        + check.path("reason").asString();
            }
        }
        return "";
    }

    private static final String TORONTO = "Maple Works,Dock,8 King St,,Toronto,ON,M5V 2T6,CA";

    @Test
    void whatIsMissingStopsUntilItIsWrittenAndThePapersSayIt() throws Exception {
        bring("AB-1", TORONTO, "Dunlin Worldwide", "AB-PIN,Pin,6,0.3,5x4x1,,,,848,,,,,\r\n");
        JsonNode bench = open("AB-1", "2.4");
        assertThat(check(bench, "CUSTOMS"))
                .isEqualTo("STOP: AB-PIN: “848” is no HS code: it has 3 digits. And 2 more.");
        assertThat(bench.path("notInPrices").asString())
                .isEqualTo("Duty and tax in Canada are not in these prices: the receiver pays them (DAP).");
        assertThat(ship(bench).getResponse().getStatus()).isEqualTo(422);

        write("AB-1", "HS_CODE", 1, "8484.20");
        write("AB-1", "ORIGIN", 1, "US");
        write("AB-1", "UNIT_VALUE", 1, "26.00");
        write("AB-1", "CUSTOMS_DESCRIPTION", 1, "Steel pin for a hydraulic cylinder");
        assertThat(json(send("POST", "/api/v1/shipments/customs/items", Map.of("job", "AB-1", "line", 1)))
                        .path("lines")
                        .get(0)
                        .path("mayTeach")
                        .asBoolean())
                .as("the item says the same from now on")
                .isFalse();
        JsonNode view = customs("AB-1");
        assertThat(view.path("problems")).isEmpty();
        assertThat(view.path("value").asString()).isEqualTo("156.00");
        assertThat(texts(view.path("papers"), "words")).containsExactly("commercial invoice", "statement of origin");

        bench = json(ship(get("/api/v1/shipments?job=AB-1")));
        assertThat(bench.path("state").asString()).isEqualTo("SHIPPED");
        assertThat(texts(bench.path("papers"), "kind"))
                .containsExactly("LABEL", "PACKING_SLIP", "COMMERCIAL_INVOICE", "STATEMENT_OF_ORIGIN");
        String told = database.queryForObject(
                "SELECT request FROM outbox WHERE kind = 'BOOKING' AND subject_id = ?",
                String.class,
                bench.path("id").asLong());
        JsonNode goods = JSON.readTree(told).path("customs");
        assertThat(goods.path("incoterm").asString()).isEqualTo("DAP");
        assertThat(goods.path("items").get(0).toString())
                .as("the carrier is told what the papers say")
                .isEqualTo(
                        "{\"packageNumber\":1,\"description\":\"Steel pin for a hydraulic cylinder\","
                                + "\"hsCode\":\"8484.20\",\"origin\":\"US\",\"quantity\":6,\"value\":\"156.00\",\"netGrams\":816}");
        String invoiceAddress = bench.path("papers").get(2).path("address").asString();
        LastingPage.assertIsPdfA(paperBytes(invoiceAddress));
        String invoice = paperText(invoiceAddress);
        assertThat(invoice)
                .contains("Copy 1 of 3", "Copy 3 of 3", "Steel pin for a hydraulic cylinder", "8484.20", "156.00")
                .contains("DAP, Delivered at place (Incoterms 2020)", "sale of goods", "Hollis Marrowby, Owner")
                .contains("Toronto ON M5V 2T6", "CANADA", "UNITED STATES", "1.089 kg");
        assertThat(paperText(bench.path("papers").get(0).path("address").asString()))
                .contains("Toronto ON M5V 2T6", "CANADA");
    }

    @Test
    void byPostTheFormFollowsTheValueOfEachPackage() {
        bring("AB-2", TORONTO, "Godwit Abroad", LINE);
        JsonNode cheap = customs("AB-2");
        assertThat(cheap.path("packages").get(0).path("form").asString()).startsWith("CN 22: USD 156.00 is within");
        bring("AB-3", TORONTO, "Godwit Abroad", LINE.replace("26.00", "260.00"));
        assertThat(customs("AB-3").path("packages").get(0).path("form").asString())
                .startsWith("CN 23: USD 1560.00 is above USD 399.00, 300 SDR");
        JsonNode bench = json(ship(open("AB-3", "2.4")));
        assertThat(texts(bench.path("papers"), "title")).containsExactly("Label 1 of 1", "CN 23", "Packing slip");
        assertThat(paperText(bench.path("papers").get(1).path("address").asString()))
                .contains("[X] sale of goods")
                .contains("Seal kit, 2 in bore", "0.816 kg", "1560.00", "1.089 kg")
                .contains(bench.path("packages").get(0).path("trackingNumber").asString());
    }

    @Test
    void valuesAreDeclaredInAnotherCurrencyByADatedRate() {
        bring("AB-4", "Kranich GmbH,Tor 2,Hafenstr. 4,,Bremen,,28195,DE", "Dunlin Worldwide", LINE);
        assertThat(write("AB-4", "CURRENCY", 0, "doubloon").getResponse().getStatus())
                .isEqualTo(422);
        write("AB-4", "CURRENCY", 0, "NOK");
        assertThat(texts(customs("AB-4").path("problems"), "reason"))
                .containsExactly("Nobody has said what one NOK costs in USD.");
        Map<String, String> rate = Map.of("currency", "nok", "day", "2026-11-30", "rate", "0.09");
        assertThat(send("POST", "/api/v1/export-set-up/rates", rate)
                        .getResponse()
                        .getStatus())
                .isEqualTo(200);
        JsonNode view = customs("AB-4");
        assertThat(view.path("problems")).isEmpty();
        assertThat(view.path("value").asString()).as("6 x 288.89").isEqualTo("1733.34");
        assertThat(view.path("currency").asString()).isEqualTo("NOK");
        write("AB-4", "INCOTERM", 0, "DDP");
        write("AB-4", "DUTY_PAYER", 0, "receiver");
        assertThat(texts(customs("AB-4").path("problems"), "reason"))
                .containsExactly("DDP means that the sender pays duty, and the job says the receiver.");
    }

    @Test
    void whatHasLeftKeepsTheRateOfItsDay() {
        bring("AB-8", "Kranich GmbH,Tor 2,Hafenstr. 4,,Bremen,,28195,DE", "Dunlin Worldwide", LINE);
        write("AB-8", "CURRENCY", 0, "SEK");
        send("POST", "/api/v1/export-set-up/rates", Map.of("currency", "SEK", "day", "2026-12-01", "rate", "0.10"));
        assertThat(json(ship(open("AB-8", "2.4"))).path("state").asString()).isEqualTo("SHIPPED");
        clock.pass(Duration.ofDays(2));
        send("POST", "/api/v1/export-set-up/rates", Map.of("currency", "SEK", "day", "2026-12-03", "rate", "0.20"));
        assertThat(customs("AB-8").path("value").asString()).as("6 x 260.00").isEqualTo("1560.00");
        assertThat(customs("AB-8").path("rate").asString()).contains("Dec 1, 2026");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "USD|2026-11-30|1.00",
                "XXQ|2026-11-30|1.00",
                "EUR|2026-11-30|0",
                "EUR|2026-11-30|-1",
                "EUR|2026-11-30|1.0.8",
                "EUR|2099-01-01|1.08",
                "EUR|0001-01-01|1.08",
                "EUR|2026-11-30|99999999999"
            })
    void aRateThatCannotBeIsRefused(String currency, String day, String rate) {
        Map<String, String> body = Map.of("currency", currency, "day", day, "rate", rate);
        assertThat(send("POST", "/api/v1/export-set-up/rates", body)
                        .getResponse()
                        .getStatus())
                .isEqualTo(422);
    }

    @Test
    void anAddressIsPrintedInItsScriptAndWhatCannotBeAsksForItsLatinForm() throws IOException {
        bring("AB-5", "Οδοντωτοί Τροχοί,Παραλαβή,Οδός Λιμένος 4,,Αθήνα,,105 57,GR", "Dunlin Worldwide", LINE);
        JsonNode greek = json(ship(open("AB-5", "2.4")));
        assertThat(greek.path("state").asString()).as("%s", greek).isEqualTo("SHIPPED");
        assertThat(paperText(greek.path("papers").get(0).path("address").asString()))
                .contains("Οδοντωτοί Τροχοί", "105 57 Αθήνα", "GREECE");
        assertThat(paperText(greek.path("papers").get(1).path("address").asString()))
                .contains("Οδοντωτοί Τροχοί");

        bring("AB-6", "かもめ工業,Stores,1 Kiso,,Nagoya,Aichi,450-0002,JP", "Dunlin Worldwide", LINE);
        JsonNode bench = open("AB-6", "2.4");
        assertThat(check(bench, "PAPERS")).startsWith("STOP: The label cannot print");
        write("AB-6", "LATIN_SHIP_TO", 0, "Kamome Kogyo; Stores; 1 Kiso; ; Nagoya; Aichi; 450-0002; JP");
        bench = get("/api/v1/shipments?job=AB-6");
        assertThat(check(bench, "PAPERS")).isEmpty();
        bench = json(ship(bench));
        String address = bench.path("papers").get(0).path("address").asString();
        assertThat(paperText(address)).contains("Kamome Kogyo", "JAPAN").doesNotContain("?");
        assertFontsAreInside(address);
    }

    @ParameterizedTest
    @CsvSource({
        "AB-11, 'Łożyska Żuraw,Brama,ul. Świętej Trójcy 4,,Łódź,,90-001,PL', ''",
        "AB-12, 'Cơ khí Sông Hồng,Kho,12 Nguyễn Trãi,,Hà Nội,,100000,VN', ''",
        "AB-13, 'ورشة النورس,المخزن,شارع الميناء 4,,نئی دہلی,,110001,IN', 'STOP: The label cannot print'",
    })
    void otherScripts(String job, String shipTo, String stop) {
        bring(job, shipTo, "Dunlin Worldwide", LINE);
        JsonNode bench = open(job, "2.4");
        assertThat(bench.path("checks")).as("%s", bench).isNotEmpty();
        assertThat(check(bench, "PAPERS")).startsWith(stop);
        assertThat(check(bench, "PAPERS").isEmpty()).isEqualTo(stop.isEmpty());
    }

    private void assertFontsAreInside(String address) throws IOException {
        try (PDDocument document = Loader.loadPDF(paperBytes(address))) {
            var fonts = document.getPage(0).getResources();
            for (var name : fonts.getFontNames()) {
                assertThat(fonts.getFont(name).isEmbedded()).isTrue();
            }
        }
    }

    @Test
    void twoWhoChangeHowTheShopDeclaresDoNotUndoEachOther() {
        JsonNode setUp = get("/api/v1/export-set-up").path("setUp");
        Map<String, Object> mine = Map.of(
                "version",
                setUp.path("version").asInt(),
                "signer",
                "Hollis Marrowby",
                "signerTitle",
                "Owner",
                "taxNumber",
                "00-4170611",
                "incoterm",
                "DAP",
                "reason",
                "SALE",
                "forwarder",
                List.of("Sanderling Forwarding"));
        assertThat(send("PUT", "/api/v1/export-set-up", mine).getResponse().getStatus())
                .isEqualTo(200);
        assertThat(send("PUT", "/api/v1/export-set-up", mine).getResponse().getStatus())
                .isEqualTo(409);
        assertThat(send("PUT", "/api/v1/export-set-up", mine, "rufus", "PACKER")
                        .getResponse()
                        .getStatus())
                .isEqualTo(403);
    }

    @Test
    void atHomeNothingIsDeclared() {
        JsonNode bench = weighedJob("AB-7", "Plover Ground");
        assertThat(check(bench, "CUSTOMS")).isEmpty();
        assertThat(bench.path("notInPrices").isMissingNode()).isTrue();
        assertThat(customs("AB-7").path("abroad").asBoolean()).isFalse();
        assertThat(texts(json(ship(bench)).path("papers"), "kind")).containsExactly("LABEL", "PACKING_SLIP");
    }
}
