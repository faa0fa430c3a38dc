package nobrec.server.returns;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import nobrec.server.ServerTest;
import nobrec.server.platform.outbox.OutboxWorker;
import nobrec.standins.http.Behavior;
import nobrec.standins.mail.ReceivedMail;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpStatus;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;

/** A return is asked for once, received once, costs what its used label costs, and can never be more than what left. */
class ReturnsTest extends ServerTest {

    @Autowired
    private OutboxWorker worker;

    @Autowired
    private ReturnReminders reminders;

    private JsonNode shipped(String job) {
        JsonNode gone = json(ship(weighedJob(job, "Plover Ground")));
        assertThat(gone.path("state").asString()).isEqualTo("SHIPPED");
        worker.run();
        return gone;
    }

    private Map<String, Object> wish(JsonNode gone, String payer) {
        JsonNode offer = offers(gone, payer).get(0);
        Map<String, Object> wish = new HashMap<>();
        wish.put("shipment", gone.path("id").asLong());
        wish.put("packageNumber", 1);
        wish.put("weight", "");
        wish.put("reason", "WRONG_ITEM");
        wish.put("note", "");
        wish.put("payer", payer);
        wish.put("service", offer.path("service").asString());
        wish.put("seenCost", offer.path("cost").path("amount").asString());
        wish.put("validUntil", today().plusDays(30).toString());
        wish.put("lines", List.of());
        return wish;
    }

    private java.time.LocalDate today() {
        return clock.instant().atZone(java.time.ZoneId.of("America/Chicago")).toLocalDate();
    }

    private JsonNode offers(JsonNode gone, String payer) {
        return get("/api/v1/returns/offers?packageNumber=1&weight=&payer=" + payer + "&shipment="
                + gone.path("id").asLong());
    }

    private MvcTestResult ask(Map<String, Object> wish) {
        return send("POST", "/api/v1/returns", wish);
    }

    private MvcTestResult act(JsonNode back, String act) {
        return send("POST", "/api/v1/returns/" + back.path("id").asLong() + "/" + act, Map.of());
    }

    private MvcTestResult receive(JsonNode back, int quantity, String condition) {
        return send(
                "POST",
                "/api/v1/returns/" + back.path("id").asLong() + "/receipt",
                Map.of("lines", List.of(Map.of("position", 1, "quantity", quantity, "condition", condition))));
    }

    private List<String> postings(JsonNode back) {
        return database.queryForList(
                "SELECT CONCAT(kind, ' ', state) FROM outbox WHERE subject_kind = 'RETURN' AND subject_id = ? ORDER BY id",
                String.class,
                back.path("id").asLong());
    }

    @Test
    void aLabelIsPricedAskedForPrintedAndReceivedByScan() throws Exception {
        JsonNode gone = shipped("T-83");
        JsonNode back = json(ask(wish(gone, "CUSTOMER")));
        assertThat(back.path("state").asString()).isEqualTo("EXPECTED");
        String number = back.path("trackingNumber").asString();
        assertThat(back.path("customerPays").path("amount").asDouble())
                .isGreaterThan(back.path("freight").path("amount").asDouble());
        assertThat(text(back.path("papers").get(0).asString()))
                .contains("RETURN", "VALID UNTIL", number, "T-83", "Marrowby");
        assertThat(postings(back)).containsExactly("RETURN_LABEL DONE");
        assertThat(json(send("POST", "/api/v1/handovers/ROCKFORD/PLOVER/scans", Map.of("text", number)))
                        .path("scan")
                        .path("said")
                        .asString())
                .as("scanned at a handover")
                .contains("way back of job T-83");
        assertThat(json(act(back, "on-the-way")).path("state").asString()).isEqualTo("ON_THE_WAY");
        JsonNode found = json(send("POST", "/api/v1/returns/scans", Map.of("text", " " + number.toLowerCase() + " ")));
        assertThat(found.path("awaited").path("id").asLong())
                .isEqualTo(back.path("id").asLong());
        int pieces = back.path("lines").get(0).path("quantity").asInt();
        assertThat(receive(back, pieces + 1, "GOOD")).hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        JsonNode came = json(receive(back, pieces, "DAMAGED"));
        assertThat(came.path("state").asString()).isEqualTo("RECEIVED");
        assertThat(came.path("came").asString()).contains("damaged");
        assertThat(receive(back, pieces, "GOOD")).as("received twice").hasStatus(HttpStatus.CONFLICT);
        Awaitility.await()
                .atMost(Duration.ofSeconds(20))
                .untilAsserted(() -> assertThat(postings(back))
                        .containsExactlyInAnyOrder("RETURN_LABEL DONE", "SOURCE DONE", "INVOICE DONE", "JOURNAL DONE"));
        assertThat(get("/api/v1/find?text=" + number).path("address").asString())
                .endsWith("return=" + back.path("id").asLong());
        JsonNode costs = get("/api/v1/returns/costs?from=2026-01-01&until=2099-01-01");
        assertThat(costs.path("rows").valueStream())
                .anySatisfy(row -> assertThat(row.path("reason").asString()).isEqualTo("WRONG_ITEM"));
    }

    private String text(String address) throws Exception {
        byte[] pdf = mvc.get()
                .uri(address)
                .with(org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user(
                                INES)
                        .authorities(List.of()))
                .exchange()
                .getResponse()
                .getContentAsByteArray();
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return new PDFTextStripper().getText(document);
        }
    }

    @Test
    void noMoreComesBackThanLeftWhoeverAsks() {
        JsonNode gone = shipped("T-84");
        Map<String, Object> wish = wish(gone, "SHOP");
        JsonNode back = json(ask(wish));
        assertThat(ask(wish)).as("all of it is awaited").hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        wish.put("lines", List.of(Map.of("position", 1, "quantity", 1)));
        assertThat(ask(wish)).hasStatus(HttpStatus.CONFLICT);
        wish.put("seenCost", "0.01");
        wish.put("lines", List.of());
        assertThat(ask(wish)).as("another price than was seen").hasStatus(HttpStatus.CONFLICT);
        assertThat(send("POST", "/api/v1/shipments/" + gone.path("id").asLong() + "/void", Map.of()))
                .as("a void while a return is awaited")
                .hasStatus(HttpStatus.CONFLICT);
        assertThat(json(act(back, "call-off")).path("state").asString()).isEqualTo("CALLED_OFF");
        assertThat(get("/api/v1/returns/" + back.path("id").asLong()).path("papers"))
                .as("a void label is not offered")
                .isEmpty();
        assertThat(json(ask(wish(gone, "SHOP"))).path("state").asString())
                .as("asked for again after it was called off")
                .isEqualTo("EXPECTED");
    }

    @Test
    void aCarrierThatIsSilentIsAskedUntilItAnswersAndGivesOneLabel() {
        JsonNode gone = shipped("T-85");
        Map<String, Object> wish = wish(gone, "SHOP");
        JsonNode ground = offers(gone, "SHOP")
                .valueStream()
                .filter(each -> each.path("name").asString().equals("Plover Ground"))
                .findFirst()
                .orElseThrow();
        wish.put("service", ground.path("service").asString());
        wish.put("seenCost", ground.path("cost").path("amount").asString());
        standIns().behave("plover", Behavior.LOSE_ANSWER);
        JsonNode asked = json(ask(wish));
        assertThat(asked.path("state").asString()).isEqualTo("ASKED");
        assertThat(act(asked, "call-off")).as("while nobody knows").hasStatus(HttpStatus.CONFLICT);
        allAnswerAgain();
        clock.pass(Duration.ofMinutes(6));
        worker.run();
        JsonNode there = get("/api/v1/returns/" + asked.path("id").asLong());
        assertThat(there.path("state").asString()).isEqualTo("EXPECTED");
        assertThat(there.path("papers")).hasSize(1);
        assertThat(postings(asked)).containsExactly("RETURN_LABEL DONE");
    }

    @Test
    void whatComesBackUnannouncedIsReceivedAndCostsNothing() {
        JsonNode gone = shipped("T-86");
        String number = gone.path("packages").get(0).path("trackingNumber").asString();
        JsonNode found = json(send("POST", "/api/v1/returns/scans", Map.of("text", number)));
        assertThat(found.path("said").asString()).contains("nobody expected");
        assertThat(send("POST", "/api/v1/returns/scans", Map.of("text", "4006381333931")))
                .hasStatus(HttpStatus.NOT_FOUND);
        JsonNode back = json(send(
                "POST",
                "/api/v1/returns/without-label",
                Map.of(
                        "shipment",
                        found.path("shipment").asLong(),
                        "reason",
                        "NOT_DELIVERED",
                        "note",
                        "",
                        "lines",
                        List.of())));
        receive(back, 1, "GOOD");
        assertThat(postings(back)).hasSize(1).first().asString().startsWith("SOURCE");
    }

    /** A job that left in two shipments: what comes back belongs to the one whose label it bears. */
    @Test
    void theLabelSaysWhichShipmentCameBack() {
        bringIn("RT-2", "Plover Ground", 4);
        JsonNode bench = json(send("POST", "/api/v1/shipments", Map.of("job", "RT-2")));
        JsonNode less = json(send(
                "POST",
                "/api/v1/shipments/" + bench.path("id").asLong() + "/left-behind",
                Map.of("line", bench.path("lines").get(0).path("id").asLong(), "quantity", 2)));
        JsonNode first = shippedBy(less);
        JsonNode second = shippedBy(json(send("POST", "/api/v1/shipments", Map.of("job", "RT-2"))));
        for (JsonNode gone : List.of(first, second)) {
            String number = gone.path("packages").get(0).path("trackingNumber").asString();
            assertThat(json(send("POST", "/api/v1/returns/scans", Map.of("text", number)))
                            .path("shipment")
                            .asLong())
                    .isEqualTo(gone.path("id").asLong());
        }
        assertThat(json(send("POST", "/api/v1/returns/scans", Map.of("text", "RT-2")))
                        .path("shipment")
                        .asLong())
                .isEqualTo(second.path("id").asLong());
    }

    private JsonNode shippedBy(JsonNode bench) {
        return json(ship(json(send(
                "PUT",
                "/api/v1/shipments/" + bench.path("id").asLong() + "/packages/1/weight",
                Map.of("text", "1.5", "sure", true)))));
    }

    @Test
    void whatStaysAwayIsOverdueWithItsReminder() {
        JsonNode gone = shipped("T-87");
        JsonNode back = json(ask(wish(gone, "SHOP")));
        clock.pass(Duration.ofDays(31));
        int overdue = count("OVERDUE");
        assertThat(overdue).isPositive();
        JsonNode reminded = json(act(back, "reminders"));
        assertThat(reminded.path("overdue").asBoolean()).isTrue();
        assertThat(reminded.path("reminders").asInt()).isEqualTo(1);
        assertThat(get("/api/v1/departures").toString()).contains("should be here by now");
        assertThat(json(act(back, "call-off")).path("overdue").asBoolean()).isFalse();
        assertThat(count("OVERDUE")).isEqualTo(overdue - 1);
    }

    private int count(String look) {
        return get("/api/v1/returns?look=" + look)
                .path("counts")
                .valueStream()
                .filter(each -> each.path("look").asString().equals(look))
                .findFirst()
                .orElseThrow()
                .path("count")
                .asInt();
    }

    @Test
    void aReplacementIsAJobOfItsOwnWhoseFreightStandsOnTheOldInvoice() {
        JsonNode gone = shipped("T-88");
        Map<String, Object> wish =
                Map.of("reason", "DAMAGED", "billed", true, "lines", List.of(Map.of("position", 1, "quantity", 1)));
        JsonNode job = json(send("POST", "/api/v1/work-orders/one/replacements?job=T-88", wish));
        assertThat(job.path("number").asString()).isEqualTo("T-88-R1");
        assertThat(job.path("replaces").path("replaces").asString()).isEqualTo("T-88");
        assertThat(get("/api/v1/work-orders/one?job=T-88").path("replacements")).hasSize(1);
        JsonNode bench = json(send("POST", "/api/v1/shipments", Map.of("job", "T-88-R1")));
        JsonNode weighed = json(send(
                "PUT",
                "/api/v1/shipments/" + bench.path("id").asLong() + "/packages/1/weight",
                Map.of("text", "0.6 lb")));
        JsonNode sent = json(ship(weighed));
        assertThat(sent.path("state").asString()).isEqualTo("SHIPPED");
        assertThat(database.queryForList(
                        "SELECT subject_name FROM outbox WHERE kind = 'INVOICE' AND subject_id = ?",
                        String.class,
                        sent.path("id").asLong()))
                .containsExactly("T-88");
        assertThat(send("POST", "/api/v1/work-orders/one/replacements?job=T-88-R1", wish)
                        .getResponse()
                        .getStatus())
                .as("a replacement can be replaced")
                .isEqualTo(200);
        assertThat(send(
                        "POST",
                        "/api/v1/work-orders/one/replacements?job=T-88",
                        Map.of(
                                "reason",
                                "DAMAGED",
                                "billed",
                                false,
                                "lines",
                                List.of(Map.of("position", 1, "quantity", 99_999)))))
                .hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        assertThat(gone.path("id").asLong()).isPositive();
    }

    @Test
    void anEmailRemindsOnceShortlyBeforeTheLabelEnds() {
        JsonNode gone = shipped("T-162");
        Map<String, Object> wish = wish(gone, "SHOP");
        wish.put("validUntil", today().plusDays(5).toString());
        wish.put("lines", List.of(Map.of("position", 1, "quantity", 1)));
        JsonNode back = json(ask(wish));
        JsonNode longAgo = json(ask(wish));
        database.update(
                "UPDATE goods_return SET due = ? WHERE id = ?",
                today().minusDays(1),
                longAgo.path("id").asLong());
        reminders.remindAll();
        assertThat(remindersOf(back)).as("no email is written at this moment").isZero();
        keepEmails(List.of(email(
                "RETURN_REMINDER",
                "T-162",
                "Your return of {job}",
                "Still to come: {to come back}[ with {return label}], by {return due | MMMM d}.")));
        try {
            reminders.remindAll();
            reminders.remindAll();
            assertThat(remindersOf(back)).isEqualTo(1);
            assertThat(remindersOf(longAgo)).as("its label has ended").isZero();
            Awaitility.await()
                    .atMost(Duration.ofSeconds(20))
                    .until(() -> mailsAbout("T-162").size() == 1);
            assertThat(mailsAbout("T-162").get(0).text())
                    .contains(back.path("trackingNumber").asString(), "Still to come: ");
            assertThat(act(back, "reminders")).as("a person reminds again").hasStatusOk();
            Awaitility.await()
                    .atMost(Duration.ofSeconds(20))
                    .until(() -> mailsAbout("T-162").size() == 2);
        } finally {
            keepEmails(List.of());
        }
    }

    private int remindersOf(JsonNode back) {
        return get("/api/v1/returns/" + back.path("id").asLong())
                .path("reminders")
                .asInt();
    }

    private List<ReceivedMail> mailsAbout(String job) {
        return standIns().mail().mails().stream()
                .filter(mail -> mail.subject().contains(job))
                .toList();
    }
}
