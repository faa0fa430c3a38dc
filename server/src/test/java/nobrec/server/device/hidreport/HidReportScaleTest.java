package nobrec.server.device.hidreport;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.net.URI;
import java.time.Duration;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import nobrec.core.measure.Weight;
import nobrec.core.measure.WeightUnit;
import nobrec.core.refusal.Refusal;
import nobrec.server.ServerTest;
import nobrec.server.connection.Connection;
import nobrec.server.device.Desk;
import nobrec.server.device.DeskDevices;
import nobrec.server.device.ScaleReading;
import nobrec.standins.scale.Scale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpStatus;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;

class HidReportScaleTest extends ServerTest {

    @Autowired
    private DeskDevices devices;

    /** Source: USB-IF HID Point of Sale usage tables (from memory): units 2 g, 3 kg, 11 oz, 12 lb; signed power of ten. */
    @ParameterizedTest
    @CsvSource({
        "4, 12, -2, 0x84, 0x01, 3.88, POUND",
        "4, 3, -3, 0x6c, 0x07, 1.9, KILOGRAM",
        "4, 2, 0, 0x10, 0x27, 10000, GRAM",
        "4, 11, -1, 0x43, 0x00, 6.7, OUNCE",
    })
    void readsReports(int status, int unit, int power, String low, String high, String weight, WeightUnit weightUnit) {
        byte[] bytes = {
            3,
            (byte) status,
            (byte) unit,
            (byte) power,
            Integer.decode(low).byteValue(),
            Integer.decode(high).byteValue()
        };
        assertThat(ScaleReport.of(bytes))
                .contains(new ScaleReport(ScaleReport.Status.STABLE, Weight.of(weight, weightUnit)));
    }

    @Test
    void refusesWhatIsNoReport() {
        assertThat(ScaleReport.of(new byte[] {9, 4, 12, -2, 0, 0})).isEmpty();
        assertThat(ScaleReport.of(new byte[] {3, 0, 12, -2, 0, 0})).isEmpty();
        assertThat(ScaleReport.of(new byte[] {3, 4, 99, -2, 0, 0})).isEmpty();
        assertThat(ScaleReport.of(new byte[] {3, 4, 12, 100, 1, 0})).isEmpty();
    }

    @Test
    void waitsUntilTheWeightIsStable() {
        standIns().scale().put(1_814.4);
        assertThat(devices.weigh(Desk.USUAL)).isEqualTo(Weight.of("4.00", WeightUnit.POUND));
        standIns().scale().put(0);
        assertThatThrownBy(() -> devices.weigh(Desk.USUAL)).isInstanceOf(Refusal.class);
    }

    @ParameterizedTest
    @CsvSource({
        "KEEPS_MOVING, The scale still moves.",
        "OVERLOADED, The scale shows overload.",
        "SILENT, The scale does not answer.",
    })
    void aReadingThatCannotBeTakenIsRefusedOnTheBench(Scale.Mood mood, String reason) {
        JsonNode bench = newJob("T-50", "Plover Ground");
        standIns().scale().setMood(mood);
        MvcTestResult refused =
                send("POST", "/api/v1/shipments/" + bench.path("id").asLong() + "/packages/1/scale-reading", Map.of());
        assertThat(refused).hasStatus(HttpStatus.BAD_GATEWAY);
        assertThat(json(refused).path("detail").asString()).isEqualTo(reason);
        assertThat(get("/api/v1/shipments?job=T-50").path("packages").get(0).has("weight"))
                .isFalse();
    }

    @Test
    void theAssistantPutsThePackageOnTheScaleInTheDemo() {
        JsonNode bench = newJob("T-51", "Plover Ground");
        JsonNode weighed = json(
                send("POST", "/api/v1/shipments/" + bench.path("id").asLong() + "/packages/1/scale-reading", Map.of()));
        // 5 x 0.5 lb and a carton of 0.35 lb, 1 % and 40 g of packing: 2.9667 lb.
        assertThat(weighed.path("packages").get(0).path("weight").path("text").asString())
                .isEqualTo("2.97 lb");
        assertThat(weighed.path("packages").get(0).path("weightSource").asString())
                .isEqualTo("SCALE");
    }

    /** The time limit is for the whole reading, however slowly bytes or however many reports come. */
    @ParameterizedTest
    @CsvSource({"6, The scale still moves.", "1, The scale does not answer."})
    void aScaleThatNeverComesToRestIsGivenUp(int bytesAtOnce, String reason) throws IOException {
        byte[] moving = {3, 3, 12, -2, 1, 0};
        try (ServerSocket server = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            CompletableFuture.runAsync(() -> {
                try (Socket there = server.accept()) {
                    for (int at = 0; true; at = (at + bytesAtOnce) % moving.length) {
                        there.getOutputStream().write(moving, at, bytesAtOnce);
                        Thread.sleep(bytesAtOnce * 20L);
                    }
                } catch (IOException | InterruptedException gone) {
                    // The reader left.
                }
            });
            Connection connection = new Connection(
                    "SCALE",
                    "Scale",
                    "hid-report-tcp",
                    URI.create("tcp://127.0.0.1:" + server.getLocalPort()),
                    Duration.ofMillis(bytesAtOnce == 1 ? 60 : 400),
                    Optional.empty());
            assertThat(new HidReportScale().read(connection))
                    .isInstanceOfSatisfying(
                            ScaleReading.Refused.class,
                            refused -> assertThat(refused.reason()).isEqualTo(reason));
        }
    }
}
