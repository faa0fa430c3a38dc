package nobrec.standins;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpTimeoutException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import nobrec.standins.http.Behavior;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class StandInsTest {

    private static final String CONSIGNMENT = """
            {"service":"DUN-TWO","shipDate":"2026-12-01","reference":"%s",
             "to":{"name":"Pellworth","street":"2200 Foundry Park","city":"Tucson","state":"AZ",
                   "postalCode":"85701","phone":"%s"},
             "packages":[{"number":1,"weightGrams":1760.0},{"number":2,"weightGrams":900.5}]}
            """;
    private static final String FREIGHT =
            "{\"description\":\"Freight\",\"amount\":\"47.93\",\"tracking\":\"DX1\",\"shipDate\":\"2026-12-01\"}";

    @TempDir
    private Path folder;

    private final HttpClient http = HttpClient.newHttpClient();
    private StandIns standIns;

    @BeforeEach
    void start() throws IOException {
        Files.writeString(
                folder.resolve("records.json"),
                "{\"orders\":[{\"number\":\"2417\",\"customer\":\"Pell & <Worth>\",\"invoice\":\"INV-1\"}]}");
        restart();
    }

    @AfterEach
    void stop() {
        standIns.close();
    }

    private void restart() {
        if (standIns != null) {
            standIns.close();
        }
        standIns = StandIns.start(new StandIns.Settings(0, 0, folder.resolve("data"), folder.resolve("records.json")));
    }

    private HttpResponse<String> send(String method, String path, String key, String body) throws Exception {
        return http.send(
                HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + standIns.httpPort() + path))
                        .timeout(Duration.ofSeconds(3))
                        .header("Idempotency-Key", key)
                        .method(method, HttpRequest.BodyPublishers.ofString(body))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
    }

    private String page(String path) throws Exception {
        return send("GET", path, "", "").body();
    }

    @Test
    void aCarrierGivesEachPackageANumberOnceForEachKey() throws Exception {
        HttpResponse<String> first = send("POST", "/dunlin/consignments", "k1", CONSIGNMENT.formatted("2417", "+1520"));
        HttpResponse<String> again = send("POST", "/dunlin/consignments", "k1", CONSIGNMENT.formatted("2417", "+1520"));
        HttpResponse<String> other = send("POST", "/dunlin/consignments", "k2", CONSIGNMENT.formatted("2418", "+1520"));
        assertThat(first.statusCode()).isEqualTo(201);
        assertThat(again.body()).isEqualTo(first.body());
        assertThat(first.body()).contains("DX900417000009", "DX900417000016");
        assertThat(other.body()).contains("DX900417000023");
        assertThat(send("GET", "/dunlin/consignments/k1", "", "").body()).isEqualTo(first.body());
        assertThat(send("GET", "/dunlin/consignments/k9", "", "").statusCode()).isEqualTo(404);
    }

    @Test
    void whatWasTakenIsStillThereAfterARestart() throws Exception {
        String first = send("POST", "/godwit/consignments", "k1", CONSIGNMENT.formatted("2417", ""))
                .body();
        assertThat(first).contains("GP41700000", "US");
        restart();
        assertThat(send("POST", "/godwit/consignments", "k1", CONSIGNMENT.formatted("2417", ""))
                        .body())
                .isEqualTo(first);
    }

    @Test
    void aCarrierRefusesWhatItCannotCarry() throws Exception {
        HttpResponse<String> noPhone = send("POST", "/dunlin/consignments", "k1", CONSIGNMENT.formatted("2417", ""));
        assertThat(noPhone.statusCode()).isEqualTo(422);
        assertThat(noPhone.body()).contains("the receiver's phone number");
        assertThat(send("POST", "/plover/consignments", "", CONSIGNMENT.formatted("2417", ""))
                        .statusCode())
                .as("no key")
                .isEqualTo(422);
        assertThat(send("POST", "/plover/consignments", "k1", "{}").statusCode())
                .isEqualTo(422);
    }

    @Test
    void theBooksTakeAFreightLineOnceAndOnlyForInvoicesTheyKnow() throws Exception {
        assertThat(send("POST", "/books/invoices/2417/freight", "k1", FREIGHT).body())
                .contains("INV-1");
        assertThat(send("POST", "/books/invoices/2417/freight", "k1", FREIGHT).statusCode())
                .isEqualTo(201);
        assertThat(page("/books/freight").split("47.93", -1)).hasSize(2);
        assertThat(send("POST", "/books/invoices/9999/freight", "k2", FREIGHT).body())
                .contains("Work order 9999 is not known here.");
    }

    @ParameterizedTest
    @ValueSource(strings = {"43.00", "43", "forty", "-43.01"})
    void theJournalRefusesWhatDoesNotBalance(String credit) throws Exception {
        String entry = """
                {"date":"2026-12-01","description":"Freight","lines":[
                 {"account":"5210","side":"DEBIT","amount":"43.01"},
                 {"account":"2150","side":"CREDIT","amount":"%s"}]}
                """;
        assertThat(send("POST", "/books/journal", "k1", entry.formatted(credit)).statusCode())
                .isEqualTo(422);
        assertThat(send("POST", "/books/journal", "k1", entry.formatted("43.01"))
                        .statusCode())
                .isEqualTo(201);
        assertThat(page("/books")).contains("5210").contains("43.01");
    }

    @Test
    void theOrderDeskShowsWhatItWasTold() throws Exception {
        assertThat(page("/orderdesk")).contains("in the shop");
        String report =
                "{\"status\":\"shipped\",\"carrier\":\"<b>Dunlin</b>\",\"service\":\"Two\",\"tracking\":\"DX1\"}";
        assertThat(send("PUT", "/orderdesk/orders/2417/shipping", "k1", report).statusCode())
                .isEqualTo(200);
        assertThat(page("/orderdesk"))
                .contains("shipped", "Pell &amp; &lt;Worth&gt;", "&lt;b&gt;Dunlin")
                .doesNotContain("<b>Dunlin");
    }

    @Test
    void eachPageSaysThatItIsAStandIn() throws Exception {
        for (String path : new String[] {
            "/", "/plover", "/dunlin", "/godwit", "/curlew", "/whimbrel", "/books", "/orderdesk", "/scale"
        }) {
            assertThat(page(path)).contains("for demonstration and tests: nothing here is real");
        }
        assertThat(send("GET", "/nowhere", "", "").statusCode()).isEqualTo(404);
    }

    @Test
    void outOfOrderItDoesNothing() throws Exception {
        standIns.behave("plover", Behavior.FAIL);
        assertThat(send("POST", "/plover/consignments", "k1", CONSIGNMENT.formatted("2417", ""))
                        .statusCode())
                .isEqualTo(503);
        standIns.behave("plover", Behavior.NORMAL);
        assertThat(send("GET", "/plover/consignments/k1", "", "").statusCode()).isEqualTo(404);
    }

    @Test
    void aLostAnswerIsLostAfterTheWorkWasDone() throws Exception {
        standIns.behave("plover", Behavior.LOSE_ANSWER);
        assertThatThrownBy(() -> send("POST", "/plover/consignments", "k1", CONSIGNMENT.formatted("2417", "")))
                .isInstanceOf(IOException.class);
        standIns.behave("plover", Behavior.NORMAL);
        assertThat(send("GET", "/plover/consignments/k1", "", "").body()).contains("PV900417000009");
    }

    @Test
    void aLateAnswerComesWhenTheCallerHasGivenUp() throws Exception {
        standIns.behave("plover", Behavior.LATE);
        assertThatThrownBy(() -> send("POST", "/plover/consignments", "k1", CONSIGNMENT.formatted("2417", "")))
                .isInstanceOf(HttpTimeoutException.class);
        standIns.behave("plover", Behavior.NORMAL);
        assertThat(send("GET", "/plover/consignments/k1", "", "").statusCode()).isEqualTo(200);
    }

    @Test
    void itsPageTellsItHowToBehave() throws Exception {
        assertThat(send("POST", "/books/behavior", "", "behavior=FAIL").statusCode())
                .isEqualTo(303);
        assertThat(page("/")).contains("fails with 503");
        assertThat(send("POST", "/books/behavior", "", "behavior=DANCE").statusCode())
                .isEqualTo(422);
    }
}
