package nobrec.server.orderfile;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import nobrec.server.ServerTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.http.HttpStatus;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.MissingNode;

class CsvImportTest extends ServerTest {

    private static final String HEADING =
            "Order No,Customer,Cust PO,Ship To,Attn,Street,Street 2,City,State,ZIP,Country,Phone,E-mail,Promise,Ship Via,"
                    + "Freight,Item,Description,Qty,Unit Wt lb,Unit Size in";

    private static String order(String number, String customer) {
        return number + "," + customer + ",,Works,,1 Road,,Madison,WI,53703,US,,,,,,X,Thing,1,1,";
    }

    private JsonNode run(MvcTestResult result) {
        assertThat(result).hasStatusOk();
        return json(result).path("run");
    }

    private static byte[] file(Charset charset, String... lines) {
        return String.join("\r\n", lines).getBytes(charset);
    }

    @Test
    void theDemosFileGoesInOnceWithTheTwoFaultyOrdersNamed() {
        JsonNode first = run(drop("orders-tuesday.csv", demoFile("orders-tuesday.csv")));
        assertThat(first.path("taken").asInt() + first.path("recognized").asInt())
                .isEqualTo(10);
        assertThat(first.path("leftOut").asInt()).isEqualTo(2);
        List<String> faults = new ArrayList<>();
        first.path("faults")
                .forEach(fault -> faults.add(
                        fault.path("row").asInt() + " " + fault.path("column").asString() + " "
                                + fault.path("value").asString()));
        assertThat(faults).containsExactly("8 Promise 12/32/2026", "13 Qty 1o");
        JsonNode second = run(drop("orders-tuesday.csv", demoFile("orders-tuesday.csv")));
        assertThat(second.path("taken").asInt()).isZero();
        assertThat(second.path("recognized").asInt()).isEqualTo(10);
    }

    /** Files come in one after the other; the same twice goes in once. */
    @Test
    void theSameFileTwiceAtOnceGoesInOnce() {
        String[] lines = Stream.concat(
                        Stream.of(HEADING),
                        IntStream.range(0, 3_000).mapToObj(number -> order("TW-" + number, "Lowmoor")))
                .toArray(String[]::new);
        byte[] file = file(StandardCharsets.UTF_8, lines);
        List<Long> both = Stream.generate(() -> CompletableFuture.supplyAsync(() -> dropOnly("twice.csv", file)))
                .limit(2)
                .toList()
                .stream()
                .map(CompletableFuture::join)
                .map(each -> json(each).path("run").path("id").asLong())
                .toList();
        awaitTasks();
        List<JsonNode> runs = both.stream()
                .map(id -> get("/api/v1/imports/" + id).path("run"))
                .toList();
        assertThat(runs.stream().mapToInt(run -> run.path("taken").asInt()).sum())
                .isEqualTo(3_000);
        assertThat(runs.stream().mapToInt(run -> run.path("recognized").asInt()).sum())
                .isEqualTo(3_000);
    }

    /** RFC 4180: quoting, embedded line breaks, doubled quotes; and what spreadsheets write besides. */
    @Test
    void readsWhatSpreadsheetsWrite() {
        JsonNode quoted = run(
                drop(
                        "quoted.csv",
                        file(
                                StandardCharsets.UTF_8,
                                "\uFEFF" + HEADING,
                                "C-1,\"Bolt, Nut & \"\"Sons\"\"\",,\"Works\r\nDock 2\",,1 Road,,Madison,WI,53703,US,,,,,,X,Thing,1,1,")));
        assertThat(quoted.path("taken").asInt()).isEqualTo(1);
        assertThat(get("/api/v1/work-orders?text=C-1")
                        .path("rows")
                        .get(0)
                        .path("customer")
                        .asString())
                .isEqualTo("Bolt, Nut & \"Sons\"");
        JsonNode semicolons = run(drop(
                "semicolons.csv",
                file(
                        Charset.forName("windows-1252"),
                        HEADING.replace(',', ';'),
                        order("C-2", "Müller & Søn").replace(',', ';'))));
        assertThat(semicolons.path("taken").asInt()).isEqualTo(1);
        assertThat(get("/api/v1/work-orders?text=C-2")
                        .path("rows")
                        .get(0)
                        .path("customer")
                        .asString())
                .isEqualTo("Müller & Søn");
    }

    @Test
    void whatIsNoFileOfRowsIsRefusedAndAnUnknownHeadingWaitsForItsLayout() {
        assertThat(drop("empty.csv", new byte[0])).hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        assertThat(drop("heading.csv", file(StandardCharsets.UTF_8, HEADING)))
                .hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        JsonNode waits = run(drop("other.csv", file(StandardCharsets.UTF_8, "Name,Job", "x,1")));
        assertThat(waits.path("state").asString()).isEqualTo("NEEDS_LAYOUT");
        assertThat(send("DELETE", "/api/v1/imports/" + waits.path("id").asLong(), null))
                .hasStatusOk();
    }

    /** Nothing of a file goes in whose quotes do not close: nobody can say which rows are swallowed. */
    @ParameterizedTest
    @ValueSource(strings = {"\"never closed", "\"closed\" too early"})
    void aQuoteThatDoesNotCloseRefusesTheFileByItsRow(String cell) {
        List<String> rows = new ArrayList<>(List.of(HEADING));
        for (int each = 1; each <= 8; each++) {
            rows.add(order("Q-" + each, each == 3 ? cell : "Customer"));
        }
        MvcTestResult refused = drop("quotes.csv", String.join("\n", rows).getBytes(StandardCharsets.UTF_8));
        assertThat(refused).hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        assertThat(json(refused).path("detail").asString()).startsWith("Row 4: a ");
        assertThat(get("/api/v1/work-orders?text=Q-").path("rows")).isEmpty();
    }

    @Test
    void aFileMayBeInUtf16OrHaveAByteOrderMark() {
        String text = HEADING + "\n" + order("UTF-1", "Grün") + "\n";
        assertThat(run(drop("le.csv", ("\uFEFF" + text).getBytes(StandardCharsets.UTF_16LE)))
                        .path("taken")
                        .asInt())
                .isEqualTo(1);
        assertThat(run(drop("be.csv", text.replace("UTF-1", "UTF-2").getBytes(StandardCharsets.UTF_16BE)))
                        .path("taken")
                        .asInt())
                .isEqualTo(1);
        assertThat(run(drop(
                                "u8.csv",
                                ("\uFEFF" + text).replace("UTF-1", "UTF-3").getBytes(StandardCharsets.UTF_8)))
                        .path("taken")
                        .asInt())
                .isEqualTo(1);
        assertThat(drop("book.csv", new byte[] {'P', 'K', 3, 4, 0, 0, 1})).hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
    }

    @Test
    void aHundredThousandRowsAreTakenAndOneMoreIsNot() {
        String rows = (order("", "No number") + "\n").repeat(100_000);
        assertThat(run(drop("most.csv", (HEADING + "\n" + rows).getBytes(StandardCharsets.UTF_8)))
                        .path("faultsInAll")
                        .asInt())
                .isEqualTo(100_000);
        assertThat(drop("more.csv", (HEADING + "\n" + rows + order("", "x")).getBytes(StandardCharsets.UTF_8)))
                .hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
    }

    @Test
    void cellsWithoutEndAreRefused() {
        assertThat(drop("commas.csv", ",".repeat(9_000_000).getBytes(StandardCharsets.UTF_8)))
                .hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        assertThat(drop(
                        "long.csv",
                        (HEADING + "\n" + order("L-1", "x".repeat(5_000))).getBytes(StandardCharsets.UTF_8)))
                .hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        JsonNode run = run(drop(
                "number.csv", (HEADING + "\n" + order("9".repeat(121), "A")).getBytes(StandardCharsets.UTF_8)));
        assertThat(run.path("taken").asInt()).isZero();
        assertThat(run.path("faults").get(0).path("reason").asString()).startsWith("The text has 121 characters.");
    }

    @Test
    void numbersThatDifferByCaseAreTwoJobsAndEachIsFound() {
        run(drop("case.csv", file(StandardCharsets.UTF_8, HEADING, order("k-1", "Small"), order("K-1", "Great"))));
        assertThat(get("/api/v1/find?text=k-1").path("address").asString()).endsWith("k-1");
        assertThat(get("/api/v1/find?text=K-1").path("address").asString()).endsWith("K-1");
        assertThat(get("/api/v1/work-orders?number=k-1").path("rows")).hasSize(2);
    }

    /** They are said until the work order came in, or somebody is done with them, whatever comes in meanwhile. */
    @Test
    void faultsStayUntilTheyAreSettled() {
        run(drop(
                "faulty.csv",
                file(StandardCharsets.UTF_8, HEADING, order("S-1", "x".repeat(200)), order("S-2", "y".repeat(200)))));
        run(drop("good.csv", file(StandardCharsets.UTF_8, HEADING, order("S-3", "Good"))));
        assertThat(stuck("faulty.csv").path("thing").asString()).isEqualTo("2 work orders of faulty.csv");
        run(drop("again.csv", file(StandardCharsets.UTF_8, HEADING, order("S-1", "Good"))));
        assertThat(stuck("faulty.csv").path("thing").asString()).isEqualTo("One work order of faulty.csv");
        String id = stuck("faulty.csv").path("address").asString().replaceAll("\\D", "");
        assertThat(send("POST", "/api/v1/imports/" + id + "/settled", null, "rufus", "PACKER"))
                .hasStatus(HttpStatus.FORBIDDEN);
        assertThat(send("POST", "/api/v1/imports/" + id + "/settled", null)).hasStatusOk();
        assertThat(stuck("faulty.csv").isMissingNode()).isTrue();
    }

    /** The line on Departures that names a file. */
    private JsonNode stuck(String file) {
        for (JsonNode each : get("/api/v1/departures").path("stuck")) {
            if (each.path("thing").asString().endsWith(file)) {
                return each;
            }
        }
        return MissingNode.getInstance();
    }
}
