package nobrec.server.rule;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import nobrec.server.ServerTest;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpStatus;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;

class HouseRulesTest extends ServerTest {

    private static final String RULES = "/api/v1/house-rules";

    @Autowired
    private HouseRules rules;

    /** Rules would act on the jobs of other tests. Those of the demonstration stay. */
    @AfterEach
    void noRuleIsLeft() {
        for (JsonNode row : get(RULES).path("rows")) {
            if (row.path("rule").path("name").asString().startsWith("HR ")) {
                assertThat(send("DELETE", RULES + "/" + row.path("id").asLong() + "?version=" + version(), Map.of()))
                        .hasStatusOk();
            }
        }
        awaitTasks();
        assertThat(database.queryForList(
                        "SELECT ruling FROM work_order WHERE number LIKE 'HR-%' AND ruling IS NOT NULL"))
                .isEmpty();
    }

    private int version() {
        return get(RULES).path("version").asInt();
    }

    private static Map<String, Object> rule(String customer, Object... acts) {
        return Map.of(
                "name",
                customer + " rule",
                "when",
                Map.of("kind", "FACT", "fact", "CUSTOMER", "test", "ONE_OF", "texts", List.of(customer)),
                "acts",
                List.of(acts),
                "last",
                false,
                "enabled",
                true);
    }

    private static Map<String, Object> act(String kind, String value) {
        return Map.of("kind", kind, "value", value, "instead", true);
    }

    private MvcTestResult add(Map<String, Object> rule) {
        return send("POST", RULES, Map.of("version", version(), "rule", rule));
    }

    private void bring(String number, String customer) {
        String heading = new String(demoFile("orders-tuesday.csv"), StandardCharsets.UTF_8)
                .lines()
                .findFirst()
                .orElseThrow();
        String row = number + "," + customer
                + ",,,Dock,88 Carding Lane,,Madison,WI,53703,US,,,,Plover Ground,,SK-3,Seal kit,2,0.5,";
        drop(number + ".csv", (heading + "\r\n" + row + "\r\n").getBytes(StandardCharsets.UTF_8));
    }

    private JsonNode open(String number) {
        return json(send("POST", "/api/v1/shipments", Map.of("job", number)));
    }

    private static List<String> texts(JsonNode rows, String field) {
        List<String> texts = new ArrayList<>();
        rows.forEach(row -> texts.add(row.path(field).asString()));
        return texts;
    }

    @Test
    void aRuleActsOnWhatComesInAndSaysWhy() {
        assertThat(add(rule(
                        "HR Tool",
                        act("SERVICE", "dunlin overnight"),
                        act("ACCESSORIAL", "Signature"),
                        act("HOLD", "ask Ines"),
                        Map.of("kind", "DEMAND_PHONE"),
                        Map.of("kind", "DEMAND_COMPANY"),
                        Map.of("kind", "DEMAND_CONTENTS_CHECK"),
                        act("CARTON", "C1"))))
                .hasStatusOk();
        bring("HR-1", "HR Tool");
        JsonNode bench = open("HR-1");
        assertThat(chosen(bench).path("name").asString()).isEqualTo("Dunlin Overnight");
        assertThat(bench.path("choiceReason").asString()).isEqualTo("A house rule asks for it.");
        assertThat(bench.path("packages").get(0).path("cartonReason").asString())
                .isEqualTo("The job asks for it.");
        assertThat(bench.path("accessorials").toString()).contains("\"words\":\"signature\",\"requested\":true");
        assertThat(texts(bench.path("checks"), "reason"))
                .contains(
                        "On hold: ask Ines",
                        "House rule “HR Tool rule” demands a company.",
                        "House rule “HR Tool rule” demands that the contents are checked piece by piece.");
        assertThat(bench.path("rules").get(0).path("why").asString()).isEqualTo("Customer HR Tool.");
        assertThat(bench.path("rules").get(0).path("does").asString())
                .startsWith("ask for Dunlin Overnight, whatever the record says; with signature; hold it, “ask Ines”");
        assertThat(get("/api/v1/work-orders?text=HR-1")
                        .path("rows")
                        .get(0)
                        .path("requestedService")
                        .asString())
                .isEqualTo("Dunlin Overnight");
    }

    @Test
    void aReleasedHoldStaysReleasedThoughRulesChange() {
        add(rule("HR Hold", act("HOLD", "ask Ines")));
        bring("HR-2", "HR Hold");
        assertThat(open("HR-2").path("checks").toString()).contains("On hold: ask Ines");
        assertThat(send("POST", "/api/v1/work-orders/releases", Map.of("jobs", List.of("HR-2"))))
                .hasStatusOk();
        add(rule("HR Hold", act("NOTE", "fragile")));
        awaitTasks();
        JsonNode bench = open("HR-2");
        assertThat(bench.path("checks").toString()).doesNotContain("On hold");
        assertThat(texts(bench.path("rules"), "does")).containsExactly("tell whoever ships it “fragile”");
    }

    @Test
    void aChangedRuleReachesJobsThatAreHereAndACorrectionIsLookedAtAgain() {
        bring("HR-3", "HR Later");
        Map<String, Object> abroad = Map.of(
                "name",
                "HR Iowa",
                "when",
                Map.of("kind", "FACT", "fact", "STATE", "test", "ONE_OF", "texts", List.of("ia")),
                "acts",
                List.of(act("SERVICE", "Dunlin Overnight")),
                "last",
                false,
                "enabled",
                true);
        assertThat(add(abroad)).hasStatusOk();
        add(rule("HR Later", act("NOTE", "n")));
        awaitTasks();
        JsonNode bench = open("HR-3");
        assertThat(texts(bench.path("rules"), "name")).containsExactly("HR Later rule");
        long id = bench.path("id").asLong();
        JsonNode corrected = json(send(
                "PUT",
                "/api/v1/shipments/" + id + "/ship-to",
                Map.of(
                        "company",
                        "",
                        "person",
                        "",
                        "street",
                        "88 Carding Lane",
                        "street2",
                        "",
                        "city",
                        "Dubuque",
                        "state",
                        "IA",
                        "postalCode",
                        "52001",
                        "country",
                        "US")));
        assertThat(texts(corrected.path("rules"), "name")).containsExactly("HR Iowa", "HR Later rule");
        assertThat(texts(corrected.path("rules"), "why")).contains("Ship-to state IA.");
    }

    @Test
    void isTriedOnPastJobsBeforeItCounts() {
        bring("HR-4", "HR Past");
        JsonNode begun = json(send(
                "POST", RULES + "/trials", Map.of("rule", rule("hr  PAST", act("SERVICE", "Dunlin Overnight")))));
        awaitTasks();
        JsonNode found = get(RULES + "/trials/" + begun.path("task").asLong());
        assertThat(found.path("touched").asInt()).isEqualTo(1);
        assertThat(found.path("looked").asInt()).isGreaterThan(5);
        assertThat(found.path("jobs").get(0).path("number").asString()).isEqualTo("HR-4");
        assertThat(found.path("jobs").get(0).path("does").asString()).startsWith("ask for Dunlin Overnight");
        assertThat(found.path("jobs").get(0).path("before").asString()).isEmpty();
        assertThat(open("HR-4").path("rules")).isEmpty();
    }

    @Test
    void twoPeopleDoNotUndoEachOthersRulesAndTheOrderDecides() {
        int looked = version();
        add(rule("HR Two", act("SERVICE", "Dunlin Overnight")));
        assertThat(send("POST", RULES, Map.of("version", looked, "rule", rule("HR Two", act("NOTE", "n")))))
                .hasStatus(HttpStatus.CONFLICT);
        add(rule("HR Two", act("SERVICE", "Plover Ground")));
        bring("HR-5", "HR Two");
        assertThat(chosen(open("HR-5")).path("name").asString()).isEqualTo("Dunlin Overnight");
        JsonNode rows = get(RULES).path("rows");
        List<Long> turned = new ArrayList<>();
        rows.forEach(row -> turned.add(0, row.path("id").asLong()));
        assertThat(send("PUT", RULES + "/order", Map.of("version", version(), "ids", turned)))
                .hasStatusOk();
        awaitTasks();
        assertThat(chosen(open("HR-5")).path("name").asString()).isEqualTo("Plover Ground");
        assertThat(send("PUT", RULES + "/order", Map.of("version", version(), "ids", List.of(turned.get(0)))))
                .hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
    }

    @Test
    void aRuleOfSomethingThatIsGoneBreaksNoOtherAndNoScreen() {
        add(rule("HR Gone", act("NOTE", "n")));
        database.update(
                "INSERT INTO house_rule (position, definition, changed_by, changed_at) VALUES (0, ?, 'ines', NOW())",
                JSON.writeValueAsString(rule("HR Gone", act("SERVICE", "Pigeon Post"))));
        add(rule("HR Gone", act("NOTE", "m")));
        JsonNode rows = get(RULES).path("rows");
        assertThat(rows.get(0).path("rule").path("name").asString()).isEqualTo("HR Gone rule");
        assertThat(rows.get(0).path("problem").asString())
                .isEqualTo("What it does, “service”: “Pigeon Post” is not known here. Choose one of the list.");
        bring("HR-6", "HR Gone");
        assertThat(open("HR-6").path("rules")).hasSize(2);
    }

    @Test
    void aRuleBeginsToCountOnItsDay() {
        LocalDate today = LocalDate.now(clock);
        Map<String, Object> later = new java.util.HashMap<>(rule("HR Day", act("NOTE", "n")));
        later.put("validFrom", today.plusDays(2).toString());
        add(later);
        bring("HR-7", "HR Day");
        assertThat(open("HR-7").path("rules")).isEmpty();
        clock.pass(java.time.Duration.ofDays(2));
        rules.lookAtDay();
        awaitTasks();
        assertThat(open("HR-7").path("rules")).hasSize(1);
    }

    @Test
    void whoeverDoesNotKeepRulesLooksAtTheMost() {
        Map<String, Object> change = Map.of("version", version(), "rule", rule("HR", act("NOTE", "n")));
        assertThat(send("POST", RULES, change, "rufus", "PACKER")).hasStatus(HttpStatus.FORBIDDEN);
        assertThat(send("POST", RULES, change, "odette", "BOOKKEEPER")).hasStatus(HttpStatus.FORBIDDEN);
        assertThat(send("POST", RULES + "/sentence", rule("HR", act("NOTE", "n")), "hollis", "OWNER"))
                .hasStatusOk();
        assertThat(json(send("POST", RULES + "/sentence", rule("HR", act("SERVICE", "Pigeon"))))
                        .path("detail")
                        .asString())
                .isEqualTo("“Pigeon” is not known here.");
    }
}
