package nobrec.server.customer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.time.Duration;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpStatus;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

/** What whoever has the shop's address asks for by the form. */
class RequestFormTest extends CustomerVisit {

    private static Map<String, String> request(String mail) {
        Map<String, String> typed = new HashMap<>(address("700 Pike St", "Seattle", "WA", "98101"));
        typed.putAll(Map.of(
                "what", "Pump housing <b>",
                "pieces", "2",
                "weight", "4.5 kg",
                "size", "10 x 8 x 6",
                "service", "",
                "mail", mail));
        return typed;
    }

    @Test
    void aRequestByTheFormIsPricedAndAnsweredByMail() {
        bringIn("CP-8", "Plover Ground");
        Map<String, Object> rule = email(
                "QUOTED",
                "CP-8",
                "Quote {job}",
                "{quoted service} costs {quote} until {quoted until | MMM d}. Choose: {customer page}");
        rule.putAll(Map.of("toJob", true, "toFixed", ""));
        assertThat(keepEmails(List.of(rule))).hasStatusOk();
        assertThat(page("/request")).contains("What would freight cost?").doesNotContain("<script");
        MvcTestResult asked = post("/request", request("buyer@quillfeather.example"));
        assertThat(asked).hasStatusOk();
        Matcher number = Pattern.compile("Request (W-\\d+)").matcher(text(asked));
        assertThat(number.find()).isTrue();
        String job = number.group(1);
        assertThat(jobRow(job).get("status")).isEqualTo("REQUEST");
        String price = get("/api/v1/customers")
                .path("requests")
                .get(0)
                .path("price")
                .path("amount")
                .asString();
        assertThat(text(asked)).contains("costs " + price + " USD");
        await().atMost(Duration.ofSeconds(10))
                .until(() -> standIns().mail().mails().stream()
                        .anyMatch(mail -> mail.subject().equals("Quote " + job)));
        String mail = standIns().mail().mails().stream()
                .filter(each -> each.subject().equals("Quote " + job))
                .findFirst()
                .orElseThrow()
                .text();
        assertThat(mail).contains("costs " + price + " until").contains(link(job));
        String page = page(link(job));
        assertThat(page).contains("Pump housing &lt;b&gt;").contains("2 pieces");
        assertThat(chosenWay(link(job)).price()).isEqualTo(price);
        // chosen, taken as a job, and what was chosen stays
        Way other = other(page);
        assertThat(post(link(job) + "/way", Map.of("way", other.value(), "before", "")))
                .hasStatus(HttpStatus.SEE_OTHER);
        assertThat(jobRow(job).get("status")).isEqualTo("REQUEST");
        assertThat(send("POST", "/api/v1/freight-quotes/requests-taken", Map.of("job", job)))
                .hasStatusOk();
        assertThat(chosen(get("/api/v1/shipments?job=" + job)).path("service").asString())
                .isEqualTo(other.code());
    }

    @Test
    void nonsenseIsSaidAndFloodsAreStopped() {
        String mail = "flood@quillfeather.example";
        Map<String, String> wrong = request(mail);
        wrong.put("weight", "heavy");
        MvcTestResult said = post("/request", wrong);
        assertThat(said).hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        assertThat(text(said)).contains("role=\"alert\"").contains("value=\"heavy\"");
        wrong.put("weight", "4 kg");
        wrong.put("notes", "n".repeat(1_001));
        assertThat(text(post("/request", wrong))).contains("more than 1000 letters");
        wrong.put("mail", "a@b.example\r\nBcc: x@y.example");
        assertThat(post("/request", wrong)).hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        Map<String, String> robot = request(mail);
        robot.put("website", "spam");
        assertThat(post("/request", robot)).hasStatus(HttpStatus.TOO_MANY_REQUESTS);
        for (int each = 0; each < 3; each++) {
            assertThat(post("/request", request(mail))).hasStatusOk();
        }
        MvcTestResult flood = post("/request", request(mail));
        assertThat(flood).hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        assertThat(text(flood)).contains("Too many came within an hour");
        clock.pass(Duration.ofMinutes(61));
        assertThat(post("/request", request(mail))).hasStatusOk();
        assertThat(post("/request", Map.of("what", "x".repeat(70_000)))).hasStatus(HttpStatus.CONTENT_TOO_LARGE);
    }
}
