package nobrec.server.shipnotice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;
import nobrec.server.ServerTest;
import nobrec.server.platform.outbox.OutboxWorker;
import nobrec.standins.partner.AcknowledgmentMood;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.AfterEach;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;

/** What tests of partners do: bring in jobs of theirs, ship them, look at what they were told. */
abstract class PartnerTest extends ServerTest {

    static final String SECRET = "between us";

    @Autowired
    OutboxWorker worker;

    @AfterEach
    void thePartnerIsWellAgain() {
        standIns().sources().partner().say(AcknowledgmentMood.AT_ONCE);
    }

    void bring(String number, String customer, String po, String... lines) {
        String heading = new String(demoFile("orders-tuesday.csv"), StandardCharsets.UTF_8)
                .lines()
                .findFirst()
                .orElseThrow();
        StringBuilder file = new StringBuilder(heading + "\r\n");
        for (String line : lines) {
            file.append(number + "," + customer + "," + po + "," + customer
                    + ",Dock,88 Carding Lane,,Madison,WI,53703,US,(608) 555-0142,,12/04/2026,Plover Ground,we pay and bill,"
                    + line + "\r\n");
        }
        drop("orders.csv", file.toString().getBytes(StandardCharsets.UTF_8));
    }

    JsonNode weighed(String job) {
        JsonNode bench = json(send("POST", "/api/v1/shipments", Map.of("job", job)));
        for (int number = 1; number <= bench.path("packages").size(); number++) {
            bench = json(send(
                    "PUT",
                    "/api/v1/shipments/" + bench.path("id").asLong() + "/packages/" + number + "/weight",
                    Map.of("text", "3.1")));
        }
        return bench;
    }

    /** Shipped, with papers and write-backs under way. */
    JsonNode shipped(String job) {
        JsonNode bench = json(ship(weighed(job)));
        assertThat(bench.path("state").asString())
                .as("%s", bench.path("checks"))
                .isEqualTo("SHIPPED");
        return bench;
    }

    List<JsonNode> notices(String job) {
        List<JsonNode> rows = new ArrayList<>();
        get("/api/v1/ship-notices?job=" + job).path("rows").forEach(rows::add);
        return rows;
    }

    List<String> states(String job) {
        return notices(job).stream().map(each -> each.path("state").asString()).toList();
    }

    /** Until the notices of a job are in these states, the newest first. */
    void awaitStates(String job, String... states) {
        Awaitility.await().atMost(Duration.ofSeconds(30)).untilAsserted(() -> {
            worker.run();
            assertThat(states(job)).containsExactly(states);
        });
    }

    String document(JsonNode notice) {
        return new String(
                mvc.get()
                        .uri("/api/v1/ship-notices/" + notice.path("id").asLong() + "/document")
                        .with(user(INES).roles("COORDINATOR"))
                        .exchange()
                        .getResponse()
                        .getContentAsByteArray(),
                StandardCharsets.UTF_8);
    }

    MvcTestResult admin(String method, String path, Object body) {
        return send(method, path, body, "admin", "ADMINISTRATOR");
    }

    static Map<String, Object> partner(String name, String form, String way, String address) {
        Map<String, Object> entry = new HashMap<>();
        entry.put("version", 0);
        entry.put("name", name);
        entry.put("active", true);
        entry.put("customers", List.of(name));
        entry.put("label", true);
        entry.put("elements", List.of());
        entry.put("form", form);
        entry.put("way", way);
        entry.put("address", address);
        entry.put("secret", SECRET);
        entry.put("locationNumber", "");
        entry.put("interchangeQualifier", "ZZ");
        entry.put("interchangeId", "X12ID");
        entry.put("test", false);
        entry.put("acknowledgedWithinHours", 4);
        return entry;
    }

    /** Adds one, and returns its code. */
    String added(Map<String, Object> entry) {
        MvcTestResult result = admin("POST", "/api/v1/partners", entry);
        assertThat(result).as("%s", entry).hasStatusOk();
        for (JsonNode each : json(result).path("partners")) {
            if (each.path("partner").path("name").asString().equals(entry.get("name"))) {
                return each.path("code").asString();
            }
        }
        throw new AssertionError("Not added: " + entry);
    }

    /** A call as a partner makes it, signed with its secret. */
    MvcTestResult call(String partner, String path, String body, String secret) throws Exception {
        Mac mac = Mac.getInstance("HmacSHA256");
        mac.init(new SecretKeySpec(secret.getBytes(StandardCharsets.UTF_8), "HmacSHA256"));
        return mvc.post()
                .uri("/api/v1/events/partners/" + partner + "/" + path)
                .header(
                        "Nobrec-Signature",
                        HexFormat.of().formatHex(mac.doFinal(body.getBytes(StandardCharsets.UTF_8))))
                .contentType("text/plain")
                .content(body.getBytes(StandardCharsets.UTF_8))
                .exchange();
    }
}
