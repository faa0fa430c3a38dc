package nobrec.server.badge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import jakarta.servlet.http.Cookie;
import java.util.Map;
import nobrec.server.ServerTest;
import nobrec.server.platform.Fingerprint;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

/** A badge says whose acts follow at a desk, and lets nobody do more than both may. */
class BadgeTest extends ServerTest {

    private Cookie[] desk = {};

    private MvcTestResult at(String method, String path, Object body, String signIn, String role) {
        MockMvcTester.MockMvcRequestBuilder request = mvc.method(HttpMethod.valueOf(method))
                .uri(path)
                .with(user(signIn).roles(role))
                .with(csrf().asHeader())
                .contentType(MediaType.APPLICATION_JSON)
                .content(JSON.writeValueAsString(body));
        MvcTestResult result = (desk.length == 0 ? request : request.cookie(desk)).exchange();
        if (result.getResponse().getCookies().length > 0) {
            desk = result.getResponse().getCookies();
        }
        return result;
    }

    private void hasBadge(String signIn, String text) {
        database.update(
                "REPLACE INTO badge (sign_in, hash, made_at) VALUES (?, ?, NOW(6))", signIn, Fingerprint.of(text));
    }

    private MvcTestResult scan(String text) {
        return at("POST", "/api/v1/badge", Map.of("text", text), INES, "COORDINATOR");
    }

    private String actor(String job) {
        return database.queryForObject(
                "SELECT done_by FROM shipment_undo u JOIN shipment s ON s.id = u.shipment_id"
                        + " JOIN work_order w ON w.id = s.work_order_id WHERE w.number = ? ORDER BY u.id DESC LIMIT 1",
                String.class,
                job);
    }

    @Test
    void whoseBadgeWasScannedActs() {
        hasBadge("tobin", "NOBREC-BADGE-AAAA");
        long id = newJob("BA-1", "Plover Ground").path("id").asLong();
        assertThat(scan("nobrec-badge-aaaa")).hasStatus(HttpStatus.NO_CONTENT);
        String weight = "/api/v1/shipments/" + id + "/packages/1/weight";
        assertThat(at("PUT", weight, Map.of("text", "3.1"), INES, "COORDINATOR"))
                .hasStatusOk();
        assertThat(actor("BA-1")).isEqualTo("tobin");
        assertThat(json(at("GET", "/api/v1/who", Map.of(), INES, "COORDINATOR"))
                        .path("desk")
                        .asString())
                .contains("Ines");
        at("DELETE", "/api/v1/badge", Map.of(), INES, "COORDINATOR");
        at("PUT", weight, Map.of("text", "3.05"), INES, "COORDINATOR");
        assertThat(actor("BA-1")).isEqualTo(INES);
    }

    @Test
    void aBadgeGivesNoRightThatTheDeskOrThePersonLacks() {
        hasBadge("rufus", "NOBREC-BADGE-BBBB");
        hasBadge("admin", "NOBREC-BADGE-CCCC");
        newJob("BA-2", "Plover Ground");
        Map<String, Object> hold = Map.of("jobs", java.util.List.of("BA-2"), "reason", "x");
        scan("NOBREC-BADGE-BBBB");
        assertThat(at("POST", "/api/v1/work-orders/holds", hold, INES, "COORDINATOR"))
                .as("a packer at a coordinator's desk")
                .hasStatus(HttpStatus.FORBIDDEN);
        scan("NOBREC-BADGE-CCCC");
        assertThat(at("GET", "/api/v1/connections", Map.of(), INES, "COORDINATOR"))
                .as("an administrator's badge at a coordinator's desk")
                .hasStatus(HttpStatus.FORBIDDEN);
    }

    @Test
    void aBadgeOfNobodyIsRefusedAndTheNextOneReplacesTheOld() {
        assertThat(scan("NOBREC-BADGE-0000")).hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        hasBadge("tobin", "NOBREC-BADGE-DDDD");
        assertThat(at("POST", "/api/v1/badge/card", Map.of(), "tobin", "COORDINATOR")
                        .getResponse()
                        .getContentType())
                .isEqualTo("application/pdf");
        assertThat(scan("NOBREC-BADGE-DDDD")).hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
    }

    @Test
    void whoElseHasAJobOpenIsSaid() {
        newJob("BA-3", "Plover Ground");
        Map<String, String> open = Map.of("job", "BA-3");
        assertThat(json(send("POST", "/api/v1/bench-presence", open)).path("others"))
                .isEmpty();
        assertThat(json(send("POST", "/api/v1/bench-presence", open, "tobin", "COORDINATOR"))
                        .path("others")
                        .toString())
                .contains("Ines");
        clock.pass(java.time.Duration.ofMinutes(2));
        assertThat(json(send("POST", "/api/v1/bench-presence", open)).path("others"))
                .isEmpty();
    }
}
