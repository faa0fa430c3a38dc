package nobrec.server.posting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.time.Duration;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Stream;
import nobrec.server.ServerTest;
import nobrec.server.platform.outbox.OutboxWorker;
import nobrec.standins.http.Behavior;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import tools.jackson.databind.JsonNode;

/** Several servers on one database share the write-backs. */
class PostingShareTest extends ServerTest {

    @Autowired
    private OutboxWorker worker;

    @Test
    void workersAtTheSameMomentTakeEachPostingOnce() {
        standIns().behave("orderdesk", Behavior.FAIL);
        List<String> jobs = List.of("T-34", "T-35", "T-36");
        jobs.forEach(job -> ship(weighedJob(job, "Plover Ground")));
        await().untilAsserted(() -> assertThat(jobs)
                .allMatch(job -> !source(job).path("answer").asString().isEmpty()));
        standIns().behave("orderdesk", Behavior.NORMAL);
        await().pollDelay(Duration.ofSeconds(5)).atMost(Duration.ofSeconds(30)).untilAsserted(() -> {
            clock.pass(Duration.ofMinutes(6));
            Stream.generate(() -> CompletableFuture.runAsync(worker::run))
                    .limit(4)
                    .toList()
                    .forEach(CompletableFuture::join);
            assertThat(jobs)
                    .allMatch(job -> source(job).path("state").asString().equals("DONE"));
        });
    }

    private JsonNode source(String job) {
        for (var row : get("/api/v1/postings?job=" + job).path("rows")) {
            if (row.path("kind").asString().equals("SOURCE")) {
                return row;
            }
        }
        throw new AssertionError("No posting to the source of " + job);
    }
}
