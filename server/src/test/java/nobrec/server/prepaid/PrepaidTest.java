package nobrec.server.prepaid;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.math.BigDecimal;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import nobrec.server.ServerTest;
import nobrec.server.platform.outbox.OutboxWorker;
import nobrec.standins.http.Behavior;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpStatus;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;

/** What an account holds is the carrier's figure; what is paid in is paid once; what it does not cover does not go. */
class PrepaidTest extends ServerTest {

    private static final String GODWIT = "/api/v1/prepaid-accounts/GODWIT";

    @Autowired
    private OutboxWorker worker;

    @AfterEach
    void enoughForOthers() throws Exception {
        holds("20000.00");
    }

    private static void holds(String balance) throws IOException, InterruptedException {
        HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(
                                        "http://127.0.0.1:" + standIns().httpPort() + "/godwit/account/set"))
                                .POST(HttpRequest.BodyPublishers.ofString("balance=" + balance))
                                .build(),
                        HttpResponse.BodyHandlers.discarding());
    }

    private MvcTestResult payIn(String amount) {
        return send("POST", GODWIT + "/payments", Map.of("amount", amount));
    }

    private JsonNode account() {
        return json(send("POST", GODWIT + "/balance", Map.of())).path("rows").get(0);
    }

    private static BigDecimal balance(JsonNode account) {
        return account.path("balance").path("amount").asDecimal();
    }

    @Test
    void aRunSaysWhatIsMissingAndPayingInLetsItGo() throws Exception {
        List<String> jobs = List.of("PA-1", "PA-2");
        jobs.forEach(job -> bringIn(job, "Godwit Parcel"));
        holds("12.00");
        account();
        long id = json(send("POST", "/api/v1/runs", Map.of("jobs", jobs)))
                .path("id")
                .asLong();
        awaitTasks();
        JsonNode run = json(send("POST", "/api/v1/runs/" + id + "/changes", Map.of("jobs", jobs, "weight", "3.1")));
        JsonNode prepaid = run.path("prepaid").get(0);
        BigDecimal needed = prepaid.path("needed").path("amount").asDecimal();
        assertThat(needed)
                .isEqualByComparingTo(
                        run.path("totals").path("cost").path("amount").asDecimal());
        assertThat(prepaid.path("balance").path("amount").asString()).isEqualTo("12.00");
        assertThat(prepaid.path("missing").path("amount").asDecimal())
                .isEqualByComparingTo(needed.subtract(new BigDecimal("12.00")));

        send("POST", "/api/v1/runs/" + id + "/start", Map.of());
        awaitTasks();
        JsonNode tried = get("/api/v1/runs/" + id);
        assertThat(tried.path("rows").valueStream().map(row -> row.path("state").asString()))
                .contains("FAILED");
        assertThat(tried.toString()).contains("pay in first");

        assertThat(json(payIn("$1,000.00"))
                        .path("rows")
                        .get(0)
                        .path("payments")
                        .get(0)
                        .path("state")
                        .asString())
                .isEqualTo("PAID_IN");
        send("POST", "/api/v1/runs/" + id + "/looks", Map.of("jobs", jobs));
        send("POST", "/api/v1/runs/" + id + "/start", Map.of());
        awaitTasks();
        assertThat(get("/api/v1/runs/" + id).path("totals").path("shipped").asInt())
                .isEqualTo(2);
        assertThat(balance(account())).isLessThan(new BigDecimal("1012.00")).isPositive();
    }

    /** Whatever becomes of the answer: the amount arrives once. */
    @ParameterizedTest
    @EnumSource(
            value = Behavior.class,
            names = {"FAIL", "LOSE_ANSWER", "DELIVERED_LATE", "HALF_ANSWER", "WRONG_KEY", "NOT_JSON", "TOO_MANY"})
    void itIsPaidOnce(Behavior behavior) throws Exception {
        holds("100.00");
        standIns().behave("godwit", behavior);
        JsonNode asked = json(payIn("50.00")).path("rows").get(0);
        assertThat(asked.path("payments").get(0).path("state").asString()).isEqualTo("ASKED");
        assertThat(payIn("50.00")).as("once more at once").hasStatus(HttpStatus.CONFLICT);
        allAnswerAgain();
        clock.pass(Duration.ofMinutes(6));
        worker.run();
        Awaitility.await().atMost(Duration.ofSeconds(20)).untilAsserted(() -> {
            worker.run();
            assertThat(account().path("payments").get(0).path("state").asString())
                    .isEqualTo("PAID_IN");
        });
        assertThat(balance(account())).isEqualByComparingTo("150.00");
    }

    @Test
    void aCarrierThatGivesNoBalanceLeavesTheLastOneWithWhy() throws Exception {
        holds("77.70");
        assertThat(balance(account())).isEqualByComparingTo("77.70");
        standIns().behave("godwit", Behavior.FAIL);
        JsonNode account = account();
        assertThat(balance(account)).isEqualByComparingTo("77.70");
        assertThat(account.path("said").asString()).isNotEmpty();
        allAnswerAgain();
        assertThat(account().path("said").asString()).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "0", "-5", "1e9", "12.345", "ten", "99999999.00"})
    void amountsThatAreNoneAreRefused(String amount) {
        assertThat(payIn(amount)).hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
    }

    @Test
    void whoMayPayIn() {
        assertThat(send("POST", GODWIT + "/payments", Map.of("amount", "5"), "rufus", "PACKER"))
                .hasStatus(HttpStatus.FORBIDDEN);
        assertThat(send("POST", "/api/v1/prepaid-accounts/PLOVER/payments", Map.of("amount", "5")))
                .as("one that sends a bill")
                .hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        assertThat(send("POST", "/api/v1/prepaid-accounts/NOBODY/payments", Map.of("amount", "5")))
                .hasStatus(HttpStatus.NOT_FOUND);
    }
}
