package nobrec.server.workorder;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import nobrec.server.ServerTest;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

class JobListTest extends ServerTest {

    private static final int MANY = 230;

    @BeforeEach
    void bringThemIn() {
        String heading = new String(demoFile("orders-tuesday.csv"), StandardCharsets.UTF_8)
                .lines()
                .findFirst()
                .orElseThrow();
        List<String> rows = new ArrayList<>(List.of(heading));
        for (int number = 0; number < MANY; number++) {
            rows.add("L-%03d,Larkspur %s,,Works,,1 Road,,Madison,WI,53703,US,,,,,,X,Thing,2,%s,"
                    .formatted(number, number % 2 == 0 ? "100% Seals" : "Bearings", number == 7 ? "" : "0.25"));
        }
        drop("many.csv", String.join("\n", rows).getBytes(StandardCharsets.UTF_8));
    }

    private static List<String> numbers(JsonNode list) {
        List<String> numbers = new ArrayList<>();
        list.path("rows").forEach(row -> numbers.add(row.path("number").asString()));
        return numbers;
    }

    @Test
    void pageByPageEveryJobComesOnceTheNewestFirst() {
        Set<String> seen = new HashSet<>();
        List<String> inOrder = new ArrayList<>();
        String next = "";
        do {
            JsonNode page = get("/api/v1/work-orders?number=L-&sort=-came-in" + next);
            assertThat(page.path("rows").size()).isLessThanOrEqualTo(100);
            inOrder.addAll(numbers(page));
            next = page.has("next") ? "&cursor=" + page.path("next").asString() : "";
        } while (!next.isEmpty());
        seen.addAll(inOrder);
        assertThat(inOrder).hasSize(MANY).doesNotHaveDuplicates();
        assertThat(seen).hasSize(MANY);
        assertThat(inOrder.get(0)).isEqualTo("L-229");
        assertThat(inOrder.get(MANY - 1)).isEqualTo("L-000");
    }

    @Test
    void isNarrowedByTheBeginningOfANumberOrAPartOfACustomersName() {
        assertThat(numbers(get("/api/v1/work-orders?text=L-01")))
                .hasSize(10)
                .allMatch(number -> number.startsWith("L-01"));
        assertThat(numbers(get("/api/v1/work-orders?text=spur Bear"))).hasSize(100);
        assertThat(numbers(get("/api/v1/work-orders?text=nobody at all"))).isEmpty();
    }

    @Test
    void signsWithAMeaningInSqlAreFoundAsTheyStand() {
        assertThat(numbers(get("/api/v1/work-orders?text=0% S"))).hasSize(100);
        assertThat(numbers(get("/api/v1/work-orders?text=L_0"))).isEmpty();
        assertThat(numbers(get("/api/v1/work-orders?text='; DROP TABLE work_order; --")))
                .isEmpty();
        assertThat(numbers(get("/api/v1/work-orders?text=L-007"))).hasSize(1);
    }

    @Test
    void aRowSaysWhatIsKnownAndWhatIsNot() {
        JsonNode known = get("/api/v1/work-orders?text=L-008").path("rows").get(0);
        assertThat(known.path("weight").path("text").asString()).isEqualTo("0.50 lb");
        assertThat(known.path("pieces").asInt()).isEqualTo(2);
        assertThat(known.path("status").asString()).isEqualTo("READY");
        assertThat(get("/api/v1/work-orders?text=L-007").path("rows").get(0).has("weight"))
                .isFalse();
    }

    @Test
    void isNarrowedByStatus() {
        send("POST", "/api/v1/shipments", Map.of("job", "L-020"));
        assertThat(numbers(get("/api/v1/work-orders?text=L-02&status=ON_BENCH")))
                .containsExactly("L-020");
        assertThat(numbers(get("/api/v1/work-orders?text=L-02&status=SHIPPED"))).isEmpty();
    }
}
