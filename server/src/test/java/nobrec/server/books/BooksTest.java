package nobrec.server.books;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import de.siegmar.fastcsv.reader.CsvReader;
import java.io.IOException;
import java.math.BigDecimal;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import nobrec.server.ServerTest;
import nobrec.server.platform.SetUpVersion;
import nobrec.server.platform.outbox.OutboxWorker;
import nobrec.standins.http.Behavior;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpStatus;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import org.springframework.transaction.support.TransactionOperations;
import tools.jackson.databind.JsonNode;

/** Freight on invoices that are closed meanwhile, and the journal as another program reads it. */
class BooksTest extends ServerTest {

    private static final String PATH = "/api/v1/books";
    private static final String PERIOD = "from=2026-01-01&until=2026-12-31";

    @Autowired
    private OutboxWorker worker;

    @Autowired
    private SetUpVersion setUpVersion;

    @Autowired
    private TransactionOperations transactions;

    @TempDir
    private Path folder;

    @AfterEach
    void asTheDemoHasIt() {
        keep("CREDIT", Optional.empty(), List.of());
    }

    private void keep(String closedInvoice, Optional<String> closedThrough, List<Map<String, Object>> rules) {
        assertThat(change(closedInvoice, closedThrough, rules).getResponse().getStatus())
                .isEqualTo(200);
    }

    private MvcTestResult change(
            String closedInvoice, Optional<String> closedThrough, List<Map<String, Object>> rules) {
        Map<String, Object> entry = new HashMap<>(Map.of(
                "version",
                get(PATH).path("entry").path("version").asInt(),
                "closedInvoice",
                closedInvoice,
                "rules",
                rules));
        closedThrough.ifPresent(day -> entry.put("closedThrough", day));
        return send("PUT", PATH, entry, "odette", "BOOKKEEPER");
    }

    private static JsonNode otherSide(String path) {
        try {
            HttpRequest request = HttpRequest.newBuilder(
                            URI.create("http://127.0.0.1:" + standIns().httpPort() + path))
                    .build();
            return JSON.readTree(HttpClient.newHttpClient()
                    .send(request, HttpResponse.BodyHandlers.ofString())
                    .body());
        } catch (IOException | InterruptedException failed) {
            throw new AssertionError(failed);
        }
    }

    /** What the customer is asked for the freight of a job, over all invoices. */
    private static BigDecimal invoiced(String job) {
        return otherSide("/books/freight")
                .valueStream()
                .filter(line -> line.path("order").asString().equals(job))
                .filter(line -> !line.path("removed").asBoolean(false))
                .map(line -> new BigDecimal(line.path("amount").asString()))
                .reduce(BigDecimal.ZERO, BigDecimal::add);
    }

    /** Until nothing of the job waits. */
    private void settle(String job) {
        await().atMost(Duration.ofSeconds(60)).untilAsserted(() -> {
            clock.pass(Duration.ofMinutes(6));
            worker.run();
            assertThat(get("/api/v1/postings?state=WAITING&job=" + job).path("rows"))
                    .isEmpty();
        });
    }

    private JsonNode weighedAgain(JsonNode bench, String weight) {
        return json(send(
                "PUT",
                "/api/v1/shipments/" + bench.path("id").asLong() + "/packages/1/weight",
                Map.of("text", weight, "sure", true)));
    }

    private JsonNode makeVoid(JsonNode gone) {
        return json(send("POST", "/api/v1/shipments/" + gone.path("id").asLong() + "/void", Map.of()));
    }

    /** Ships, voids, weighs otherwise and ships again at random, while the invoice is closed somewhere on the way and the books fail. */
    @ParameterizedTest
    @CsvSource({"T-131, CREDIT, 11", "T-132, NEXT_INVOICE, 12", "T-133, CREDIT, 13"})
    void theInvoicesSayWhatTheCustomerPaysAfterAnySequence(String job, String closedInvoice, long seed) {
        keep(closedInvoice, Optional.empty(), List.of());
        Random random = new Random(seed);
        List<Behavior> moods = List.of(
                Behavior.NORMAL, Behavior.LOSE_ANSWER, Behavior.ERROR_AFTER, Behavior.FAIL, Behavior.HALF_ANSWER);
        int closes = random.nextInt(6);
        JsonNode bench = weighedJob(job, "Plover Ground");
        boolean gone = false;
        for (int step = 0; step < 6; step++) {
            standIns().behave("books", moods.get(random.nextInt(moods.size())));
            if (step == closes) {
                standIns().sources().books().close(job);
            }
            bench = gone ? makeVoid(bench) : json(ship(weighedAgain(bench, Integer.toString(2 + random.nextInt(5)))));
            gone = !gone;
            if (random.nextBoolean()) {
                standIns().behave("books", Behavior.NORMAL);
                settle(job);
            }
        }
        standIns().behave("books", Behavior.NORMAL);
        settle(job);
        assertThat(invoiced(job)).isEqualByComparingTo(BigDecimal.ZERO);
        json(ship(weighedAgain(bench, "4")));
        settle(job);
        BigDecimal charge = Objects.requireNonNull(database.queryForObject(
                "SELECT customer_charge FROM shipment s JOIN work_order w ON w.id = s.work_order_id WHERE w.number = ?",
                BigDecimal.class,
                job));
        assertThat(invoiced(job)).isEqualByComparingTo(charge);
        assertThat(charge).isPositive();
    }

    @Test
    void theJournalIsReadByAnotherProgramAndItsBalanceIsOurs() throws Exception {
        keep(
                "CREDIT",
                Optional.empty(),
                List.of(Map.of(
                        "carrier", "PLOVER",
                        "site", "",
                        "customer", "",
                        "expenseAccount", "Expenses:Freight (out); parcels",
                        "liabilityAccount", "Liabilities:Freight  not yet billed")));
        JsonNode kept = json(ship(weighedJob("T-135", "Plover Ground")));
        JsonNode voided = json(ship(weighedJob("T-136", "Godwit Parcel")));
        makeVoid(voided);
        assertThat(kept.path("state").asString()).isEqualTo("SHIPPED");
        Path journal = Files.write(folder.resolve("freight.journal"), file("PLAIN_TEXT"));
        assertThat(hledger(journal, "check", "--strict")).isEmpty();
        JsonNode ours = get(PATH + "/balance?" + PERIOD);
        Map<String, BigDecimal> theirs = new HashMap<>();
        CsvReader.builder().ofCsvRecord(hledger(journal, "balance", "-O", "csv", "--no-total")).stream()
                .skip(1)
                .forEach(row -> theirs.put(
                        row.getField(0), new BigDecimal(row.getField(1).replace(" USD", ""))));
        for (JsonNode account : ours.path("accounts")) {
            BigDecimal balance = new BigDecimal(
                            account.path("debit").path("amount").asString())
                    .subtract(
                            new BigDecimal(account.path("credit").path("amount").asString()));
            String name =
                    account.path("account").asString().replaceAll("[();]", " ").replaceAll("\\s+", " ");
            String there = theirs.keySet().stream()
                    .filter(each -> each.replace(",", "")
                            .replaceAll("\\s+", " ")
                            .equals(name.replace(",", "").strip()))
                    .findFirst()
                    .orElse("");
            assertThat(theirs.getOrDefault(there, BigDecimal.ZERO)).as(name).isEqualByComparingTo(balance);
        }
        assertThat(ours.path("debit")).isEqualTo(ours.path("credit"));
        assertThat(hledger(journal, "balance", "--no-total", "tag:job=T-136")).isBlank();
        assertThat(hledger(journal, "register", "-w", "200", "tag:job=T-135"))
                .contains("Freight of job T-135", "Expenses:Freight");
    }

    private byte[] file(String form) {
        return paperBytes(PATH + "/journal?" + PERIOD + "&form=" + form);
    }

    private static String hledger(Path journal, String... arguments) throws IOException, InterruptedException {
        List<String> command = new ArrayList<>(List.of("hledger", "-f", journal.toString()));
        command.addAll(List.of(arguments));
        Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(process.waitFor(30, TimeUnit.SECONDS)).isTrue();
        assertThat(process.exitValue()).as(said).isZero();
        return said;
    }

    @Test
    void aClosedPeriodStaysAsItIsAndWhatBelongsThereStandsOnTheFirstOpenDay() {
        ship(weighedJob("T-137", "Plover Ground"));
        JsonNode before = get(PATH + "/balance?from=2026-12-01&until=2026-12-01");
        assertThat(change("CREDIT", Optional.of("2026-12-01"), List.of())).hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        assertThat(change("CREDIT", Optional.of("2026-11-30"), List.of())).hasStatusOk();
        database.update("UPDATE books_set_up SET closed_through = ?", LocalDate.parse("2026-12-01"));
        transactions.executeWithoutResult(status -> setUpVersion.changed());
        ship(weighedJob("T-138", "Plover Ground"));
        assertThat(get(PATH + "/balance?from=2026-12-01&until=2026-12-01")).isEqualTo(before);
        assertThat(database.queryForObject(
                        "SELECT CONCAT(booked_on, ' ', description) FROM journal_entry WHERE job = 'T-138'",
                        String.class))
                .startsWith("2026-12-02 Freight of job T-138")
                .endsWith("(of 2026-12-01, whose period is closed)");
        settle("T-138");
        assertThat(otherSide("/books/journal").toString()).contains("of 2026-12-01, whose period is closed");
    }

    @Test
    void onlyWhoLooksAfterTheBooksChangesThemAndNonsenseIsRefused() {
        int version = get(PATH).path("entry").path("version").asInt();
        Map<String, Object> entry = Map.of("version", version, "closedInvoice", "CREDIT", "rules", List.of());
        assertThat(send("PUT", PATH, entry, "hollis", "OWNER")).hasStatus(HttpStatus.FORBIDDEN);
        assertThat(send("PUT", PATH, Map.of("version", version + 7, "closedInvoice", "CREDIT", "rules", List.of())))
                .hasStatus(HttpStatus.CONFLICT);
        assertThat(change(
                        "CREDIT",
                        Optional.empty(),
                        List.of(Map.of(
                                "carrier",
                                "HERON",
                                "site",
                                "",
                                "customer",
                                "",
                                "expenseAccount",
                                "1",
                                "liabilityAccount",
                                "2"))))
                .hasStatus(HttpStatus.NOT_FOUND);
        for (String period :
                List.of("from=2026-12-02&until=2026-12-01", "from=0001-01-01&until=2026-12-01", "from=x&until=y")) {
            assertThat(mvc.get()
                            .uri(PATH + "/balance?" + period)
                            .with(user("odette").roles("BOOKKEEPER"))
                            .exchange()
                            .getResponse()
                            .getStatus())
                    .isBetween(400, 422);
        }
    }
}
