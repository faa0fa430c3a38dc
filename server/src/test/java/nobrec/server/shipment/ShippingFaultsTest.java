package nobrec.server.shipment;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import nobrec.server.ServerTest;
import nobrec.standins.http.Behaviour;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpStatus;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;

/** The carrier fails half way, each time at another point; the shipment is bought once and only once all the same. */
class ShippingFaultsTest extends ServerTest {

    @Autowired
    private BookingSweep sweep;

    @Autowired
    private ShippingIntents intents;

    private JsonNode afterTheSweep(String job) {
        standIns().behave("godwit", Behaviour.NORMAL);
        clock.pass(Duration.ofMinutes(6));
        sweep.run();
        return get("/api/shipments?job=" + job);
    }

    @ParameterizedTest
    @CsvSource({"FAIL, T-20", "LATE, T-21", "LOSE_ANSWER, T-22"})
    void isFinishedByTheSweepUnderTheSameKey(Behaviour behaviour, String job) {
        JsonNode bench = weighedJob(job, "Godwit Parcel");
        standIns().behave("godwit", behaviour);
        JsonNode waiting = json(ship(bench));
        assertThat(waiting.path("state").asString()).isEqualTo("SHIPPING");
        assertThat(waiting.path("waitingFor").asString()).contains("asked again by itself");
        assertThat(get("/api/departures").path("stuck"))
                .anyMatch(thing -> thing.path("thing").asString().equals("Job " + job));
        MvcTestResult meanwhile = ship(bench, "tobin");
        assertThat(meanwhile).hasStatus(HttpStatus.CONFLICT);
        JsonNode shipped = afterTheSweep(job);
        assertThat(shipped.path("state").asString()).isEqualTo("SHIPPED");
        assertThat(shipped.path("papers")).hasSize(2);
        assertThat(Consignments.count(standIns().httpPort(), "godwit", job)).isEqualTo(1);
    }

    @Test
    void slowIsNotTooSlowWhenTheAnswerStillComes() {
        JsonNode bench = weighedJob("T-23", "Godwit Parcel");
        standIns().behave("godwit", Behaviour.SLOW);
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
                        chosen(bench).path("total").asString()),
                INES);
        assertThat(Consignments.count(standIns().httpPort(), "godwit", "T-24")).isZero();
        assertThat(afterTheSweep("T-24").path("state").asString()).isEqualTo("SHIPPED");
        sweep.run();
        assertThat(Consignments.count(standIns().httpPort(), "godwit", "T-24")).isEqualTo(1);
    }

    @Test
    void pausesGrow() {
        JsonNode bench = weighedJob("T-25", "Godwit Parcel");
        standIns().behave("godwit", Behaviour.FAIL);
        ship(bench);
        sweep.run();
        assertThat(get("/api/shipments?job=T-25").path("state").asString()).isEqualTo("SHIPPING");
        assertThat(afterTheSweep("T-25").path("state").asString()).isEqualTo("SHIPPED");
    }
}
