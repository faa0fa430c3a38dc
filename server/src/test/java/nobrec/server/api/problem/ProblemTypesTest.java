package nobrec.server.api.problem;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import java.util.Arrays;
import java.util.Map;
import nobrec.server.ServerTest;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What programs tell refusals apart by: within a version of the API these names stay. */
class ProblemTypesTest extends ServerTest {

    @Test
    void theNamesStay() {
        assertThat(Arrays.stream(ProblemType.values()).map(ProblemType::code))
                .containsExactly(
                        "malformed",
                        "not-signed-in",
                        "not-allowed",
                        "not-found",
                        "not-arrived",
                        "conflict",
                        "changed-since",
                        "too-large",
                        "unusable",
                        "too-many-tries",
                        "failed",
                        "outside",
                        "unavailable");
    }

    @Test
    void aTypeLeadsToWhatItMeans() {
        JsonNode problem = json(send("GET", "/api/v1/shipments?job=nowhere", Map.of()));
        assertThat(problem.path("type").asString()).isEqualTo("/api/v1/problems/not-found");
        JsonNode type = get(problem.path("type").asString());
        assertThat(type.path("status").asInt()).isEqualTo(404);
        assertThat(type.path("meaning").asString()).isNotEmpty();
        assertThat(get("/api/v1/problems").path("rows")).hasSize(ProblemType.values().length);
    }

    @Test
    void aPriceThatChangedIsToldFromOtherConflicts() {
        JsonNode bench = weighedJob("PT-1", "Plover Ground");
        JsonNode refused = json(send(
                "POST",
                shipPath(bench),
                Map.of("service", chosen(bench).path("service").asString(), "total", "0.01")));
        assertThat(refused.path("type").asString()).isEqualTo("/api/v1/problems/changed-since");
        assertThat(mvc.get().uri("/api/v1/work-orders").exchange())
                .bodyJson()
                .extractingPath("type")
                .isEqualTo("/api/v1/problems/not-signed-in");
        assertThat(mvc.get()
                        .uri("/api/v1/connections")
                        .with(user("rufus").roles("PACKER"))
                        .exchange())
                .bodyJson()
                .extractingPath("type")
                .isEqualTo("/api/v1/problems/not-allowed");
    }
}
