package nobrec.server.fuzz;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import nobrec.core.fuzz.Odd;
import nobrec.server.ServerTest;
import nobrec.server.fuzz.Endpoints.Endpoint;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;

/** Requests that are wrong by hand-made rules, and bodies, files and sheets drawn at random from fixed seeds. */
class MalformedRequestsTest extends ServerTest {

    private static final ObjectMapper JSON = new ObjectMapper();
    private static final List<String> WRONG_IDS = List.of(
            "abc",
            "-1",
            "0",
            "1.5",
            "9223372036854775808",
            "99999999999999999999",
            "%20",
            "1e3",
            "null",
            "true",
            "--1",
            "1,000",
            "1-2");

    private int sent;

    private MvcTestResult send(String method, String address, String contentType, byte[] body) {
        sent++;
        return mvc.method(HttpMethod.valueOf(method))
                .uri(java.net.URI.create(address))
                .with(user("ines").roles("COORDINATOR"))
                .with(csrf().asHeader())
                .contentType(contentType)
                .content(body)
                .exchange();
    }

    private MvcTestResult json(String method, String address, String body) {
        return send(method, address, MediaType.APPLICATION_JSON_VALUE, body.getBytes(StandardCharsets.UTF_8));
    }

    private static void isAProblem(MvcTestResult result, String what) {
        int status = result.getResponse().getStatus();
        assertThat(status).as(what).isBetween(400, 499);
        JsonNode said = json(result);
        assertThat(said.path("thing").asString()).as(what).isNotBlank();
        assertThat(said.path("detail").asString()).as(what).isNotBlank();
        assertThat(said.path("remedy").asString()).as(what).isNotBlank();
    }

    /** A good value for a field, so that one other is the wrong one. */
    private static Object good(String type) {
        return switch (type) {
            case "integer", "number" -> 1;
            case "boolean" -> true;
            case "array" -> List.of();
            default -> "1";
        };
    }

    private static String body(Endpoint endpoint, String wrong, Object value) {
        Map<String, Object> fields = new LinkedHashMap<>();
        endpoint.fields().forEach((name, type) -> fields.put(name, name.equals(wrong) ? value : good(type)));
        return JSON.writeValueAsString(fields);
    }

    private static List<String> wrongBodies(Endpoint endpoint) {
        List<String> bodies = new ArrayList<>(List.of(
                "",
                "{",
                "[]",
                "[1,2]",
                "\"text\"",
                "null",
                "42",
                "{]}",
                "{\"a\":1e999999}",
                "{'text':'x'}",
                "{\"unknown\":1}",
                "{\"text\":" + "[".repeat(600),
                "\u0000",
                "<xml/>"));
        endpoint.fields().forEach((name, type) -> {
            bodies.add(body(endpoint, name, Map.of("a", 1)));
            bodies.add(body(endpoint, name, List.of(Map.of())));
            bodies.add(body(endpoint, name, null));
            bodies.add(body(endpoint, name + name, 1) + "}");
            bodies.add(body(endpoint, name, 1).replace("\"" + name + "\"", "\"" + name + "x\""));
            if (type.equals("integer")) {
                List.of("x", "1.5", "-999999999999999999999", -1, 1_000_000_000_000L)
                        .forEach(value -> bodies.add(body(endpoint, name, value)));
            }
            if (type.equals("string")) {
                bodies.add(body(endpoint, name, "x".repeat(10_000)));
                bodies.add(body(endpoint, name, List.of("a", "b")));
                bodies.add(body(endpoint, name, "x".repeat(121)));
                bodies.add(body(endpoint, name, "\uFFFF\u0000".repeat(90)));
            }
        });
        return bodies;
    }

    @Test
    void aThousandMalformedRequestsAreProblemsWithThingReasonAndRemedy() {
        for (Endpoint endpoint : Endpoints.all()) {
            String name = endpoint.method() + " " + endpoint.path();
            if (endpoint.path().startsWith("/api/v1/sign-")) {
                continue;
            }
            if (endpoint.hasPart() && !endpoint.path().contains("{service}")) {
                WRONG_IDS.forEach(id -> isAProblem(
                        json(endpoint.method(), endpoint.with(id), body(endpoint, "", 0)), name + " for " + id));
            }
            if (!endpoint.fields().isEmpty()) {
                String address = endpoint.with("999999999");
                wrongBodies(endpoint)
                        .forEach(body ->
                                isAProblem(json(endpoint.method(), address, body), name + " with " + start(body)));
                isAProblem(send(endpoint.method(), address, "text/plain", new byte[] {1}), name + " as text");
                isAProblem(send(endpoint.method(), address, "application/xml", "<a/>".getBytes()), name + " as XML");
            }
            endpoint.required().forEach(parameter -> {
                isAProblem(json(endpoint.method(), endpoint.with("x"), ""), name + " without " + parameter);
                isAProblem(
                        json(endpoint.method(), endpoint.with("x") + "?" + parameter + "=" + "x".repeat(400), ""),
                        name + " with a long " + parameter);
            });
            if (endpoint.file()) {
                isAProblem(json(endpoint.method(), endpoint.path(), "{}"), name + " without a file");
            }
            isAProblem(json("PATCH", endpoint.with("1"), "{}"), name + " by another method");
        }
        assertThat(sent).isGreaterThanOrEqualTo(1_000);
        aScreenStillShowsTheRest();
    }

    private static String start(String text) {
        return text.length() < 80 ? text : text.substring(0, 80);
    }

    private void aScreenStillShowsTheRest() {
        assertThat(get("/api/v1/departures").path("pickups")).isNotEmpty();
        assertThat(get("/api/v1/work-orders").path("rows")).isNotNull();
        assertThat(get("/api/v1/rate-sheets").isMissingNode()).isFalse();
        assertThat(get("/api/v1/postings").path("rows")).isNotNull();
    }

    /** Bodies drawn at random, on a shipment that is there: refused or done, and its bench shows it afterwards. */
    @ParameterizedTest
    @ValueSource(longs = {21, 22})
    void oddBodiesNeverBreakTheBench(long seed) {
        Random random = new Random(seed);
        long id = newJob("FZ-" + seed, "Plover Ground").path("id").asLong();
        List<Endpoint> acts = Endpoints.all().stream()
                .filter(endpoint -> endpoint.path().startsWith("/api/v1/shipments/{id}"))
                .filter(endpoint ->
                        !endpoint.fields().isEmpty() && !endpoint.path().endsWith("/ship"))
                .toList();
        for (int round = 0; round < 250; round++) {
            Endpoint act = acts.get(random.nextInt(acts.size()));
            Map<String, Object> fields = new LinkedHashMap<>();
            act.fields()
                    .forEach((field, type) -> fields.put(
                            field,
                            random.nextInt(3) == 0
                                    ? good(type)
                                    : type.equals("integer") ? random.nextInt(4) : Odd.text(random)));
            String address = act.path().replace("{id}", String.valueOf(id)).replaceAll("\\{[^}]*}", "1");
            MvcTestResult answer = json(act.method(), address, JSON.writeValueAsString(fields));
            assertThat(answer.getResponse().getStatus())
                    .as("%s %s", act.path(), fields)
                    .isLessThan(500);
        }
        assertThat(get("/api/v1/shipments?job=FZ-" + seed).path("id").asLong()).isEqualTo(id);
        aScreenStillShowsTheRest();
    }

    /** A file of work orders that was damaged at random: never a fault of ours, never half a work order. */
    @ParameterizedTest
    @ValueSource(longs = {31, 32})
    void oddFilesOfWorkOrders(long seed) {
        Random random = new Random(seed);
        String good = new String(demoFile("orders-tuesday.csv"), StandardCharsets.UTF_8)
                .replaceAll("(?m)^(\\d{4}),", "F" + seed + "-$1,");
        for (int round = 0; round < 40; round++) {
            String[] lines = good.split("\n", -1);
            for (int change = 0; change <= random.nextInt(3); change++) {
                int at = random.nextInt(lines.length);
                lines[at] = Odd.changed(lines[at], random);
            }
            byte[] bytes = String.join("\n", lines)
                    .getBytes(random.nextInt(5) == 0 ? StandardCharsets.UTF_16LE : StandardCharsets.UTF_8);
            MvcTestResult answer = drop("fuzz.csv", bytes);
            assertThat(answer.getResponse().getStatus()).as("round %s", round).isIn(200, 422);
        }
        aScreenStillShowsTheRest();
    }
}
