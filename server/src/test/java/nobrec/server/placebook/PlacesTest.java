package nobrec.server.placebook;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import nobrec.server.ServerTest;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpStatus;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;

class PlacesTest extends ServerTest {

    private static final String HEADING =
            "Order No,Customer,Ship To,Attn,Street,Street 2,City,State,ZIP,Country,Phone,Ship Via,Item,Description,Qty,Unit Wt lb";

    private void bring(String number, String place) {
        String row = number + ",PL Works," + place + ",(520) 555-0142,Plover Ground,PL-1,Pin,4,0.2";
        drop(number + ".csv", (HEADING + "\r\n" + row + "\r\n").getBytes(StandardCharsets.UTF_8));
    }

    private JsonNode found(String text) {
        return get("/api/v1/places?text=" + text).path("rows");
    }

    private JsonNode only(String text) {
        JsonNode rows = found(text);
        assertThat(rows).hasSize(1);
        return rows.get(0);
    }

    private MvcTestResult file(String... rows) {
        return mvc.post()
                .uri("/api/v1/places/file")
                .multipart()
                .file(new MockMultipartFile(
                        "file",
                        "places.csv",
                        "text/csv",
                        String.join("\r\n", rows).getBytes(StandardCharsets.UTF_8)))
                .with(user(INES).roles("COORDINATOR"))
                .with(csrf().asHeader())
                .exchange();
    }

    @Test
    void onePlaceIsRecognizedHoweverItIsWritten() {
        bring("PL-1", "\"Harrowgate Mfg. Company, Inc.\",,1420 West Fulton Street,Suite 200,Tucson,AZ,85701,US");
        bring("PL-2", "HARROWGATE MANUFACTURING CO,Dock,1420 W. Fulton St. #200,,TUCSON,Arizona,85701-1234,USA");
        bring("PL-3", "Harrowgate Mfg Co.,,1420 W Fulton St,Ste 210,Tucson,AZ,85701,US");
        JsonNode places = found("harrowgate");
        assertThat(places).hasSize(2);
        assertThat(places.get(0).path("jobs").asInt()).isEqualTo(2);
        assertThat(places.get(1).path("jobs").asInt()).isOne();
    }

    @Test
    void whatTheShopSaysStandsThereCountsForAllThatGoesThere() {
        bring("PL-11", "Ossuary Tools,,7 Kiln Road,,Tucson,AZ,85701,US");
        long id = only("ossuary").path("id").asLong();
        JsonNode place = get("/api/v1/places/" + id);
        assertThat(place.path("kind").asString()).isEqualTo("BUSINESS");
        assertThat(place.path("kindBy").asString()).isEqualTo("its company");
        Map<String, Object> change = Map.of(
                "version",
                place.path("version").asInt(),
                "phone",
                "(520) 555-0199",
                "note",
                "Ring twice.",
                "kind",
                "RESIDENCE");
        JsonNode said = json(send("PUT", "/api/v1/places/" + id, change));
        assertThat(said.path("kindBy").asString()).contains("Ines");
        assertThat(get("/api/v1/shipments?job=PL-11")
                        .path("shipTo")
                        .path("kind")
                        .asString())
                .isEqualTo("RESIDENCE");
        assertThat(send("PUT", "/api/v1/places/" + id, change))
                .as("a version of before")
                .hasStatus(HttpStatus.CONFLICT);
        bring("PL-12", "OSSUARY TOOLS,,7 Kiln Rd.,,Tucson,AZ,85701,US");
        JsonNode later = get("/api/v1/shipments?job=PL-12").path("shipTo");
        assertThat(later.path("kind").asString()).isEqualTo("RESIDENCE");
        assertThat(later.path("note").asString()).isEqualTo("Ring twice.");
    }

    @Test
    void whatIsSaidOfAPlaceOnTheBenchReachesTheOtherJobsThatGoThere() {
        bring("PL-13", "Scoria Works,,9 Kiln Road,,Tucson,AZ,85701,US");
        bring("PL-14", "SCORIA WORKS,,9 Kiln Rd,,Tucson,AZ,85701,US");
        long shipment = json(send("POST", "/api/v1/shipments", Map.of("job", "PL-13")))
                .path("id")
                .asLong();
        assertThat(send(
                        "PUT",
                        "/api/v1/shipments/" + shipment + "/ship-to",
                        Map.of(
                                "company", "Scoria Works",
                                "person", "",
                                "street", "9 Kiln Road",
                                "street2", "",
                                "city", "Tucson",
                                "state", "AZ",
                                "postalCode", "85701",
                                "country", "US",
                                "kind", "LIMITED_ACCESS")))
                .hasStatusOk();
        assertThat(get("/api/v1/shipments?job=PL-14")
                        .path("shipTo")
                        .path("kind")
                        .asString())
                .isEqualTo("LIMITED_ACCESS");
    }

    @Test
    void aPartOfANameProposesPlacesWithWhatWentThere() {
        ship(weighedJob("PL-21", "Plover Ground"));
        JsonNode proposal =
                get("/api/v1/places/proposals?text=quillf").path("rows").get(0);
        assertThat(proposal.path("phone").asString()).isNotEmpty();
        assertThat(proposal.path("last").path("service").asString()).isEqualTo("Plover Ground");
        assertThat(proposal.path("last").path("cartons").asString()).isNotEmpty();
        JsonNode history = get("/api/v1/places/" + proposal.path("id").asLong()).path("history");
        assertThat(history).anySatisfy(row -> {
            assertThat(row.path("job").asString()).isEqualTo("PL-21");
            assertThat(row.path("freight").path("amount").asString()).isNotEmpty();
        });
        assertThat(get("/api/v1/places/proposals?text=%25").path("rows")).isEmpty();
    }

    @Test
    void twoPlacesMergeAndWhatGoesToEitherGoesToTheOneThatStays() {
        bring("PL-31", "Merrow Castings,,1 Basin Street,,Tucson,AZ,85701,US");
        bring("PL-32", "Merrow Castings Annex,,1 Basin Street,,Tucson,AZ,85701,US");
        JsonNode both = found("merrow");
        long stays = both.get(0).path("id").asLong();
        long goes = both.get(1).path("id").asLong();
        assertThat(send("POST", "/api/v1/places/" + stays + "/merges", Map.of("other", stays)))
                .hasStatus4xxClientError();
        assertThat(send("POST", "/api/v1/places/" + stays + "/merges", Map.of("other", goes)))
                .hasStatusOk();
        assertThat(send("POST", "/api/v1/places/" + stays + "/merges", Map.of("other", goes)))
                .as("merged while it is used by another")
                .hasStatus(HttpStatus.NOT_FOUND);
        bring("PL-33", "MERROW CASTINGS ANNEX,,1 Basin St,,Tucson,AZ,85701,US");
        assertThat(only("merrow").path("jobs").asInt()).isEqualTo(3);
    }

    @Test
    void aFileComesInWithWhatIsWrongOfItAndItsExportReadsBackIn() {
        JsonNode taken = json(file(
                "Name,Address,Town,Province,Postcode,Country,Tel,Kind,Driver note,Colour",
                "Quernmoor Joinery,2 Quay Street,Toronto,Ontario,m5v2t6,Canada,,business,Use the rear door,blue",
                "Quernmoor Annex,3 Quay Street,Toronto,ON,M5V 2T6,Atlantis,,,,",
                ",4 Quay Street,Toronto,ON,M5V 2T6,Canada,,,,",
                "Quernmoor Loft,5 Quay Street,Toronto,ON,M5V 2T6,Canada,,castle,,"));
        assertThat(taken.path("places").asInt()).isOne();
        assertThat(taken.path("faults")).hasSize(3);
        assertThat(taken.path("unread").get(0).asString()).isEqualTo("Colour");
        JsonNode place = only("quernmoor");
        assertThat(place.path("address").path("postalCode").asString()).isEqualTo("M5V 2T6");
        assertThat(place.path("address").path("state").asString()).isEqualTo("ON");
        String written = new String(
                mvc.get()
                        .uri("/api/v1/places/file")
                        .with(user(INES).roles("COORDINATOR"))
                        .exchange()
                        .getResponse()
                        .getContentAsByteArray(),
                StandardCharsets.UTF_8);
        long before = found("").size();
        JsonNode again = json(file(written));
        assertThat(again.path("faults")).isEmpty();
        assertThat(again.path("places").asInt()).isEqualTo(written.strip().split("\r\n").length - 1);
        assertThat(found("")).hasSize((int) before);
        assertThat(file("Colour", "blue")).hasStatus4xxClientError();
    }

    @Test
    void anAddressAcceptedAsWrittenStopsNothingUntilItIsWrittenOtherwise() {
        bring("PL-41", "Fell Quarry,,Old Works,,Tucson,NV,85701,US");
        assertThat(stops("PL-41")).isTrue();
        assertThat(send("POST", "/api/v1/work-orders/one/address-accepted?job=PL-41", null))
                .hasStatusOk();
        assertThat(stops("PL-41")).isFalse();
        assertThat(get("/api/v1/shipments?job=PL-41").path("checks").toString()).contains("accepted it as written");
        assertThat(send(
                        "PUT",
                        "/api/v1/work-orders/one/entries?job=PL-41",
                        Map.of("entries", List.of(Map.of("field", "STATE", "line", 0, "text", "NM")))))
                .hasStatusOk();
        assertThat(stops("PL-41")).isTrue();
    }

    private boolean stops(String job) {
        for (JsonNode check : get("/api/v1/shipments?job=" + job).path("checks")) {
            if (check.path("subject").asString().equals("ADDRESS")) {
                return check.path("verdict").asString().equals("STOP");
            }
        }
        throw new AssertionError("No check of the address");
    }
}
