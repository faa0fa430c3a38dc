package nobrec.server.customer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpStatus;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;

/** What customers see and do on a job's page without a sign-in. */
class CustomerPageTest extends CustomerVisit {

    @Test
    void whoHasTheLinkChoosesAndPaysWhatWasShown() {
        JsonNode bench = farJob("CP-1");
        String link = link("CP-1");
        String page = page(link);
        assertThat(page)
                .contains("Order")
                .contains("CP-1")
                .contains("700 Pike St")
                .doesNotContain("<script");
        assertThat(ways(page)).hasSizeGreaterThan(1).filteredOn(Way::chosen).hasSize(1);
        Way other = other(page);
        MvcTestResult chosen = post(link + "/way", Map.of("way", other.value(), "before", ""));
        assertThat(chosen).hasStatus(HttpStatus.SEE_OTHER);
        assertThat(page(link + "?said=chosen")).contains("It goes that way, at that price.");
        JsonNode after = get("/api/v1/shipments?job=CP-1");
        assertThat(chosen(after).path("service").asString()).isEqualTo(other.code());
        assertThat(after.path("charge").path("total").path("amount").asString()).isEqualTo(other.price());
        // one more package makes it dearer for us, not for the customer
        assertThat(send(
                        "PUT",
                        "/api/v1/shipments/" + bench.path("id").asLong() + "/packages/1/weight",
                        Map.of("text", "9", "sure", true)))
                .hasStatusOk();
        assertThat(ways(page(link)).stream()
                        .filter(Way::chosen)
                        .findFirst()
                        .orElseThrow()
                        .price())
                .isEqualTo(other.price());
    }

    @Test
    void anotherPriceThanShownAndTwoWithOneLinkChooseNothing() {
        farJob("CP-2");
        String link = link("CP-2");
        Way other = other(page(link));
        MvcTestResult cheaper = post(link + "/way", Map.of("way", other.code() + " 0.01", "before", ""));
        assertThat(cheaper).hasStatus(HttpStatus.CONFLICT);
        assertThat(text(cheaper)).contains(other.price() + " now, not 0.01").contains("Nothing was chosen");
        assertThat(jobRow("CP-2").get("quote_held")).isEqualTo(false);
        assertThat(post(link + "/way", Map.of("way", other.value(), "before", "")))
                .hasStatus(HttpStatus.SEE_OTHER);
        Way third = other(page(link));
        MvcTestResult late = post(link + "/way", Map.of("way", third.value(), "before", ""));
        assertThat(late).hasStatus(HttpStatus.CONFLICT);
        assertThat(text(late)).contains("Somebody with this link has chosen");
        assertThat(chosen(get("/api/v1/shipments?job=CP-2")).path("service").asString())
                .isEqualTo(other.code());
        assertThat(post(link + "/way", Map.of("way", "NOBODY 1.00", "before", other.code())))
                .hasStatus(HttpStatus.CONFLICT);
        assertThat(post(link + "/way", Map.of())).hasStatus(HttpStatus.CONFLICT);
    }

    @Test
    void onceTheLabelIsBoughtNothingIsChosenAndThePackageIsFollowed() {
        JsonNode bench = farJob("T-160");
        String link = link("T-160");
        Way other = other(page(link));
        assertThat(ship(bench)).hasStatusOk();
        MvcTestResult late = post(link + "/way", Map.of("way", other.value(), "before", ""));
        assertThat(late).hasStatus(HttpStatus.CONFLICT);
        assertThat(post(link + "/address", address("1 Elm St", "Madison", "WI", "53703")))
                .hasStatus(HttpStatus.CONFLICT);
        await().atMost(Duration.ofSeconds(10)).until(() -> page(link).contains("Tracking number"));
        await().atMost(Duration.ofSeconds(10)).until(() -> page(link).contains("/papers/"));
        String page = page(link);
        assertThat(page).contains("It left").doesNotContain("name=\"way\"").doesNotContain("Send there");
        Matcher paper = Pattern.compile("href=\"([^\"]+/papers/\\d+)\"").matcher(page);
        assertThat(paper.find()).isTrue();
        assertThat(look(paper.group(1)).getResponse().getContentAsByteArray())
                .startsWith("%PDF".getBytes(StandardCharsets.US_ASCII));
        Long label = database.queryForObject("SELECT MIN(id) FROM paper WHERE kind = 'LABEL'", Long.class);
        assertThat(look(link + "/papers/" + label)).hasStatus(HttpStatus.NOT_FOUND);
    }

    @Test
    void whereOnlyOneWayIsLeftNothingIsAsked() {
        weighedJob("CP-9", "Plover Ground");
        set(Map.of("page", true, "services", List.of("PLV-GROUND")));
        assertThat(page(link("CP-9")))
                .contains("Plover Ground", "nothing else to choose")
                .doesNotContain("Choose this way");
    }

    @Test
    void aLinkThatIsGuessedOrWithdrawnLeadsNowhere() {
        weighedJob("CP-3", "Plover Ground");
        String link = link("CP-3");
        String end = link.endsWith("A") ? "B" : "A";
        for (String wrong : List.of(
                link.substring(0, link.length() - 1) + end,
                link.replaceFirst("/customer/[^-]+-", "/customer/1-"),
                "/customer/1-0-x",
                "/customer/" + "z".repeat(5_000))) {
            assertThat(look(wrong)).hasStatus(HttpStatus.NOT_FOUND);
        }
        assertThat(send("POST", "/api/v1/customers/page/withdrawal", Map.of("job", "CP-3")))
                .hasStatusOk();
        assertThat(look(link)).hasStatus(HttpStatus.NOT_FOUND);
        String newLink = link("CP-3");
        assertThat(newLink).isNotEqualTo(link);
        page(newLink);
        set(Map.of("page", false));
        assertThat(look(newLink)).hasStatus(HttpStatus.NOT_FOUND);
        assertThat(look("/request")).hasStatus(HttpStatus.NOT_FOUND);
    }

    @Test
    void oneSenderLooksSixtyTimesAMinute() {
        MvcTestResult last = look("/customer/1-0-x");
        for (int more = 0; more < 61; more++) {
            last = look("/customer/1-0-x");
        }
        assertThat(last).hasStatus(HttpStatus.TOO_MANY_REQUESTS);
    }

    @Test
    void anAddressOfTheSamePriceCountsAtOnce() {
        weighedJob("CP-4", "Plover Ground");
        String link = link("CP-4");
        MvcTestResult wrong = post(link + "/address", address("89 Carding Lane", "Madison", "WI", "99999"));
        assertThat(wrong).hasStatus(HttpStatus.CONFLICT);
        assertThat(text(wrong)).contains("role=\"alert\"").contains("value=\"89 Carding Lane\"");
        MvcTestResult right = post(link + "/address", address("89 Carding Lane", "Madison", "WI", "53703"));
        assertThat(right).hasStatus(HttpStatus.SEE_OTHER);
        assertThat(right.getResponse().getHeader("Location")).endsWith("?said=address");
        assertThat(jobRow("CP-4").get("street")).isEqualTo("89 Carding Lane");
        assertThat(jobRow("CP-4").get("hold")).isEqualTo("");
    }

    @Test
    void anAddressOfAnotherPriceWaitsForOurYes() {
        weighedJob("CP-5", "Plover Ground");
        String link = link("CP-5");
        String before = get("/api/v1/shipments?job=CP-5")
                .path("charge")
                .path("total")
                .path("amount")
                .asString();
        assertThat(post(link + "/way", Map.of("way", "PLV-GROUND " + before, "before", "")))
                .hasStatus(HttpStatus.SEE_OTHER);
        MvcTestResult asked = post(link + "/address", address("700 Pike St", "Seattle", "WA", "98101"));
        assertThat(asked.getResponse().getHeader("Location")).endsWith("?said=asked");
        assertThat(jobRow("CP-5").get("city")).isEqualTo("Madison");
        assertThat(String.valueOf(jobRow("CP-5").get("hold"))).contains("asks for another address");
        assertThat(page(link)).contains("You asked for").contains("nothing leaves");
        assertThat(ship(get("/api/v1/shipments?job=CP-5"))).hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        JsonNode view = get("/api/v1/customers").path("asked");
        JsonNode row = view.get(view.size() - 1);
        String there = row.path("priceNow").path("amount").asString();
        assertThat(there).isNotEqualTo(before);
        assertThat(row.path("priceBefore").path("amount").asString()).isEqualTo(before);
        String answer = "/api/v1/customers/addresses/" + answerId("CP-5") + "/answer";
        assertThat(send("POST", answer, Map.of("yes", true, "seen", before, "text", "")))
                .hasStatus(HttpStatus.CONFLICT);
        database.update("UPDATE asked_address SET price_after = 1.00 WHERE id = ?", answerId("CP-5"));
        assertThat(send("POST", answer, Map.of("yes", true, "seen", "1.00", "text", "")))
                .hasStatus(HttpStatus.CONFLICT);
        assertThat(database.queryForObject(
                        "SELECT price_after FROM asked_address WHERE id = ?", String.class, answerId("CP-5")))
                .as("the price is shown as it is now")
                .isEqualTo(there);
        assertThat(send("POST", answer, Map.of("yes", true, "seen", there, "text", ""), "rufus", "PACKER"))
                .hasStatus(HttpStatus.FORBIDDEN);
        assertThat(send("POST", answer, Map.of("yes", true, "seen", there, "text", "")))
                .hasStatusOk();
        assertThat(jobRow("CP-5").get("city")).isEqualTo("Seattle");
        assertThat(jobRow("CP-5").get("hold")).isEqualTo("");
        assertThat(get("/api/v1/shipments?job=CP-5")
                        .path("charge")
                        .path("total")
                        .path("amount")
                        .asString())
                .isEqualTo(there);
        assertThat(send("POST", answer, Map.of("yes", true, "seen", there, "text", "")))
                .hasStatus(HttpStatus.CONFLICT);
    }

    @Test
    void ourNoIsSaidAndAnotherReasonToHoldStays() {
        weighedJob("CP-6", "Plover Ground");
        assertThat(send("POST", "/api/v1/work-orders/holds", Map.of("jobs", List.of("CP-6"), "reason", "Not plated")))
                .hasStatusOk();
        String link = link("CP-6");
        post(link + "/address", address("700 Pike St", "Seattle", "WA", "98101"));
        assertThat(String.valueOf(jobRow("CP-6").get("hold"))).startsWith("Not plated; ");
        post(link + "/address", address("701 Pike St", "Seattle", "WA", "98101"));
        assertThat(get("/api/v1/customers").path("asked"))
                .filteredOn(each -> each.path("job").asString().equals("CP-6"))
                .hasSize(1);
        assertThat(send(
                        "POST",
                        "/api/v1/customers/addresses/" + answerId("CP-6") + "/answer",
                        Map.of("yes", false, "seen", "", "text", "Only within <Wisconsin>")))
                .hasStatusOk();
        assertThat(jobRow("CP-6").get("hold")).isEqualTo("Not plated");
        assertThat(page(link)).contains("We cannot send it there: Only within &lt;Wisconsin&gt;");
    }

    @Test
    void whoDoesNotPayFreightDoesNotChoose() {
        weighedJob("CP-7", "Plover Ground");
        send(
                "PUT",
                "/api/v1/work-orders/one/entries?job=CP-7",
                Map.of("entries", List.of(Map.of("field", "TERMS", "line", 0, "text", "we pay"))));
        assertThat(page(link("CP-7"))).contains("not billed to you").doesNotContain("name=\"way\"");
    }
}
