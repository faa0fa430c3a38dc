package nobrec.server.placebook;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.Map;
import nobrec.server.ServerTest;
import nobrec.standins.http.Behavior;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.springframework.http.HttpStatus;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;

/** The address service outside is asked through its port; what it says stands beside the address and is kept with the place. */
class OutsideCheckTest extends ServerTest {

    private MvcTestResult ask(String company, String street, String street2, String country) {
        return send(
                "POST",
                "/api/v1/places/outside-checks",
                Map.of(
                        "company",
                        company,
                        "person",
                        "A. Sedge",
                        "street",
                        street,
                        "street2",
                        street2,
                        "city",
                        "Madison",
                        "state",
                        "WI",
                        "postalCode",
                        "53703",
                        "country",
                        country));
    }

    @Test
    void itsSpellingStandsBesideAndWhatDiffersIsNamed() {
        JsonNode found = json(ask("Sedge Co", "4 Osier Strt", "", ""));
        assertThat(found.path("service").asString()).isEqualTo("Address desk");
        assertThat(found.path("deliverable").asString()).isEqualTo("YES");
        assertThat(found.path("written").path("street").asString()).isEqualTo("4 Osier Street");
        assertThat(found.path("different").valueStream().map(JsonNode::asString))
                .containsExactly("street");
        assertThat(json(ask("Sedge Co", "1 Glass Tower", "", "US"))
                        .path("deliverable")
                        .asString())
                .isEqualTo("UNIT_MISSING");
        assertThat(json(ask("Sedge Co", "9 Nowhere Lane", "", "US"))
                        .path("said")
                        .asString())
                .isEqualTo("No such street in this city.");
        assertThat(ask("Sedge Co", "9 Lane", "", "Atlantis")).hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
    }

    @Test
    void aKindThatNobodyHasSaidReachesTheJobsThatGoThere() {
        drop("outside.csv", """
                Order No,Customer,Attn,Street,City,State,ZIP,Country,Ship Via,Item,Qty,Unit Wt lb
                OC-1,A. Sedge,A. Sedge,77 Willow Walk,Madison,WI,53703,US,Plover Ground,OC-A,1,0.5
                OC-2,Sedge Co,A. Sedge,78 Willow Walk,Madison,WI,53703,US,Plover Ground,OC-A,1,0.5
                """.getBytes(StandardCharsets.UTF_8));
        assertThat(ask("", "77 Willow Walk", "", "US")).hasStatusOk();
        assertThat(get("/api/v1/shipments?job=OC-1").path("shipTo").path("kind").asString())
                .isEqualTo("RESIDENCE");
        JsonNode place = get("/api/v1/places?text=willow walk")
                .path("rows")
                .valueStream()
                .filter(row -> row.toString().contains("77 Willow"))
                .findFirst()
                .orElseThrow();
        JsonNode whole = get("/api/v1/places/" + place.path("id").asLong());
        assertThat(whole.path("outside").path("said").asString()).isEqualTo("Found.");
    }

    @ParameterizedTest
    @EnumSource(names = {"FAIL", "NOT_JSON", "WRONG_KEY", "HALF_ANSWER", "UNAUTHORIZED"})
    void whenItIsDownOrStrangeItIsSaidAndOurOwnCheckGoesOn(Behavior behavior) {
        standIns().behave("addresses", behavior);
        try {
            MvcTestResult answer = ask("Sedge Co", "4 Osier Road", "", "US");
            assertThat(json(answer).path("title").asString()).isEqualTo("Address desk");
            assertThat(json(answer).path("remedy").asString()).startsWith("Go on with our own check");
        } finally {
            standIns().behave("addresses", Behavior.NORMAL);
        }
    }
}
