package nobrec.server.carrier;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import java.nio.charset.StandardCharsets;
import java.time.Duration;
import nobrec.core.ratesheet.Tariff;
import nobrec.server.ServerTest;
import nobrec.server.platform.csv.CsvLimits;
import nobrec.server.platform.csv.CsvTable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.http.HttpStatus;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;

/** Rate sheets come in and go out as files; what was shipped before keeps the price of its own sheet. */
class RateSheetsTest extends ServerTest {

    private static final String NEXT_YEAR = """
            rate sheet,PLV-SAVER
            first day,2027-01-01
            currency,USD
            units,lb in
            weight step,1 lb
            divisor,139
            zones by,distance
            zones,1,2,3,4,5,6,7,8
            up to,10 lb,99.99,99.99,99.99,99.99,99.99,99.99,99.99,99.99
            up to,20 lb,98.00,99.99,99.99,99.99,99.99,99.99,99.99,99.99
            """;

    private MvcTestResult readIn(String csv, String signIn, String role) {
        return mvc.post()
                .uri("/api/v1/rate-sheets")
                .multipart()
                .file(new MockMultipartFile("file", "saver.csv", "text/csv", csv.getBytes(StandardCharsets.UTF_8)))
                .with(user(signIn).roles(role))
                .with(csrf().asHeader())
                .exchange();
    }

    @Test
    void aSheetCountsFromItsFirstDayAndOldShipmentsKeepTheirs() throws Exception {
        JsonNode shipped = json(ship(weighedJob("T-33", "Plover Saver")));
        String paid = chosen(shipped).path("total").path("amount").asString();
        JsonNode taken = json(readIn(NEXT_YEAR, INES, "COORDINATOR"));
        assertThat(taken.path("firstDay").asString()).isEqualTo("2027-01-01");
        assertThat(taken.path("cautions").get(0).path("reason").asString()).contains("the price falls to 98.00");

        clock.pass(Duration.ofDays(45));
        JsonNode later = weighedJob("T-32", "Plover Saver");
        assertThat(chosen(later)
                        .path("lines")
                        .get(0)
                        .path("amount")
                        .path("amount")
                        .asString())
                .isEqualTo("99.99");
        assertThat(chosen(get("/api/v1/shipments?job=T-33"))
                        .path("total")
                        .path("amount")
                        .asString())
                .isEqualTo(paid);
        String written = mvc.get()
                .uri("/api/v1/rate-sheets/PLV-SAVER?day=2027-02-01")
                .with(user(INES).roles("BOOKKEEPER"))
                .exchange()
                .getResponse()
                .getContentAsString();
        assertThat(written).contains("up to,10 lb,99.99");

        JsonNode saver = sheetsOf("PLV-SAVER");
        assertThat(saver.path("sheets").get(0).path("state").asString()).isEqualTo("IN_FORCE");
        assertThat(saver.path("sheets").get(1).path("state").asString()).isEqualTo("PAST");
        clock.pass(Duration.ofDays(-45));
        assertThat(sheetsOf("PLV-SAVER").path("sheets").get(0).path("state").asString())
                .isEqualTo("COMING");
        assertThat(sheetsOf("PLV-SAVER").path("sheets").get(1).path("state").asString())
                .isEqualTo("IN_FORCE");
        assertThat(saver.path("sheets").get(0).path("summary").asString())
                .isEqualTo("8 zones, 2 weight breaks up to 20 lb, size over 139, 0 surcharges");

        MvcTestResult again = readIn(NEXT_YEAR, INES, "COORDINATOR");
        assertThat(again.getResponse().getStatus()).isEqualTo(409);
        assertThat(json(again).path("detail").asString()).contains("from 2027-01-01 on already");
    }

    private JsonNode sheetsOf(String service) {
        for (JsonNode each : get("/api/v1/rate-sheets").path("services")) {
            if (each.path("service").asString().equals(service)) {
                return each;
            }
        }
        throw new AssertionError("No sheets of " + service);
    }

    @Test
    void aBadSheetIsRefusedWithRowsAndReasons() {
        MvcTestResult refused =
                readIn(NEXT_YEAR.replace("20 lb,98.00", "9 lb,98.00").replace("2027", "2028"), INES, "COORDINATOR");
        assertThat(refused.getResponse().getStatus()).isEqualTo(422);
        assertThat(json(refused).path("detail").asString()).startsWith("Row 10: The weight 9 lb does not rise");
        assertThat(readIn(NEXT_YEAR, "rufus", "PACKER").getResponse().getStatus())
                .isEqualTo(403);
    }

    /** A title that a spreadsheet would carry out is written as text, and comes back as it was. */
    @Test
    void aFormulaInATitleIsNotCarriedOutWhereTheSheetIsOpened() {
        String title = "=HYPERLINK(\"http://x.example\")";
        String sheet = new String(demoFile("rates/plover-ground-2026.csv"), StandardCharsets.UTF_8)
                .replace("surcharge,RES,Residence,", "surcharge,RES,\"" + title.replace("\"", "\"\"") + "\",");
        Tariff tariff = read(sheet);
        String written = RateSheetFile.write(tariff);
        assertThat(written).contains("\"'=HYPERLINK(").doesNotContain(",=", ",\"=");
        assertThat(read(written)).isEqualTo(tariff);
    }

    private static Tariff read(String csv) {
        CsvTable table = CsvTable.read("x", csv, CsvLimits.RATE_SHEET);
        return RateSheetFile.readOrRefuse("x", table).tariff().orElseThrow();
    }

    /** Each goes with what is here, or is refused with what it does not go with. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "PLV-SAVER|CUR-LTL|Row 1: Curlew Freight LTL is freight, and this is a sheet for parcels.",
                "PLV-SAVER|NO-SUCH|Row 1: there is no service “NO-SUCH”.",
                "currency,USD|currency,CAD|It is in CAD; offers are compared in USD.",
                "zones by,distance|fuel,NO-INDEX;zones by,distance|It names the fuel index “NO-INDEX”, which has no figure for 2027-01-01.",
            })
    void aSheetMustGoWithItsServiceCurrencyAndFuel(String good, String bad, String reason) {
        MvcTestResult refused = readIn(NEXT_YEAR.replace(good, bad.replace(';', '\n')), INES, "COORDINATOR");
        assertThat(refused).hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        assertThat(json(refused).path("detail").asString()).isEqualTo(reason);
    }

    @Test
    void aSheetNeverCountsForShipmentsThatLeft() {
        ship(weighedJob("RS-36", "Plover Saver"));
        MvcTestResult refused = readIn(NEXT_YEAR.replace("2027-01-01", "2026-12-01"), INES, "COORDINATOR");
        assertThat(refused).hasStatus(HttpStatus.CONFLICT);
        assertThat(json(refused).path("detail").asString()).startsWith("Shipments left by PLV-SAVER up to ");
    }

    @Test
    void aDayWithoutASheetIsSaidInWords() {
        clock.pass(Duration.ofDays(-400));
        JsonNode bench = newJob("T-37", "Plover Saver");
        assertThat(bench.path("offers"))
                .isNotEmpty()
                .allMatch(offer -> !offer.path("allowed").asBoolean());
        assertThat(bench.path("offers").get(0).path("objections").toString())
                .contains("There is no rate sheet for this day.");
        assertThat(bench.path("mayShip").asBoolean()).isFalse();
    }
}
