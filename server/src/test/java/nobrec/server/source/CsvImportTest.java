package nobrec.server.source;

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
import org.springframework.http.HttpStatus;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;

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
        assertThat(first.path("taken").asInt() + first.path("recognised").asInt())
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
        assertThat(second.path("recognised").asInt()).isEqualTo(10);
    }

    /** The second of two at one moment is told at once, and nothing of it is half in. */
    @Test
    void theSameFileTwiceAtOnceGoesInOnce() {
        String[] lines = Stream.concat(
                        Stream.of(HEADING),
                        IntStream.range(0, 3_000).mapToObj(number -> order("TW-" + number, "Lowmoor")))
                .toArray(String[]::new);
        byte[] file = file(StandardCharsets.UTF_8, lines);
        List<MvcTestResult> both =
                Stream.generate(() -> CompletableFuture.supplyAsync(() -> drop("twice.csv", file)))
                        .limit(2)
                        .toList()
                        .stream()
                        .map(CompletableFuture::join)
                        .toList();
        List<Integer> answers = both.stream()
                .map(each -> each.getResponse().getStatus())
                .sorted()
                .toList();
        assertThat(answers).isIn(List.of(200, 409), List.of(200, 200));
        int taken = 0;
        for (MvcTestResult each : both) {
            if (each.getResponse().getStatus() == 200) {
                taken += json(each).path("run").path("taken").asInt();
            } else {
                assertThat(json(each).path("detail").asString()).isEqualTo("Another file is coming in at this moment.");
            }
        }
        assertThat(taken).isEqualTo(3_000);
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
        assertThat(get("/api/work-orders?text=C-1")
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
        assertThat(get("/api/work-orders?text=C-2")
                        .path("rows")
                        .get(0)
                        .path("customer")
                        .asString())
                .isEqualTo("Müller & Søn");
    }

    @Test
    void whatIsNoFileOfWorkOrdersIsRefusedWithTheCure() {
        MvcTestResult other = drop("other.csv", file(StandardCharsets.UTF_8, "Name,Order No", "x,1"));
        assertThat(other).hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        assertThat(json(other).path("detail").asString()).contains("lacks the columns Customer, Cust PO");
        assertThat(drop("empty.csv", new byte[0])).hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        JsonNode open = run(drop("open.csv", file(StandardCharsets.UTF_8, HEADING, "\"never closed,A,,B")));
        assertThat(open.path("taken").asInt()).isZero();
        assertThat(open.path("faults").get(0).path("row").asInt()).isEqualTo(2);
    }
}
