package nobrec.server.item;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import nobrec.server.ServerTest;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpStatus;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;

class ItemsTest extends ServerTest {

    private static final String ITEMS = "/api/v1/items";

    private MvcTestResult list(String... rows) {
        return mvc.post()
                .uri(ITEMS + "/file")
                .multipart()
                .file(new MockMultipartFile(
                        "file",
                        "items.csv",
                        "text/csv",
                        String.join("\r\n", rows).getBytes(StandardCharsets.UTF_8)))
                .with(user(INES).roles("COORDINATOR"))
                .with(csrf().asHeader())
                .exchange();
    }

    private JsonNode item(String text) {
        return get(ITEMS + "?text=" + text).path("rows").get(0);
    }

    private static List<String> cells(JsonNode item) {
        List<String> cells = new ArrayList<>();
        item.path("cells").forEach(cell -> cells.add(cell.asString()));
        return cells;
    }

    private void bring(String number, String item, String weight) {
        String heading = new String(demoFile("orders-tuesday.csv"), StandardCharsets.UTF_8)
                .lines()
                .findFirst()
                .orElseThrow();
        String row = number + ",IT Tool,,IT Tool,Dock,88 Carding Lane,,Madison,WI,53703,US,,,,Plover Ground,," + item
                + ",,4," + weight + ",";
        drop(number + ".csv", (heading + "\r\n" + row + "\r\n").getBytes(StandardCharsets.UTF_8));
    }

    private JsonNode open(String number) {
        return json(send("POST", "/api/v1/shipments", Map.of("job", number)));
    }

    @Test
    void linesTakeFromTheListWhatTheirRecordsLackAndSaySo() {
        JsonNode taken = json(list(
                "Part No,Description,Unit Weight lb,HS Code,Bin,Colour",
                "IT-1,Seal kit,0.5,8484.20,B 4,red",
                "IT-2,Pin,-1,,,"));
        assertThat(taken.path("items").asInt()).isEqualTo(1);
        assertThat(taken.path("unread").get(0).asString()).isEqualTo("Colour");
        assertThat(taken.path("faults").get(0).path("column").asString()).isEqualTo("Unit Weight lb");
        awaitTasks();
        bring("IT-J1", "it-1", "");
        JsonNode line = open("IT-J1").path("lines").get(0);
        assertThat(line.path("description").asString()).isEqualTo("Seal kit");
        assertThat(line.path("unitWeight").path("text").asString()).isEqualTo("0.50 lb");
        assertThat(line.path("fromItem").toString()).isEqualTo("[\"description\",\"weight\",\"HS code\"]");
        bring("IT-J2", "IT-1", "0.75");
        JsonNode recorded = open("IT-J2").path("lines").get(0);
        assertThat(recorded.path("unitWeight").path("text").asString()).isEqualTo("0.75 lb");
        assertThat(recorded.path("fromItem").toString()).doesNotContain("weight");
    }

    @Test
    void aChangedItemReachesTheJobsThatAreHereAndTwoPeopleDoNotUndoEachOther() {
        bring("IT-J3", "IT-3", "");
        assertThat(open("IT-J3").path("lines").get(0).path("unitWeight").isMissingNode())
                .isTrue();
        list("Item,Unit Wt lb", "IT-3,2");
        awaitTasks();
        assertThat(open("IT-J3")
                        .path("lines")
                        .get(0)
                        .path("unitWeight")
                        .path("text")
                        .asString())
                .isEqualTo("2.00 lb");
        JsonNode item = item("IT-3");
        List<String> cells = cells(item);
        cells.set(2, "3 lb");
        Map<String, Object> change = Map.of("version", item.path("version").asInt(), "cells", cells);
        assertThat(send("PUT", ITEMS, change)).hasStatusOk();
        assertThat(send("PUT", ITEMS, change)).hasStatus(HttpStatus.CONFLICT);
        awaitTasks();
        assertThat(open("IT-J3")
                        .path("lines")
                        .get(0)
                        .path("unitWeight")
                        .path("text")
                        .asString())
                .isEqualTo("3.00 lb");
        cells.set(2, "3 stn");
        assertThat(send("PUT", ITEMS, Map.of("version", item.path("version").asInt() + 1, "cells", cells)))
                .hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
    }

    @Test
    void aRemovedItemTakesWithItWhatItToldAndNothingElse() {
        list("Item,Unit Wt lb,Description", "IT-8,2,Collar");
        awaitTasks();
        bring("IT-J8", "IT-8", "");
        bring("IT-J9", "IT-8", "5");
        assertThat(send("DELETE", ITEMS + "?number=it-8", Map.of())).hasStatusOk();
        assertThat(send("DELETE", ITEMS + "?number=it-8", Map.of())).hasStatus(HttpStatus.NOT_FOUND);
        awaitTasks();
        assertThat(open("IT-J8").path("lines").get(0).path("unitWeight").isMissingNode())
                .isTrue();
        JsonNode line = open("IT-J9").path("lines").get(0);
        assertThat(line.path("unitWeight").path("text").asString()).isEqualTo("5.00 lb");
        assertThat(line.path("description").asString()).isEmpty();
    }

    @Test
    void aWeighedPackageTeachesWhatOnePieceWeighs() {
        bring("IT-J4", "IT-4", "1");
        JsonNode bench = open("IT-J4");
        String path = "/api/v1/shipments/" + bench.path("id").asLong() + "/packages/1";
        assertThat(bench.path("packages").get(0).path("itemWeight").isMissingNode())
                .isTrue();
        JsonNode weighed = json(send("PUT", path + "/weight", Map.of("text", "9 lb", "sure", true)));
        JsonNode learned = weighed.path("packages").get(0).path("itemWeight");
        assertThat(learned.path("item").asString()).isEqualTo("IT-4");
        assertThat(learned.path("reason").asString()).matches("9.00 lb less .* of the carton, over 4 pieces\\.");
        JsonNode kept = json(send("POST", path + "/item-weight", Map.of()));
        assertThat(kept.path("packages").get(0).path("itemWeight").isMissingNode())
                .isTrue();
        assertThat(cells(item("IT-4")).get(2)).startsWith("2.1");
        assertThat(send("POST", path + "/item-weight", Map.of())).hasStatus(HttpStatus.CONFLICT);
        awaitTasks();
        bring("IT-J5", "IT-4", "");
        assertThat(open("IT-J5")
                        .path("lines")
                        .get(0)
                        .path("unitWeight")
                        .path("text")
                        .asString())
                .startsWith("2.1");
    }

    @Test
    void recordsMakeItemsOfWhatTheListDoesNotHaveAndTheListReadsBackIn() {
        list("Item,Unit Wt lb", "IT-6,2");
        bring("IT-J6", "IT-6", "5");
        bring("IT-J7", "IT-7", "5");
        send("POST", ITEMS + "/from-records", Map.of());
        awaitTasks();
        assertThat(cells(item("IT-6")).get(2)).isEqualTo("2");
        assertThat(cells(item("IT-7")).get(2)).isEqualTo("5");
        String file = new String(
                mvc.get()
                        .uri(ITEMS + "/file")
                        .with(user(INES).roles("COORDINATOR"))
                        .exchange()
                        .getResponse()
                        .getContentAsByteArray(),
                StandardCharsets.UTF_8);
        JsonNode again = json(list(file));
        assertThat(again.path("faulty").asInt()).isZero();
        assertThat(again.path("fresh").asInt()).isZero();
        assertThat(again.path("items").asInt()).isEqualTo((int) file.lines().count() - 1);
    }

    @Test
    void aFileWithoutNumbersAndAPackerAreRefused() {
        assertThat(list("Colour,Taste", "red,sweet")).hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        assertThat(send("PUT", ITEMS, Map.of("version", 0, "cells", List.of("X")), "rufus", "PACKER"))
                .hasStatus(HttpStatus.FORBIDDEN);
        assertThat(send("PUT", ITEMS, Map.of("version", 0, "cells", List.of(""))))
                .hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
    }
}
