package nobrec.server.mail;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import nobrec.server.ServerTest;
import nobrec.server.platform.outbox.OutboxWorker;
import nobrec.standins.mail.MailMood;
import nobrec.standins.mail.ReceivedMail;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpStatus;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;

/** Mail as the server of the shop gets it: SMTP by SubEtha SMTP, read by Apache Mime4j; neither is ours. */
class MailTest extends ServerTest {

    private static final String RULES = "/api/v1/emails/rules";
    private static final String TO = "dock@quillfeather.example";

    @Autowired
    private OutboxWorker worker;

    private static Map<String, Object> rule(String name, String moment, String subject, String body) {
        Map<String, Object> rule = email(moment, "W-1", subject, body);
        rule.put("name", name);
        return rule;
    }

    @AfterEach
    void nothingIsWritten() {
        keepEmails(List.of());
    }

    private List<ReceivedMail> mailsAbout(String job) {
        return standIns().mail().mails().stream()
                .filter(mail -> mail.subject().contains(job))
                .toList();
    }

    private ReceivedMail awaitMail(String job) {
        await().atMost(Duration.ofSeconds(10)).until(() -> !mailsAbout(job).isEmpty());
        return mailsAbout(job).get(0);
    }

    private Map<String, Object> entryOf(String job) {
        return database.queryForMap(
                "SELECT state, answer, attempts FROM outbox WHERE kind = 'MAIL' AND subject_name = ? ORDER BY id DESC LIMIT 1",
                job);
    }

    private void awaitAnswer(String job, String words) {
        await().atMost(Duration.ofSeconds(20))
                .until(() -> String.valueOf(entryOf(job).get("answer")).contains(words));
    }

    @Test
    void whatIsShippedIsWrittenWithItsSlipAndAnswersGoToTheShop() {
        bringIn("T-150", "Plover Ground");
        Map<String, Object> rule = rule(
                "On its way",
                "LABEL_BOUGHT",
                "Order {job} is on its way",
                "Good day,\n\n**{job}** goes by {service} & is there on {arrival | MMM d}.\n\n- {tracking}\n- <b>{packages}</b>");
        rule.put("papers", List.of("PACKING_SLIP"));
        rule.put("triedOn", "T-150");
        assertThat(keepEmails(List.of(rule))).hasStatusOk();
        assertThat(ship(weighedJob("T-150", "Plover Ground"))).hasStatusOk();
        ReceivedMail mail = awaitMail("T-150");
        assertThat(mail.to()).isEqualTo(TO);
        assertThat(mail.from()).isEqualTo("shipping@marrowby.example");
        assertThat(mail.headers().get("Reply-To")).isEqualTo("desk@marrowby.example");
        assertThat(mail.headers().get("Message-ID")).endsWith("@marrowby.example>");
        assertThat(mail.subject()).isEqualTo("Order T-150 is on its way");
        assertThat(mail.text())
                .contains("T-150 goes by Plover Ground & is there on Dec 2.")
                .contains("- PV9");
        assertThat(mail.html())
                .contains("<strong>T-150</strong> goes by Plover Ground &amp; is there on Dec 2.")
                .contains("&lt;b&gt;1&lt;/b&gt;")
                .contains("#17472f");
        assertThat(mail.attached()).hasSize(1);
        assertThat(mail.attached().get(0)).endsWith(".pdf");
        assertThat(mailsAbout("T-150")).hasSize(1);
        assertThat(entryOf("T-150").get("state")).isEqualTo("DONE");
    }

    @Test
    void aServerThatSaysLaterIsTriedAgainAndOneThatSaysNoIsBelieved() {
        bringIn("T-151", "Plover Ground");
        Map<String, Object> rule = rule("Shipped", "LABEL_BOUGHT", "{job}", "Gone.");
        rule.put("triedOn", "T-151");
        keepEmails(List.of(rule));
        standIns().mail().setMood(MailMood.GREYLISTS);
        ship(weighedJob("T-151", "Plover Ground"));
        awaitAnswer("T-151", "says later: 451");
        assertThat(entryOf("T-151").get("state")).isEqualTo("WAITING");
        clock.pass(Duration.ofSeconds(10));
        worker.start();
        awaitMail("T-151");
        standIns().mail().setMood(MailMood.REFUSES_ADDRESS);
        ship(weighedJob("T-152", "Plover Ground"));
        awaitAnswer("T-152", "refused it: 550");
        assertThat(entryOf("T-152").get("state")).isEqualTo("FAILED");
        standIns().mail().setMood(MailMood.FULL);
        ship(weighedJob("T-153", "Plover Ground"));
        awaitAnswer("T-153", "refused it: 552");
    }

    @Test
    void whereNobodyKnowsWhetherItArrivedAPersonDecides() {
        bringIn("T-154", "Plover Ground");
        Map<String, Object> rule = rule("Shipped", "LABEL_BOUGHT", "{job}", "Gone.");
        rule.put("triedOn", "T-154");
        keepEmails(List.of(rule));
        standIns().mail().setMood(MailMood.BREAKS_OFF);
        ship(weighedJob("T-154", "Plover Ground"));
        awaitAnswer("T-154", "it may have arrived");
        assertThat(entryOf("T-154").get("state")).isEqualTo("FAILED");
        assertThat(mailsAbout("T-154")).hasSize(1);
    }

    @Test
    void addressesAndSubjectsWithLineBreaksPutNothingIntoTheHead() {
        bringIn("T-155", "Plover Ground");
        database.update("UPDATE work_order SET customer_po = 'PO 7\r\nBcc: all@others.example' WHERE number = 'T-155'");
        Map<String, Object> rule = rule("Shipped", "LABEL_BOUGHT", "{job} {customer PO}", "Gone.");
        rule.put("triedOn", "T-155");
        rule.put("toFixed", TO + "\r\nBcc: all@others.example");
        keepEmails(List.of(rule));
        ship(weighedJobAgain("T-155"));
        ReceivedMail mail = awaitMail("T-155");
        assertThat(mail.subject()).isEqualTo("T-155 PO 7 Bcc: all@others.example");
        assertThat(mail.headers()).doesNotContainKey("Bcc");
    }

    /** The job is there already. */
    private JsonNode weighedJobAgain(String number) {
        long id = json(send("POST", "/api/v1/shipments", Map.of("job", number)))
                .path("id")
                .asLong();
        return json(send("PUT", "/api/v1/shipments/" + id + "/packages/1/weight", Map.of("text", "3.1")));
    }

    @Test
    void whoWantsNoMoreGetsNoMore() {
        JsonNode look = get("/api/v1/emails/look").path("entry");
        Map<String, Object> reachable = new HashMap<>(JSON.convertValue(look, Map.class));
        reachable.put("publicAddress", "https://ship.marrowby.example/");
        assertThat(send("PUT", "/api/v1/emails/look", reachable, "admin", "ADMINISTRATOR"))
                .hasStatusOk();
        bringIn("T-156", "Plover Ground");
        Map<String, Object> rule = rule("Shipped", "LABEL_BOUGHT", "{job}", "Gone.");
        rule.put("triedOn", "T-156");
        rule.put("toFixed", "once@quillfeather.example");
        keepEmails(List.of(rule));
        ship(weighedJobAgain("T-156"));
        String link = awaitMail("T-156").headers().get("List-Unsubscribe").replaceAll("^\\s*<|>\\s*$", "");
        assertThat(link).startsWith("https://ship.marrowby.example/api/v1/events/mail-stops?to=once%40");
        String path = link.replace("https://ship.marrowby.example", "");
        assertThat(stop("GET", path.replaceAll(".$", path.endsWith("A") ? "B" : "A")))
                .hasStatus(HttpStatus.NOT_FOUND);
        assertThat(stop("GET", path)).hasStatusOk();
        assertThat(stop("POST", path)).hasStatusOk();
        ship(weighedJob("T-157", "Plover Ground"));
        await().pollDelay(Duration.ofSeconds(1)).until(() -> true);
        assertThat(mailsAbout("T-157")).isEmpty();
        JsonNode tried =
                json(send("POST", "/api/v1/emails/trials", Map.of("job", "T-157", "rule", rule), "hollis", "OWNER"));
        assertThat(tried.path("stopped").path(0).asString()).isEqualTo("once@quillfeather.example");
        assertThat(tried.path("why").asString()).isEqualTo("Whoever it would go to wants no more of them.");
    }

    private MvcTestResult stop(String method, String path) {
        URI address = URI.create(path);
        return method.equals("GET")
                ? mvc.get().uri(address).exchange()
                : mvc.post().uri(address).exchange();
    }

    @Test
    void aRuleIsReadBeforeItIsKeptAndTriedBeforeItCounts() {
        Map<String, Object> unknownFact = rule("Odd", "LABEL_BOUGHT", "{speed}", "Gone.");
        assertThat(keepEmails(List.of(unknownFact))).hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        Map<String, Object> toNobody = rule("Odd", "LABEL_BOUGHT", "{job}", "Gone.");
        toNobody.put("toFixed", "");
        assertThat(keepEmails(List.of(toNobody))).hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        Map<String, Object> untried = rule("Odd", "LABEL_BOUGHT", "{job}", "Gone.");
        untried.remove("triedOn");
        assertThat(keepEmails(List.of(untried))).hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        Map<String, Object> missingFile = rule("Odd", "LABEL_BOUGHT", "{job}", "Gone.");
        missingFile.put("files", new ArrayList<>(List.of(99_999)));
        bringIn("T-158", "Plover Ground");
        missingFile.put("triedOn", "T-158");
        assertThat(keepEmails(List.of(missingFile))).hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        assertThat(send("GET", RULES, Map.of(), "rufus", "PACKER")).hasStatus(HttpStatus.FORBIDDEN);
        assertThat(send("PUT", RULES, Map.of("version", 0, "rules", List.of()), "odette", "BOOKKEEPER"))
                .hasStatus(HttpStatus.FORBIDDEN);
    }

    @Test
    void aTestGoesToOneselfAndSaysWhatTheServerSaid() {
        bringIn("T-159", "Plover Ground");
        Map<String, Object> rule = rule("Shipped", "LABEL_BOUGHT", "Test of {job}", "Gone.");
        Map<String, Object> test = Map.of("job", "T-159", "rule", rule, "to", "hollis@marrowby.example");
        JsonNode sent = json(send("POST", "/api/v1/emails/tests", test, "hollis", "OWNER"));
        assertThat(sent.path("sent").asBoolean()).isTrue();
        assertThat(awaitMail("T-159").to()).isEqualTo("hollis@marrowby.example");
        standIns().mail().setMood(MailMood.HANGS);
        JsonNode hung = json(send("POST", "/api/v1/emails/tests", test, "hollis", "OWNER"));
        assertThat(hung.path("sent").asBoolean()).isFalse();
    }

    @Test
    void oneIsWrittenOnDemandAboutChosenJobsWithAResultEach() {
        bringIn("MD-1", "Plover Ground");
        Map<String, Object> rule = rule("Please look", "EXCEPTION", "About {job}", "Look: {job}.");
        rule.put("enabled", false);
        keepEmails(List.of(rule));
        JsonNode outcomes = json(send(
                "POST", "/api/v1/emails/writing", Map.of("jobs", List.of("MD-1", "MD-none"), "email", "Please look")));
        assertThat(outcomes.path("done").asInt()).isEqualTo(1);
        assertThat(outcomes.path("refused").get(0).path("job").asString()).isEqualTo("MD-none");
        assertThat(awaitMail("MD-1").subject()).isEqualTo("About MD-1");
        rule.put("toFixed", "");
        rule.put("toJob", true);
        keepEmails(List.of(rule));
        JsonNode nobody =
                json(send("POST", "/api/v1/emails/writing", Map.of("jobs", List.of("MD-1"), "email", "Please look")));
        assertThat(nobody.path("refused").get(0).path("reason").asString())
                .contains("No job of it has a usable address");
        assertThat(send("POST", "/api/v1/emails/writing", Map.of("jobs", List.of("MD-1"), "email", "No such")))
                .bodyJson()
                .extractingPath("$.done")
                .isEqualTo(0);
        assertThat(send(
                        "POST",
                        "/api/v1/emails/writing",
                        Map.of("jobs", List.of("MD-1"), "email", "Please look"),
                        "odette",
                        "BOOKKEEPER"))
                .hasStatus(HttpStatus.FORBIDDEN);
    }

    @Test
    void whatComesBackLaterHasFailed() throws Exception {
        bringIn("T-161", "Plover Ground");
        Map<String, Object> rule = rule("Shipped", "LABEL_BOUGHT", "{job}", "Gone.");
        rule.put("triedOn", "T-161");
        keepEmails(List.of(rule));
        ship(weighedJobAgain("T-161"));
        ReceivedMail mail = awaitMail("T-161");
        await().until(() -> "DONE".equals(entryOf("T-161").get("state")));
        String report = new String(
                standIns().mail().returned(standIns().mail().mails().indexOf(mail)), StandardCharsets.US_ASCII);
        assertThat(returned(report.replace("Action: failed", "Action: delayed")))
                .contains("The email about T-161 has not come back");
        assertThat(entryOf("T-161").get("state")).isEqualTo("DONE");
        assertThat(returned(report)).isEqualTo(returned(report)).contains("550 5.1.1 There is no such mailbox here");
        assertThat(entryOf("T-161").get("state")).isEqualTo("FAILED");
        assertThat(String.valueOf(entryOf("T-161").get("answer")))
                .isEqualTo("It came back from " + TO + ": 550 5.1.1 There is no such mailbox here");
        String another = report.replaceFirst("<[0-9a-f]{8}", "<00000000");
        for (String unusable : List.of("", "no mail", another, report.replace("multipart/report", "multipart/mixed"))) {
            assertThat(open(unusable).getResponse().getStatus()).isBetween(400, 499);
        }
        assertThat(mvc.post()
                        .uri("/api/v1/events/mail/returned")
                        .header("Nobrec-Signature", "00")
                        .contentType("message/rfc822")
                        .content(report)
                        .exchange())
                .as("unsigned")
                .hasStatus4xxClientError();
    }

    private String returned(String report) {
        return json(open(report)).path("said").asString();
    }

    private MvcTestResult open(String report) {
        return upload("/api/v1/emails/returned", "returned.eml", report.getBytes(StandardCharsets.US_ASCII));
    }
}
