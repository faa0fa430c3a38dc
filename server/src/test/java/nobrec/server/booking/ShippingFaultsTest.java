package nobrec.server.booking;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.Map;
import java.util.UUID;
import nobrec.server.ServerTest;
import nobrec.server.platform.outbox.OutboxWorker;
import nobrec.standins.http.Behavior;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpStatus;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;

/** The carrier fails half way, each time at another point; the shipment is bought once and only once all the same. */
class ShippingFaultsTest extends ServerTest {

    @Autowired
    private OutboxWorker worker;

    @Autowired
    private ShippingIntents intents;

    private JsonNode afterTheSweep(String job) {
        standIns().behave("godwit", Behavior.NORMAL);
        clock.pass(Duration.ofMinutes(6));
        worker.run();
        return get("/api/v1/shipments?job=" + job);
    }

    @ParameterizedTest
    @EnumSource(
            mode = EnumSource.Mode.EXCLUDE,
            names = {"NORMAL", "SLOW", "LATIN_1", "ANY"})
    void isFinishedByTheSweepUnderTheSameKey(Behavior behavior) {
        String job = "SF-" + behavior;
        JsonNode bench = weighedJob(job, "Godwit Parcel");
        standIns().behave("godwit", behavior);
        JsonNode waiting = json(ship(bench));
        assertThat(waiting.path("state").asString()).isEqualTo("SHIPPING");
        assertThat(waiting.path("waitingFor").asString()).contains("asked again by itself");
        assertThat(get("/api/v1/departures").path("stuck"))
                .anyMatch(thing -> thing.path("thing").asString().equals("Job " + job));
        MvcTestResult meanwhile = ship(bench, "tobin");
        assertThat(meanwhile).hasStatus(HttpStatus.CONFLICT);
        JsonNode shipped = afterTheSweep(job);
        assertThat(shipped.path("state").asString()).isEqualTo("SHIPPED");
        assertThat(shipped.path("papers")).hasSize(2);
        assertThat(Consignments.count(standIns().httpPort(), "godwit", job)).isEqualTo(1);
    }

    /** The carrier has it, and then says of the look-up what is not certain: it is not sent under another key. */
    @ParameterizedTest
    @EnumSource(
            names = {
                "UNAUTHORIZED",
                "TIMED_OUT",
                "CONFLICT",
                "TOO_EARLY",
                "TOO_MANY",
                "REDIRECT",
                "NO_CONTENT",
                "NOT_JSON",
                "PROXY_REFUSAL",
                "PROXY_NOT_FOUND",
                "WRONG_KEY",
                "SAME_NUMBER"
            })
    void aLookUpThatIsNotCertainLeavesItOpen(Behavior behavior) {
        String job = "SL-" + behavior;
        JsonNode bench = weighedJob(job, "Godwit Parcel");
        standIns().behave("godwit", Behavior.LOSE_ANSWER);
        ship(bench);
        standIns().behave("godwit", behavior);
        clock.pass(Duration.ofMinutes(6));
        worker.run();
        assertThat(get("/api/v1/shipments?job=" + job).path("state").asString()).isEqualTo("SHIPPING");
        assertThat(afterTheSweep(job).path("state").asString()).isEqualTo("SHIPPED");
        assertThat(Consignments.count(standIns().httpPort(), "godwit", job)).isEqualTo(1);
    }

    /** The first request comes to the carrier after it has refused the second one under the same key. */
    @Test
    void aRequestThatIsDeliveredAfterItsRefusalStaysRefused() throws Exception {
        String key = UUID.randomUUID().toString();
        String body = "{\"service\":\"GODWIT_PARCEL\",\"packages\":[]}";
        assertThat(post(key, body)).isEqualTo(422);
        String right = "{\"service\":\"x\",\"to\":{\"street\":\"1 Road\",\"postalCode\":\"98101\"},"
                + "\"packages\":[{\"number\":1,\"weightGrams\":1}]}";
        assertThat(post(key, right)).isEqualTo(422);
        assertThat(post(UUID.randomUUID().toString(), right)).isEqualTo(201);
    }

    private static int post(String key, String body) throws Exception {
        return HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(
                                        "http://127.0.0.1:" + standIns().httpPort() + "/godwit/consignments"))
                                .header("Idempotency-Key", key)
                                .POST(HttpRequest.BodyPublishers.ofString(body))
                                .build(),
                        HttpResponse.BodyHandlers.discarding())
                .statusCode();
    }

    /** The clock was a day ahead when the time of the next try was written. */
    @Test
    void aDueTimeOfAClockThatWasAheadIsDueNow() {
        JsonNode bench = weighedJob("T-26", "Godwit Parcel");
        standIns().behave("godwit", Behavior.FAIL);
        clock.pass(Duration.ofDays(1));
        ship(json(send(
                "PUT", "/api/v1/shipments/" + bench.path("id").asLong() + "/packages/1/weight", Map.of("text", "3"))));
        clock.reset();
        standIns().behave("godwit", Behavior.NORMAL);
        worker.run();
        assertThat(get("/api/v1/shipments?job=T-26").path("state").asString()).isEqualTo("SHIPPED");
    }

    @Test
    void slowIsNotTooSlowWhenTheAnswerStillComes() {
        JsonNode bench = weighedJob("T-23", "Godwit Parcel");
        standIns().behave("godwit", Behavior.SLOW);
        ship(bench);
        assertThat(afterTheSweep("T-23").path("state").asString()).isEqualTo("SHIPPED");
        assertThat(Consignments.count(standIns().httpPort(), "godwit", "T-23")).isEqualTo(1);
    }

    /** The server died between storing the intent and calling the carrier. */
    @Test
    void anIntentThatWasNeverSentIsSentByTheSweep() {
        JsonNode bench = weighedJob("T-24", "Godwit Parcel");
        intents.begin(
                bench.path("id").asLong(),
                new Shipping.Seen(
                        chosen(bench).path("service").asString(),
                        chosen(bench).path("total").path("amount").asString()),
                INES);
        assertThat(Consignments.count(standIns().httpPort(), "godwit", "T-24")).isZero();
        assertThat(afterTheSweep("T-24").path("state").asString()).isEqualTo("SHIPPED");
        worker.run();
        assertThat(Consignments.count(standIns().httpPort(), "godwit", "T-24")).isEqualTo(1);
    }

    @Test
    void pausesGrow() {
        JsonNode bench = weighedJob("T-25", "Godwit Parcel");
        standIns().behave("godwit", Behavior.FAIL);
        ship(bench);
        worker.run();
        assertThat(get("/api/v1/shipments?job=T-25").path("state").asString()).isEqualTo("SHIPPING");
        assertThat(afterTheSweep("T-25").path("state").asString()).isEqualTo("SHIPPED");
    }
}
