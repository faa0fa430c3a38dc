package nobrec.server.shipnotice;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.List;
import java.util.Map;
import nobrec.standins.http.Behavior;
import nobrec.standins.partner.AcknowledgmentMood;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.springframework.beans.factory.annotation.Autowired;
import tools.jackson.databind.JsonNode;

/** A partner over HTTP is told what is in which package: once, whatever the way there does to it, and acknowledged or chased. */
class ShipNoticeTest extends PartnerTest {

    private static final String GREBE = "Grebe Outfitters";
    private static final String SEALS = "SK-2,\"Seal kit, 2 in bore\",6,0.3,5x4x1,26.00,,A2231=4;A2240=2,,,,,,";

    @Autowired
    private NoticeChase chase;

    private static String check(JsonNode bench) {
        for (JsonNode check : bench.path("checks")) {
            if (check.path("subject").asString().equals("PARTNER")) {
                return check.path("verdict").asString() + ": "
                        + check.path("reason").asString();
            }
        }
        return "";
    }

    private long arrived(JsonNode notice) {
        String number = notice.path("number").asString();
        return standIns().sources().partner().notices().stream()
                .filter(each -> each.get("document").toString().contains(number))
                .count();
    }

    @Test
    void theNoticeSaysWhatIsInThePackageAndIsAcknowledged() {
        bring("SN-1", GREBE, "G-1", SEALS);
        assertThat(check(weighed("SN-1")))
                .isEqualTo("FINE: Grebe Outfitters gets a logistics label for each package and a ship notice,"
                        + " X12 856, version 004010.");
        JsonNode bench = shipped("SN-1");
        awaitStates("SN-1", "ACKNOWLEDGED");
        JsonNode notice = notices("SN-1").get(0);
        assertThat(notice.path("said").asString()).isEqualTo("997: accepted");
        String tracking = bench.path("packages").get(0).path("trackingNumber").asString();
        assertThat(document(notice))
                .contains("PRF*G-1~", "REF*VN*SN-1~", "MAN*CP*" + tracking + "~", "REF*LT*A2231*4 EA~")
                .containsPattern("MAN\\*GM\\*00614141[0-9]{10}~")
                .contains("N1*ST*Grebe Outfitters*UL*0614141000012~");
        assertThat(arrived(notice)).isEqualTo(1);
        JsonNode posting = get("/api/v1/postings?job=SN-1").path("rows");
        assertThat(posting.toString()).contains("SHIP_NOTICE", "Grebe Outfitters", "DONE");
    }

    @Test
    void anOrderWithoutTheNumberThePartnerFindsItByIsAStop() {
        bring("SN-2", GREBE, "", SEALS);
        JsonNode bench = weighed("SN-2");
        assertThat(check(bench))
                .isEqualTo("STOP: Grebe Outfitters finds its order by its number, and job SN-2 has none.");
        assertThat(ship(bench)).hasStatus(422);
        send(
                "PUT",
                "/api/v1/work-orders/one/entries?job=SN-2",
                Map.of(
                        "entries",
                        List.of(Map.of("field", "CUSTOMER_PO", "line", 0, "text", "TWENTY-THREE-LETTERS-PO"))));
        assertThat(check(get("/api/v1/shipments?job=SN-2")))
                .isEqualTo("STOP: PO “TWENTY-THREE-LETTERS-PO” cannot stand in an X12 notice to Grebe Outfitters.");
    }

    @Test
    void aVoidTakesBackWhatWasToldAndTheNextPackageHasAnotherNumber() {
        bring("SN-3", GREBE, "G-3", SEALS);
        JsonNode bench = shipped("SN-3");
        awaitStates("SN-3", "ACKNOWLEDGED");
        String address = "/api/v1/shipments/" + bench.path("id").asLong();
        assertThat(send("POST", address + "/void", Map.of())).hasStatusOk();
        awaitStates("SN-3", "ACKNOWLEDGED", "ACKNOWLEDGED");
        List<JsonNode> told = notices("SN-3");
        assertThat(told.get(0).path("number")).isEqualTo(told.get(1).path("number"));
        assertThat(document(told.get(0)))
                .contains("BSN*01*" + told.get(0).path("number").asString() + "*");
        shipped("SN-3");
        awaitStates("SN-3", "ACKNOWLEDGED", "ACKNOWLEDGED", "ACKNOWLEDGED");
        assertThat(sscc(document(notices("SN-3").get(0)))).isNotEqualTo(sscc(document(told.get(1))));
    }

    @Test
    void whatWasNotTakenIsHandedOverByItsOwnEntrySoThatAVoidTakesItBack() {
        bring("SN-9", GREBE, "G-9", SEALS);
        JsonNode bench = shipped("SN-9");
        awaitStates("SN-9", "ACKNOWLEDGED");
        long shipment = bench.path("id").asLong();
        // As if the partner had refused to take it.
        database.update("UPDATE outbox SET state = 'FAILED' WHERE kind = 'SHIP_NOTICE' AND subject_id = ?", shipment);
        database.update("UPDATE ship_notice SET state = 'REFUSED' WHERE shipment_id = ?", shipment);
        String address =
                "/api/v1/ship-notices/" + notices("SN-9").get(0).path("id").asLong();
        assertThat(send("POST", address + "/another-sending", Map.of())).hasStatusOk();
        awaitStates("SN-9", "ACKNOWLEDGED");
        assertThat(send("POST", "/api/v1/shipments/" + shipment + "/void", Map.of()))
                .hasStatusOk();
        awaitStates("SN-9", "ACKNOWLEDGED", "ACKNOWLEDGED");
    }

    @Test
    void aRefusedNoticeThatIsSentAgainWaitsForItsAcknowledgment() {
        standIns().sources().partner().say(AcknowledgmentMood.REFUSES);
        bring("SN-10", GREBE, "G-10", SEALS);
        shipped("SN-10");
        awaitStates("SN-10", "REFUSED");
        standIns().sources().partner().say(AcknowledgmentMood.NEVER);
        String address =
                "/api/v1/ship-notices/" + notices("SN-10").get(0).path("id").asLong();
        assertThat(send("POST", address + "/another-sending", Map.of())).hasStatusOk();
        assertThat(states("SN-10")).containsExactly("SENT");
        assertThat(notices("SN-10").get(0).path("said").asString()).isEqualTo("Sent again.");
    }

    @Test
    void onePackageMadeVoidTakesTheNoticeBackAndTheRestIsToldUnderItsOldNumber() {
        bring("SN-8", GREBE, "G-8", SEALS);
        JsonNode open = json(send("POST", "/api/v1/shipments", Map.of("job", "SN-8")));
        String address = "/api/v1/shipments/" + open.path("id").asLong();
        send("POST", address + "/packages", Map.of("text", "C1"));
        send(
                "POST",
                address + "/moves",
                Map.of(
                        "from",
                        1,
                        "to",
                        2,
                        "line",
                        open.path("lines").get(0).path("id").asLong(),
                        "quantity",
                        2));
        send("PUT", address + "/packages/1/weight", Map.of("text", "1.6"));
        JsonNode bench = json(send("PUT", address + "/packages/2/weight", Map.of("text", "0.9")));
        assertThat(json(ship(bench)).path("state").asString()).as("%s", bench).isEqualTo("SHIPPED");
        awaitStates("SN-8", "ACKNOWLEDGED");
        assertThat(send("POST", address + "/packages/2/void", Map.of())).hasStatusOk();
        awaitStates("SN-8", "ACKNOWLEDGED", "ACKNOWLEDGED", "ACKNOWLEDGED");
        List<JsonNode> told = notices("SN-8");
        assertThat(told.stream().map(each -> each.path("purpose").asString()))
                .containsExactlyInAnyOrder("ORIGINAL", "CANCELLATION", "ORIGINAL");
        String rest = told.stream()
                .filter(each -> each.path("purpose").asString().equals("ORIGINAL"))
                .map(this::document)
                .findFirst()
                .orElseThrow();
        assertThat(rest).contains("TD1*CTN25*1****G*1.6*LB~").containsOnlyOnce("MAN*GM*");
        assertThat(sscc(rest)).isEqualTo(sscc(document(told.get(2))));
    }

    private static String sscc(String document) {
        return document.replaceAll("(?s).*?MAN\\*GM\\*([0-9]{18})~.*", "$1");
    }

    @ParameterizedTest
    @EnumSource(
            value = Behavior.class,
            names = {"FAIL", "LOSE_ANSWER", "WRONG_KEY", "HALF_ANSWER", "PROXY_REFUSAL", "REDIRECT", "NO_CONTENT"})
    void whateverTheWayDoesItArrivesOnce(Behavior behavior) {
        standIns().behave("grebe", behavior);
        String job = "SN-4" + behavior.ordinal();
        bring(job, GREBE, "G-4", SEALS);
        shipped(job);
        worker.run();
        assertThat(states(job)).containsExactly("WAITING");
        allAnswerAgain();
        // One try may still be under way that was put off after the time had passed.
        Awaitility.await().atMost(Duration.ofSeconds(30)).until(() -> {
            clock.pass(Duration.ofMinutes(6));
            worker.run();
            return states(job).equals(List.of("ACKNOWLEDGED"));
        });
        assertThat(arrived(notices(job).get(0))).isEqualTo(1);
    }

    @Test
    void aNoticeThatThePartnerCannotUseIsSaid() {
        standIns().sources().partner().say(AcknowledgmentMood.REFUSES);
        bring("SN-5", GREBE, "G-5", SEALS);
        shipped("SN-5");
        awaitStates("SN-5", "REFUSED");
        assertThat(notices("SN-5").get(0).path("said").asString()).isEqualTo("997: refused");
        assertThat(get("/api/v1/departures").path("stuck").toString()).contains("The partner cannot use");
        standIns().sources().partner().say(AcknowledgmentMood.AT_ONCE);
        String address =
                "/api/v1/ship-notices/" + notices("SN-5").get(0).path("id").asLong();
        assertThat(send("POST", address + "/another-sending", Map.of(), "rufus", "PACKER"))
                .hasStatus(403);
        assertThat(send("POST", address + "/another-sending", Map.of())).hasStatusOk();
        assertThat(states("SN-5")).containsExactly("ACKNOWLEDGED");
        assertThat(send("POST", address + "/another-sending", Map.of())).hasStatus(409);
    }

    @Test
    void whatIsNotAcknowledgedIsSentAgainUnderTheSameNumberAndThenAPersonMustLook() {
        standIns().sources().partner().say(AcknowledgmentMood.NEVER);
        bring("SN-6", GREBE, "G-6", SEALS);
        shipped("SN-6");
        awaitStates("SN-6", "SENT");
        for (int time = 1; time <= 4; time++) {
            clock.pass(Duration.ofHours(4).plusSeconds(1));
            chase.look();
            JsonNode notice = notices("SN-6").get(0);
            assertThat(notice.path("chased").asInt()).isEqualTo(Math.min(time, 3));
            assertThat(notice.path("overdue").asBoolean()).isEqualTo(time == 4);
        }
        assertThat(arrived(notices("SN-6").get(0))).isEqualTo(1);
        assertThat(get("/api/v1/departures").path("stuck").toString()).contains("has not acknowledged");
        String address =
                "/api/v1/ship-notices/" + notices("SN-6").get(0).path("id").asLong() + "/acknowledgment";
        assertThat(send("POST", address, Map.of("note", " "))).hasStatus(422);
        assertThat(send("POST", address, Map.of("note", "Said so by phone"))).hasStatusOk();
        assertThat(notices("SN-6").get(0).path("acknowledgedBy").asString()).isEqualTo(INES);
        assertThat(send("POST", address, Map.of("note", "Again"))).hasStatus(409);
    }

    @Test
    void anAnswerThatComesLateOrCannotBeReadHarmsNothing() {
        standIns().sources().partner().say(AcknowledgmentMood.NONSENSE);
        bring("SN-7", GREBE, "G-7", SEALS);
        shipped("SN-7");
        awaitStates("SN-7", "SENT");
        assertThat(notices("SN-7").get(0).path("said").asString()).startsWith("Its acknowledgment cannot be read");
        standIns().sources().partner().say(AcknowledgmentMood.WHEN_ASKED_AGAIN);
        clock.pass(Duration.ofHours(5));
        chase.look();
        assertThat(states("SN-7")).containsExactly("ACKNOWLEDGED");
    }
}
