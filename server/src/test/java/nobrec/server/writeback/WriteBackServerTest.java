package nobrec.server.writeback;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import nobrec.server.ServerTest;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What checks of write-backs share. */
abstract class WriteBackServerTest extends ServerTest {

    protected static final String PATH = "/api/v1/write-backs";
    protected static final Duration LONG = Duration.ofSeconds(40);

    protected JsonNode target(String code) {
        return get(PATH)
                .path("targets")
                .valueStream()
                .filter(each -> each.path("code").asString().equals(code))
                .findFirst()
                .orElseThrow();
    }

    protected void keep(String code, JsonNode plan) {
        Map<String, Object> entry =
                Map.of("version", target(code).path("entry").path("version").asInt(), "active", true, "plan", plan);
        assertThat(send("PUT", PATH + "/" + code, entry, "admin", "ADMINISTRATOR"))
                .hasStatusOk();
    }

    /** The plan of the order desk with other fields. */
    protected static JsonNode plan(String... namesAndValues) {
        ObjectNode plan = JSON.createObjectNode();
        plan.putArray("moments").add("LABEL_BOUGHT").add("VOID");
        plan.put("number", "{job}");
        for (String list : List.of("sources", "packageFields", "lineFields", "words", "fields")) {
            plan.putArray(list);
        }
        for (String text : List.of("statement", "packageStatement", "lineStatement", "reading")) {
            plan.put(text, "");
        }
        for (int at = 0; at < namesAndValues.length; at += 2) {
            plan.withArray("fields")
                    .addObject()
                    .put("name", namesAndValues[at])
                    .put("value", namesAndValues[at + 1])
                    .put("whenVoid", "");
        }
        return plan;
    }

    protected JsonNode weighed(JsonNode bench) {
        return json(send(
                "PUT",
                "/api/v1/shipments/" + bench.path("id").asLong() + "/packages/1/weight",
                Map.of("text", "2.1", "sure", true)));
    }

    protected static JsonNode otherSide(String path) {
        try {
            HttpRequest request = HttpRequest.newBuilder(
                            URI.create("http://127.0.0.1:" + standIns().httpPort() + path))
                    .build();
            return JSON.readTree(HttpClient.newHttpClient()
                    .send(request, HttpResponse.BodyHandlers.ofString())
                    .body());
        } catch (Exception failed) {
            throw new AssertionError(failed);
        }
    }

    protected static List<JsonNode> reports(String job) {
        return otherSide("/orderdesk/reports")
                .valueStream()
                .filter(each -> each.path("order").asString().equals(job))
                .toList();
    }
}
