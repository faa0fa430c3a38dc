package nobrec.server.packing;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Random;
import nobrec.server.ServerTest;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpStatus;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;

/** What a person does to the packages, and several jobs in a shipment or one job in several. */
class HandPackingTest extends ServerTest {

    private static final String TO =
            ",Quillfeather,PO 9,Quillfeather Packaging,Dock,88 Carding Lane,,Madison,WI,53703,US,"
                    + "(608) 555-0142,,12/04/2026,Plover Ground,we pay and bill,";

    private JsonNode open(String number, int kits) {
        String heading = new String(demoFile("orders-tuesday.csv"), StandardCharsets.UTF_8)
                .lines()
                .findFirst()
                .orElseThrow();
        String rows = number + TO + "SK-2,Seal kit," + kits + ",0.3,5x4x1,26.00,,L1=2;L2,8484.20,US,,,,\n" + number + TO
                + "PN-150,Pin,4,4.1,8x1.7x1.7,31.00,,,8412.90,US,,,,";
        drop(number + ".csv", (heading + "\n" + rows).getBytes(StandardCharsets.UTF_8));
        return json(send("POST", "/api/v1/shipments", Map.of("job", number)));
    }

    private JsonNode act(JsonNode bench, String method, String path, Object body) {
        return json(attempt(bench, method, path, body));
    }

    private MvcTestResult attempt(JsonNode bench, String method, String path, Object body) {
        return send(method, "/api/v1/shipments/" + bench.path("id").asLong() + path, body);
    }

    private static long line(JsonNode bench, int index) {
        return bench.path("lines").get(index).path("id").asLong();
    }

    private static Map<String, Object> move(JsonNode bench, int line, int quantity, int from, int to) {
        return Map.of("line", line(bench, line), "quantity", quantity, "from", from, "to", to);
    }

    private static int pieces(JsonNode bench) {
        int sum = 0;
        for (JsonNode each : bench.path("packages")) {
            for (JsonNode content : each.path("contents")) {
                sum += content.path("quantity").asInt();
            }
        }
        return sum;
    }

    private static JsonNode packageAt(JsonNode bench, int index) {
        return bench.path("packages").get(index);
    }

    private JsonNode weighAll(JsonNode bench) {
        JsonNode weighed = bench;
        for (JsonNode each : bench.path("packages")) {
            weighed = act(
                    bench,
                    "PUT",
                    "/packages/" + each.path("number").asInt() + "/weight",
                    Map.of("text", each.path("expectedWeight").path("text").asString()));
        }
        return weighed;
    }

    @Test
    void thePlanHasAPlaceForEachPieceAndLotsGoWithIt() {
        JsonNode bench = open("T-70", 6);
        int placed = 0;
        for (JsonNode layer : packageAt(bench, 0).path("layers")) {
            placed += layer.path("pieces").size();
        }
        assertThat(placed).isEqualTo(10);
        assertThat(packageAt(bench, 0).path("cartonReason").asString())
                .startsWith("Cheapest by Plover Ground in one package");
        assertThat(packageAt(bench, 0).path("contents").get(0).path("lots").asString())
                .isEqualTo("lot L1 (2), L2 (4)");
    }

    @Test
    void whatIsMovedStaysAndTheRestIsPlannedAgain() {
        JsonNode bench = open("T-71", 6);
        bench = act(bench, "POST", "/packages", Map.of("text", "C1"));
        assertThat(bench.path("checks").toString()).contains("Package 2 is empty.");
        bench = act(bench, "POST", "/moves", move(bench, 0, 2, 1, 2));
        assertThat(packageAt(bench, 1).path("placedByHand").asBoolean()).isTrue();
        assertThat(packageAt(bench, 1).path("layers").get(0).path("pieces")).hasSize(2);
        assertThat(pieces(bench)).isEqualTo(10);

        JsonNode again = act(bench, "POST", "/plan", Map.of("all", false));
        assertThat(packageAt(again, 1).path("contents"))
                .isEqualTo(packageAt(bench, 1).path("contents"));
        JsonNode all = act(again, "POST", "/plan", Map.of("all", true));
        assertThat(all.path("packages")).hasSize(1);
        assertThat(pieces(all)).isEqualTo(10);
    }

    @Test
    void repeatMergeAndEmptiedPackagesKeepEveryPiece() {
        JsonNode bench = open("T-72", 9);
        bench = act(bench, "POST", "/packages", Map.of("text", "C1"));
        bench = act(bench, "POST", "/moves", move(bench, 0, 3, 1, 2));
        bench = act(bench, "PUT", "/packages/1/carton", Map.of("text", "C2"));
        MvcTestResult tooMany = attempt(bench, "POST", "/packages/2/repeat", Map.of());
        assertThat(tooMany.getResponse().getStatus()).isEqualTo(422);
        assertThat(json(tooMany).path("detail").asString()).contains("Only 0 of SK-2 are left");
        bench = act(bench, "POST", "/moves", move(bench, 0, 3, 1, 0));
        assertThat(bench.path("checks").toString()).contains("3 of 13 pieces are in no package.");
        bench = act(bench, "POST", "/packages/2/repeat", Map.of());
        assertThat(bench.path("packages")).hasSize(3);
        assertThat(pieces(bench)).isEqualTo(13);
        bench = act(bench, "POST", "/packages/3/merge", Map.of("into", 2));
        assertThat(bench.path("packages")).hasSize(2);
        assertThat(pieces(bench)).isEqualTo(13);
        bench = act(bench, "POST", "/moves", move(bench, 0, 6, 2, 1));
        assertThat(bench.path("packages")).hasSize(1);
        assertThat(pieces(bench)).isEqualTo(13);
    }

    /** One small piece out of a large carton goes into the cheapest that holds it, not into another large one. */
    @Test
    void whatIsSplitOffGoesIntoTheCheapestCartonThatHoldsIt() {
        JsonNode bench = open("HP-SPLIT", 24);
        String large = packageAt(bench, 0).path("cartonCode").asString();
        bench = act(bench, "POST", "/packages", Map.of("text", large));
        int fresh = bench.path("packages").size();
        bench = act(bench, "POST", "/moves", move(bench, 0, 1, 1, fresh));
        assertThat(packageAt(bench, fresh - 1).path("cartonCode").asString()).isNotEqualTo(large);
        assertThat(packageAt(bench, fresh - 1)
                        .path("contents")
                        .get(0)
                        .path("quantity")
                        .asInt())
                .isEqualTo(1);
    }

    @Test
    void whatIsHeldBackAndWhatWasCombinedCanBeTakenBack() {
        JsonNode bench = open("HP-BACK", 6);
        open("HP-OTHER", 3);
        bench = act(bench, "POST", "/jobs", Map.of("job", "HP-OTHER"));
        assertThat(pieces(bench)).isEqualTo(17);
        bench = act(bench, "POST", "/jobs-out", Map.of("job", "HP-OTHER"));
        assertThat(bench.path("otherJobs")).isEmpty();
        assertThat(pieces(bench)).isEqualTo(10);
        long line = line(bench, 0);
        bench = act(bench, "POST", "/left-behind", Map.of("line", line, "quantity", 6));
        assertThat(pieces(bench)).isEqualTo(4);
        assertThat(attempt(bench, "POST", "/taken-back", Map.of("line", line, "quantity", 7)))
                .hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        bench = act(bench, "POST", "/taken-back", Map.of("line", line, "quantity", 6));
        assertThat(pieces(bench)).isEqualTo(10);
    }

    @Test
    void aLookLeavesNoTraceAndShowsWhatTheFirstActWillFind() {
        bringIn("HP-LOOK", "Plover Ground");
        JsonNode look = get("/api/v1/shipments?job=HP-LOOK");
        assertThat(look.path("opened").asBoolean()).isFalse();
        assertThat(look.path("offers")).isNotEmpty();
        assertThat(get("/api/v1/work-orders?text=HP-LOOK")
                        .path("rows")
                        .get(0)
                        .path("status")
                        .asString())
                .isEqualTo("READY");
        JsonNode opened = json(send("POST", "/api/v1/shipments", Map.of("job", "HP-LOOK")));
        assertThat(opened.path("packages")).isEqualTo(look.path("packages"));
        assertThat(get("/api/v1/shipments?job=HP-LOOK").path("opened").asBoolean())
                .isTrue();
    }

    @Test
    void aWeightFarFromTheExpectedIsConfirmed() {
        JsonNode bench = open("HP-FAR", 6);
        MvcTestResult far = attempt(bench, "PUT", "/packages/1/weight", Map.of("text", "2413"));
        assertThat(far).hasStatus(HttpStatus.CONFLICT);
        assertThat(json(far).path("detail").asString()).startsWith("2413.00 lb is far from the ");
        bench = act(bench, "PUT", "/packages/1/weight", Map.of("text", "2413", "sure", true));
        assertThat(packageAt(bench, 0).path("weight").path("text").asString()).isEqualTo("2413.00 lb");
    }

    @Test
    void aShipDayYearsAwayIsRefused() {
        JsonNode bench = open("HP-DAY", 6);
        assertThat(attempt(bench, "PUT", "/ship-day", Map.of("day", "2400-01-01")))
                .hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
    }

    @Test
    void moreThanThereIsCannotBeMoved() {
        JsonNode bench = open("T-73", 6);
        MvcTestResult refused = attempt(bench, "POST", "/moves", move(bench, 0, 7, 1, 0));
        assertThat(json(refused).path("detail").asString()).isEqualTo("Package 1 holds 6 of them.");
        assertThat(attempt(bench, "POST", "/moves", move(bench, 0, 1, 1, 9))
                        .getResponse()
                        .getStatus())
                .isEqualTo(404);
        assertThat(pieces(json(send("POST", "/api/v1/shipments", Map.of("job", "T-73")))))
                .isEqualTo(10);
    }

    /** Whatever is done to the packages in whatever order, no piece is lost and none is there twice. */
    @Test
    void splittingAndMergingKeepEveryItem() {
        Random random = new Random(19);
        JsonNode bench = open("T-68", 11);
        for (int step = 0; step < 60; step++) {
            int packages = bench.path("packages").size();
            int some = 1 + random.nextInt(packages);
            int other = random.nextInt(packages + 1);
            MvcTestResult done = switch (random.nextInt(6)) {
                case 0 -> attempt(bench, "POST", "/packages", Map.of("text", random.nextBoolean() ? "C1" : "C3"));
                case 1 -> attempt(bench, "POST", "/packages/" + some + "/merge", Map.of("into", other));
                case 2 -> attempt(bench, "POST", "/packages/" + some + "/repeat", Map.of());
                case 3 -> attempt(bench, "POST", "/plan", Map.of("all", random.nextInt(4) == 0));
                default ->
                    attempt(
                            bench,
                            "POST",
                            "/moves",
                            move(bench, random.nextInt(2), 1 + random.nextInt(4), some, other));
            };
            assertThat(done.getResponse().getStatus()).isIn(200, 404, 409, 422);
            bench = json(send("POST", "/api/v1/shipments", Map.of("job", "T-68")));
            for (JsonNode line : bench.path("lines")) {
                assertThat(line.path("placed").asInt())
                        .isLessThanOrEqualTo(line.path("quantity").asInt());
            }
            assertThat(bench.path("packages").size()).isPositive();
        }
        bench = act(bench, "POST", "/plan", Map.of("all", false));
        assertThat(pieces(bench)).isEqualTo(15);
        for (int index = 0; index < bench.path("packages").size(); index++) {
            assertThat(packageAt(bench, index).path("number").asInt()).isEqualTo(index + 1);
        }
    }

    @Test
    void aJobGoesInTwoShipments() {
        JsonNode bench = open("T-74", 6);
        bench = act(bench, "POST", "/left-behind", Map.of("line", line(bench, 0), "quantity", 2));
        assertThat(bench.path("lines").get(0).path("staysBehind").asInt()).isEqualTo(2);
        assertThat(pieces(bench)).isEqualTo(8);
        ship(weighAll(bench));
        JsonNode rest = json(send("POST", "/api/v1/shipments", Map.of("job", "T-74")));
        assertThat(rest.path("state").asString()).isEqualTo("OPEN");
        assertThat(pieces(rest)).isEqualTo(2);
        assertThat(packageAt(rest, 0).path("contents").get(0).path("lots").asString())
                .isEqualTo("lot L2 (2)");
        ship(weighAll(rest));
        JsonNode last = json(send("POST", "/api/v1/shipments", Map.of("job", "T-74")));
        assertThat(last.path("state").asString()).isEqualTo("SHIPPED");
        assertThat(last.path("id").asLong()).isEqualTo(rest.path("id").asLong());
    }

    @Test
    void twoJobsGoInOneShipmentAndAreBothReported() {
        JsonNode other = open("T-76", 3);
        JsonNode bench = open("T-75", 6);
        bench = act(bench, "POST", "/jobs", Map.of("job", "T-76"));
        assertThat(bench.path("otherJobs").get(0).asString()).isEqualTo("T-76");
        assertThat(pieces(bench)).isEqualTo(17);
        assertThat(json(send("POST", "/api/v1/shipments", Map.of("job", "T-76")))
                        .path("id")
                        .asLong())
                .isEqualTo(bench.path("id").asLong())
                .isNotEqualTo(other.path("id").asLong());
        JsonNode shipped = json(ship(weighAll(bench)));
        assertThat(shipped.path("state").asString()).isEqualTo("SHIPPED");
        List<String> jobs =
                List.of(get("/api/v1/postings").findValuesAsString("job").toArray(String[]::new));
        assertThat(jobs).contains("T-75", "T-76");
        MvcTestResult again = attempt(open("T-77", 3), "POST", "/jobs", Map.of("job", "T-76"));
        assertThat(json(again).path("detail").asString()).contains("All of it has left.");
    }

    @Test
    void onlyJobsToTheSamePlaceGoTogether() {
        JsonNode bench = open("T-78", 3);
        MvcTestResult refused = attempt(bench, "POST", "/jobs", Map.of("job", "2398"));
        assertThat(refused.getResponse().getStatus()).isEqualTo(422);
        assertThat(json(refused).path("detail").asString()).contains("Saint Louis");
    }

    @Test
    void accessorialsShipDayAndAnImplausibleWeight() {
        JsonNode bench = open("T-79", 6);
        String before = chosen(bench).path("total").path("amount").asString();
        bench = act(bench, "PUT", "/accessorials", Map.of("accessorials", List.of("SIGNATURE")));
        assertThat(chosen(bench).path("total").path("amount").asString()).isNotEqualTo(before);
        assertThat(chosen(bench).path("lines").toString()).contains("Requested: signature: 5.75 for the package");
        bench = act(
                bench, "PUT", "/ship-day", Map.of("day", bench.path("tomorrow").asString()));
        assertThat(chosen(bench).path("departure").asString())
                .isEqualTo(bench.path("tomorrow").asString());
        bench = act(bench, "PUT", "/packages/1/weight", Map.of("text", "14.4"));
        assertThat(bench.path("checks").toString()).contains("1 × PN-150 missing would explain it.");
        assertThat(attempt(bench, "PUT", "/accessorials", Map.of("accessorials", List.of("A_WAVE")))
                        .getResponse()
                        .getStatus())
                .isEqualTo(400);
    }

    @Test
    void heavyThingsGoOnAPalletByFreight() {
        JsonNode bench = json(send("POST", "/api/v1/shipments", Map.of("job", "2416")));
        assertThat(bench.path("packages")).singleElement().satisfies(pallet -> {
            assertThat(pallet.path("cartonCode").asString()).isEqualTo("P1");
            assertThat(pallet.toString()).contains("× Valve block");
        });
        assertThat(chosen(bench).path("service").asString()).isEqualTo("CUR-LTL");
        assertThat(chosen(bench).path("lines").toString()).contains("by density", "per hundred lb");
        JsonNode parcel = act(bench, "PUT", "/service", Map.of("text", "PLV-GROUND"));
        assertThat(parcel.path("packages").size()).isGreaterThan(3);
        JsonNode freight = act(parcel, "PUT", "/service", Map.of("text", "CUR-LTL"));
        JsonNode shipped = json(ship(weighAll(freight)));
        String number = packageAt(shipped, 0).path("trackingNumber").asString();
        assertThat(number).startsWith("CF");
        JsonNode bill = shipped.path("papers")
                .valueStream()
                .filter(paper -> paper.path("title").asString().equals("Bill of lading"))
                .findFirst()
                .orElseThrow();
        assertThat(paperText(bill.path("address").asString()))
                .contains(
                        "Bill of lading",
                        "Curlew Freight",
                        number,
                        "Prepaid",
                        "pallet",
                        "Valve block",
                        "2416",
                        " lb",
                        "none declared")
                .doesNotContain("account");
    }

    /** Kits and pins go into one carton on the pallet: its weight and its cost count. */
    @Test
    void onAPalletTheCartonsOnItCount() {
        JsonNode bench = open("T-69", 6);
        bench = act(bench, "PUT", "/packages/1/carton", Map.of("text", "P1"));
        String inside = packageAt(bench, 0)
                .path("layers")
                .get(0)
                .path("pieces")
                .get(0)
                .path("item")
                .asString();
        assertThat(inside).contains(": 6 × Seal kit, 4 × Pin");
        JsonNode carton = carton(bench, inside.substring(0, inside.indexOf(':')));
        assertThat(packageAt(bench, 0).path("layers").get(0).path("pieces")).hasSize(1);

        // 6 x 0.3 and 4 x 4.1 lb, the pallet's 42 lb, and what the carton weighs
        BigDecimal expected =
                new BigDecimal("60.2").add(pounds(carton.path("tare").path("text")));
        assertThat(pounds(packageAt(bench, 0).path("expectedWeight").path("text")))
                .isEqualByComparingTo(expected);
        bench = act(bench, "PUT", "/packages/1/weight", Map.of("text", expected + " lb"));
        assertThat(bench.path("checks").toString()).doesNotContain("explain");
    }

    private static JsonNode carton(JsonNode bench, String code) {
        for (JsonNode each : bench.path("cartonTypes")) {
            if (each.path("code").asString().equals(code)) {
                return each;
            }
        }
        throw new AssertionError("No carton " + code);
    }

    private static BigDecimal pounds(JsonNode text) {
        return new BigDecimal(text.asString().split(" ")[0]);
    }
}
