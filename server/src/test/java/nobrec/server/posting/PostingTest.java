package nobrec.server.posting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.math.BigDecimal;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import nobrec.server.ServerTest;
import nobrec.server.platform.outbox.OutboxWorker;
import nobrec.standins.http.Behavior;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpStatus;
import tools.jackson.databind.JsonNode;

class PostingTest extends ServerTest {

    @Autowired
    private OutboxWorker worker;

    private static JsonNode otherSide(String path) throws Exception {
        return JSON.readTree(HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(
                                        "http://127.0.0.1:" + standIns().httpPort() + path))
                                .build(),
                        HttpResponse.BodyHandlers.ofString())
                .body());
    }

    private static long countOn(String path, String field, String value) throws Exception {
        long count = 0;
        for (JsonNode record : otherSide(path)) {
            if (record.path(field).asString().contains(value)) {
                count++;
            }
        }
        return count;
    }

    private JsonNode posting(String job, String target) {
        for (JsonNode row : get("/api/v1/postings?job=" + job).path("rows")) {
            if (row.path("kind").asString().equals(target)) {
                return row;
            }
        }
        throw new AssertionError("No posting " + target + " of " + job);
    }

    @Test
    void theBooksHaveChargeAndCostInBalance() throws Exception {
        JsonNode bench = weighedJob("T-40", "Plover Ground");
        ship(bench);
        await().untilAsserted(() -> assertThat(get("/api/v1/postings?job=T-40").path("rows"))
                .hasSize(4)
                .allMatch(row -> row.path("state").asString().equals("DONE")));
        for (JsonNode line : otherSide("/books/freight")) {
            if (line.path("order").asString().equals("T-40")) {
                assertThat(line.path("amount").decimalValue())
                        .isEqualByComparingTo(bench.path("charge")
                                .path("total")
                                .path("amount")
                                .asString());
                assertThat(line.path("shipDate").asString()).isEqualTo("2026-12-01");
            }
        }
        for (JsonNode entry : otherSide("/books/journal")) {
            assertThat(entry.path("debit").decimalValue())
                    .isEqualByComparingTo(entry.path("credit").decimalValue());
            if (entry.path("description").asString().contains("T-40")) {
                assertThat(entry.path("debit").decimalValue())
                        .isEqualByComparingTo(new BigDecimal(
                                chosen(bench).path("total").path("amount").asString()));
            }
        }
        assertThat(countOn("/books/freight", "order", "T-40")).isEqualTo(1);
        assertThat(countOn("/orderdesk/reports", "order", "T-40")).isEqualTo(1);
    }

    /** The books are out of order, or do the work and lose the answer: it is tried again and written once. */
    @ParameterizedTest
    @CsvSource({"FAIL, T-41", "LOSE_ANSWER, T-42", "LATE, T-43"})
    void isTriedAgainWithGrowingPausesAndWrittenOnce(Behavior behavior, String job) throws Exception {
        JsonNode bench = weighedJob(job, "Plover Ground");
        standIns().behave("books", behavior);
        ship(bench);
        await().untilAsserted(() -> {
            assertThat(posting(job, "INVOICE").path("answer").asString()).isNotEmpty();
            assertThat(posting(job, "JOURNAL").path("answer").asString()).isNotEmpty();
        });
        assertThat(posting(job, "INVOICE").path("state").asString()).isEqualTo("WAITING");
        standIns().behave("books", Behavior.NORMAL);
        await().pollInterval(Duration.ofSeconds(1))
                .atMost(Duration.ofSeconds(30))
                .untilAsserted(() -> {
                    clock.pass(Duration.ofMinutes(6));
                    worker.run();
                    assertThat(posting(job, "INVOICE").path("state").asString()).isEqualTo("DONE");
                    assertThat(posting(job, "JOURNAL").path("state").asString()).isEqualTo("DONE");
                });
        assertThat(countOn("/books/freight", "order", job)).isEqualTo(1);
        assertThat(countOn("/books/journal", "description", job + ",")).isEqualTo(1);
    }

    @Test
    void whatTheOtherSideRefusesWaitsForAPersonWhoHasItTriedAgain() {
        ship(weighedJob("U-1", "Plover Ground"));
        await().untilAsserted(() ->
                assertThat(posting("U-1", "INVOICE").path("state").asString()).isEqualTo("FAILED"));
        JsonNode failed = posting("U-1", "INVOICE");
        assertThat(failed.path("answer").asString()).isEqualTo("Work order U-1 is not known here.");
        assertThat(send("POST", "/api/v1/postings/" + failed.path("id").asLong() + "/another-try", ""))
                .hasStatusOk();
        await().untilAsserted(() ->
                assertThat(posting("U-1", "INVOICE").path("state").asString()).isEqualTo("FAILED"));
        long done = posting("U-1", "JOURNAL").path("id").asLong();
        assertThat(send("POST", "/api/v1/postings/" + done + "/another-try", ""))
                .hasStatus(HttpStatus.CONFLICT);
    }
}
