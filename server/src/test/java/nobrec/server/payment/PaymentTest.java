package nobrec.server.payment;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;
import nobrec.core.workorder.InvoiceState;
import nobrec.server.ServerTest;
import nobrec.server.connection.Connection;
import nobrec.server.connection.Connections;
import nobrec.server.connection.Credentials;
import nobrec.server.workorder.WorkOrders;
import nobrec.standins.http.Behavior;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

/** A job that must be paid first goes once the books say so, or once somebody who looks after them lets it go. */
class PaymentTest extends ServerTest {

    private static final String SECRET = "lapwing-rise";
    private static final String RULES = "/api/v1/house-rules";
    private static final String RELEASES = "/api/v1/work-orders/payment-releases";
    private static final String EVENTS = "/api/v1/events/invoices";

    @Autowired
    private InvoiceQuestions questions;

    @Autowired
    private InvoiceTurnMapper turns;

    @Autowired
    private WorkOrders workOrders;

    @Autowired
    private Connections connections;

    @BeforeEach
    void payFirst() {
        Map<String, Object> rule = Map.of(
                "name",
                "Pay first",
                "when",
                Map.of("kind", "FACT", "fact", "CUSTOMER", "test", "ONE_OF", "texts", List.of("Prepaid Ltd")),
                "acts",
                List.of(Map.of("kind", "DEMAND_PAYMENT")),
                "last",
                false,
                "enabled",
                true);
        assertThat(send(
                        "POST",
                        RULES,
                        Map.of("version", get(RULES).path("version").asInt(), "rule", rule)))
                .hasStatusOk();
    }

    @AfterEach
    void putBack() {
        get(RULES).path("rows").forEach(row -> {
            if (row.path("rule").path("name").asString().equals("Pay first")) {
                send(
                        "DELETE",
                        RULES + "/" + row.path("id").asLong() + "?version="
                                + get(RULES).path("version").asInt(),
                        Map.of());
            }
        });
        awaitTasks();
    }

    private void bring(String job) {
        drop(job + ".csv", """
                Order No,Customer,Ship To,Street,City,State,ZIP,Country,Ship Via,Item,Qty,Unit Wt lb
                %s,Prepaid Ltd,Prepaid Ltd,3 Fen Street,Madison,WI,53703,US,Plover Ground,PY-A,2,0.5
                """.formatted(job).getBytes(StandardCharsets.UTF_8));
    }

    private List<String> paymentChecks(String job) {
        return get("/api/v1/shipments?job=" + job)
                .path("checks")
                .valueStream()
                .filter(check -> check.path("subject").asString().equals("PAYMENT"))
                .map(check -> check.path("verdict").asString() + " "
                        + check.path("reason").asString())
                .toList();
    }

    private boolean isListed(String job) {
        return get("/api/v1/attention?kind=PAYMENT")
                .path("rows")
                .valueStream()
                .anyMatch(row -> row.path("job").asString().equals(job));
    }

    @Test
    void itGoesOnceTheBooksSayThatItIsPaid() {
        bring("PY-1");
        assertThat(paymentChecks("PY-1"))
                .containsExactly("STOP House rule “Pay first” demands that its invoice is paid first: nothing is known"
                        + " of it.");
        assertThat(isListed("PY-1")).isTrue();
        standIns().sources().books().keepState("PY-1", "OPEN");
        assertThat(questions.askAll()).isEmpty();
        assertThat(paymentChecks("PY-1")).singleElement().asString().endsWith("not paid yet.");
        standIns().sources().books().keepState("PY-1", "PAID");
        assertThat(questions.askAll()).isEmpty();
        assertThat(paymentChecks("PY-1")).isEmpty();
        assertThat(isListed("PY-1")).isFalse();
    }

    @Test
    void booksThatAreOutOfOrderOrSaySomethingStrangeLetNothingGo() {
        bring("PY-2");
        standIns().behave("books", Behavior.FAIL);
        assertThat(questions.askAll()).isPresent();
        assertThat(isListed("PY-2")).isTrue();
        standIns().behave("books", Behavior.NORMAL);
        standIns().sources().books().keepState("PY-2", "PAID, PERHAPS");
        assertThat(questions.askAll()).isEmpty();
        assertThat(isListed("PY-2")).isTrue();
    }

    @Test
    void whoLooksAfterTheBooksMayLetItGoUnpaid() {
        bring("PY-3");
        Map<String, Object> jobs = Map.of("jobs", List.of("PY-3"));
        assertThat(send("POST", RELEASES, jobs, "rufus", "PACKER")).hasStatus(HttpStatus.FORBIDDEN);
        assertThat(isListed("PY-3")).isTrue();
        assertThat(send("POST", RELEASES, jobs, "odette", "BOOKKEEPER")).hasStatusOk();
        assertThat(isListed("PY-3")).isFalse();
    }

    @Test
    void anAnswerThatComesLateTakesNoReleaseBack() {
        bring("PY-4");
        send("POST", RELEASES, Map.of("jobs", List.of("PY-4")), "odette", "BOOKKEEPER");
        workOrders.keepInvoiceState("PY-4", InvoiceState.OPEN, "by itself");
        assertThat(isListed("PY-4")).isFalse();
        assertThat(paymentChecks("PY-4")).isEmpty();
    }

    @Test
    void booksThatCallWhileTheyAreAskedAreAskedAgainAtOnce() {
        Instant taken = Instant.parse("2098-01-01T00:00:00Z");
        database.update("UPDATE invoice_turn SET next_at = '2098-01-01'");
        questions.askSoon();
        turns.ended(taken, Instant.parse("2099-01-01T00:00:00Z"), 0, "");
        assertThat(database.queryForObject("SELECT YEAR(next_at) FROM invoice_turn", Integer.class))
                .isLessThan(2098);
    }

    /** The signature by RFC 2104, made here by hand of the platform's own HMAC. */
    @Test
    void theBooksCallToSayThatSomethingChangedAndOnlyTheyMay() throws Exception {
        Connection before = connections.to(Connections.BOOKS);
        assertThat(event("{}", "00")).hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        connections.keep(new Connection(
                before.code(),
                before.name(),
                before.adapter(),
                before.address(),
                Duration.ofSeconds(3),
                Optional.of(new Credentials("", SECRET))));
        database.update("UPDATE invoice_turn SET next_at = '2099-01-01'");
        try {
            Mac mac = Mac.getInstance("HmacSHA256");
            mac.init(new SecretKeySpec(SECRET.getBytes(StandardCharsets.UTF_8), "HmacSHA256"));
            String body = "{\"orders\":[\"PY-9\"]}";
            String signature = HexFormat.of().formatHex(mac.doFinal(body.getBytes(StandardCharsets.UTF_8)));
            assertThat(event(body + " ", signature)).hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
            assertThat(database.queryForObject("SELECT YEAR(next_at) FROM invoice_turn", Integer.class))
                    .isEqualTo(2099);
            assertThat(event(body, signature)).hasStatus(HttpStatus.ACCEPTED);
            assertThat(database.queryForObject("SELECT YEAR(next_at) FROM invoice_turn", Integer.class))
                    .isLessThan(2099);
        } finally {
            connections.keep(before);
        }
    }

    private MvcTestResult event(String body, String signature) {
        return mvc.post()
                .uri(URI.create(EVENTS))
                .contentType(MediaType.APPLICATION_JSON)
                .header("Nobrec-Signature", signature)
                .content(body)
                .exchange();
    }
}
