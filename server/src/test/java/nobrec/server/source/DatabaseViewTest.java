package nobrec.server.source;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import nobrec.server.ServerTest;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.http.HttpStatus;
import tools.jackson.databind.JsonNode;

/** The demo shop's own database, of which our user may read one view and nothing else. */
class DatabaseViewTest extends ServerTest {

    private static final String ADDRESS = System.getenv("NOBREC_TEST_DB") + "nobrec_shop";
    private static final String QUERY = "SELECT job_no AS number, updated AS changed_at, state AS status, customer, po,"
            + " street, city, region, zip, phone, promised, via, part, title, qty, each_lb AS unit_weight_lb, each_usd AS unit_value FROM order_lines";

    private final List<String> connected = new ArrayList<>();

    @AfterEach
    void theyAreRemovedAgain() {
        connected.forEach(code -> send("DELETE", "/api/v1/sources/" + code, Map.of(), "admin", "ADMINISTRATOR"));
    }

    private String connect(String address, String user, String password) {
        JsonNode answer = json(send(
                "POST",
                "/api/v1/sources",
                Map.of(
                        "name",
                        "View",
                        "adapter",
                        "database-view",
                        "address",
                        address,
                        "userName",
                        user,
                        "secret",
                        password),
                "admin",
                "ADMINISTRATOR"));
        String code = answer.path("code").asString();
        connected.add(code);
        return code;
    }

    private JsonNode tryQuery(String code, String query) {
        return json(
                send("PUT", "/api/v1/sources/" + code + "/query", Map.of("query", query), "admin", "ADMINISTRATOR"));
    }

    @Test
    void isTestedWithTenRowsThenLookedThroughAndTakenInAsAFileIs() {
        String code = connect(ADDRESS, "nobrec_shop", "heron-view");
        assertThat(json(send("POST", "/api/v1/sources/" + code + "/test", Map.of()))
                        .path("text")
                        .asString())
                .isEqualTo("No SELECT is written yet.");
        JsonNode tried = tryQuery(code, QUERY + ";");
        assertThat(tried.path("text").asString()).isEqualTo("17 columns; the first 5 rows:");
        assertThat(tried.path("rows").get(0).get(0).asString()).isEqualTo("D-5001");
        assertThat(json(send("POST", "/api/v1/sources/" + code + "/test", Map.of()))
                        .path("text")
                        .asString())
                .matches("Answers in \\d+ ms; 2 record statuses; \\d records since yesterday\\.");
        JsonNode setUp = get("/api/v1/sources/" + code);
        assertThat(setUp.path("query").asString()).isEqualTo(QUERY + ";");
        for (String word : List.of("released", "planned")) {
            send(
                    "PUT",
                    "/api/v1/sources/" + code + "/words",
                    Map.of("kind", "STATUS", "word", word, "meaning", word.equals("released") ? "ready" : "not ready"));
        }
        assertThat(send(
                        "PUT",
                        "/api/v1/sources/" + code,
                        Map.of(
                                "version",
                                setUp.path("version").asInt(),
                                "layout",
                                setUp.path("layout"),
                                "defaults",
                                Map.of(),
                                "everyMinutes",
                                0)))
                .hasStatusOk();
        send("POST", "/api/v1/sources/" + code + "/look", Map.of("minutes", 60 * 24 * 30));
        awaitTasks();
        assertThat(get("/api/v1/sources/" + code + "/records").path("counts").toString())
                .contains("{\"state\":\"NEW\",\"count\":3}");
        send("POST", "/api/v1/sources/" + code + "/take", Map.of());
        awaitTasks();
        JsonNode job = get("/api/v1/work-orders?text=D-5001").path("rows").get(0);
        assertThat(job.path("lines").asInt()).isEqualTo(2);
        assertThat(job.path("customer").asString()).isEqualTo("Ferrow Hydraulics");
        assertThat(job.path("weight").path("text").asString()).isEqualTo("2.70 lb");
        assertThat(get("/api/v1/work-orders?text=D-5003").path("rows")).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "DELETE FROM order_lines | It does not begin with SELECT but with “DELETE”.",
                "SELECT 1 AS number | It has no column called changed_at.",
                "SELECT job_no AS number, updated AS changed_at FROM shop_order | It refuses the SELECT: SELECT command denied.*",
                "SELECT job_no AS number, updated AS changed_at FROM order_lines) x; DELETE FROM (SELECT 1 | It refuses the SELECT: .*",
                "SELECT job_no AS number, updated AS changed_at, SLEEP(20) AS s FROM order_lines | It gave no whole answer within .*",
                "SELEC job_no | It does not begin with SELECT but with “SELEC”.",
                "SELECT 'x' AS number, NOW() AS changed_at INTO OUTFILE '/tmp/x' | It refuses the SELECT: .*",
                "'' | No SELECT is written yet."
            })
    void aSelectThatDoesNotDoIsRefusedInPlainWords(String query, String reason) {
        JsonNode tried = tryQuery(connect(ADDRESS, "nobrec_shop", "heron-view"), query);
        assertThat(tried.path("answers").asBoolean()).isFalse();
        assertThat(tried.path("text").asString()).matches(reason);
        assertThat(tried.path("remedy").asString()).isNotEmpty();
    }

    /** That records are only read does not hang on what we do: the user has no other right. */
    @Test
    void whatWritesIsRefusedByTheRightsOfItsUser() throws SQLException {
        try (Connection database = DriverManager.getConnection(ADDRESS, "nobrec_shop", "heron-view")) {
            for (String sql : List.of(
                    "DELETE FROM order_lines",
                    "UPDATE order_lines SET qty = 0",
                    "INSERT INTO shop_order (job_no) VALUES ('X')",
                    "DROP VIEW order_lines",
                    "SELECT * FROM shop_order")) {
                assertThatThrownBy(() -> database.createStatement().execute(sql))
                        .describedAs(sql)
                        .isInstanceOf(SQLException.class)
                        .hasMessageContaining("denied");
            }
        }
    }

    @Test
    void aUserThatMayDoMoreIsRefused() {
        String own = System.getenv("NOBREC_TEST_DB") + "nobrec_test";
        JsonNode tried = tryQuery(connect(own, "nobrec_test", "nobrec_test"), "SELECT 1");
        assertThat(tried.path("text").asString())
                .isEqualTo("Its user may do more there than read: INSERT, UPDATE, DELETE.");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "wrong password | It does not accept our user and password.",
                "no database | It has no database “nowhere” that our user may read.",
                "no port | 127.0.0.1 refused the connection.",
                "no host | There is no host “db.invalid”.",
                "inside | 10.1.2.3 is an address inside our own network."
            })
    void whatIsWrongWithTheWayThereIsSaidInPlainWords(String wrong, String reason) {
        String code = switch (wrong) {
            case "wrong password" -> connect(ADDRESS, "nobrec_shop", "guess");
            case "no database" -> connect(ADDRESS.replace("nobrec_shop", "nowhere"), "nobrec_shop", "heron-view");
            case "no port" -> connect("jdbc:mariadb://127.0.0.1:9/x", "nobrec_shop", "heron-view");
            case "no host" -> connect("mariadb://db.invalid/x", "nobrec_shop", "heron-view");
            default -> connect("mariadb://10.1.2.3/x", "nobrec_shop", "heron-view");
        };
        assertThat(tryQuery(code, QUERY).path("text").asString()).isEqualTo(reason);
    }

    @Test
    void noOptionOfADriverAndNoOtherKindOfAddressComesIn() {
        for (String address : List.of(
                "jdbc:mariadb://127.0.0.1/x?allowLocalInfile=true",
                "jdbc:mariadb://a:b@127.0.0.1/x",
                "jdbc:h2:mem:x",
                "http://127.0.0.1/x",
                "mariadb://127.0.0.1/x/y",
                "mariadb://127.0.0.1")) {
            assertThat(send(
                            "POST",
                            "/api/v1/sources",
                            Map.of(
                                    "name",
                                    "View",
                                    "adapter",
                                    "database-view",
                                    "address",
                                    address,
                                    "userName",
                                    "u",
                                    "secret",
                                    "s"),
                            "admin",
                            "ADMINISTRATOR"))
                    .describedAs(address)
                    .hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        }
        String code = connect(ADDRESS, "nobrec_shop", "heron-view");
        assertThat(send("PUT", "/api/v1/sources/" + code + "/query", Map.of("query", "SELECT 1")))
                .hasStatus(HttpStatus.FORBIDDEN);
    }
}
