package nobrec.server.api.security;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import jakarta.servlet.http.Cookie;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Stream;
import nobrec.server.ServerTest;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;

class SecurityTest extends ServerTest {

    @Autowired
    private JdbcClient database;

    private MvcTestResult signIn(String name, String password, Cookie... cookies) {
        return signIn("127.0.0.1", name, password, cookies);
    }

    private MvcTestResult signIn(String sender, String name, String password, Cookie... cookies) {
        var request = mvc.post()
                .uri("/api/v1/sign-in")
                .contentType(MediaType.APPLICATION_FORM_URLENCODED)
                .content("username=" + URLEncoder.encode(name, StandardCharsets.UTF_8) + "&password="
                        + URLEncoder.encode(password, StandardCharsets.UTF_8))
                .with(each -> {
                    each.setRemoteAddr(sender);
                    return each;
                })
                .with(csrf().asHeader());
        return (cookies.length == 0 ? request : request.cookie(cookies)).exchange();
    }

    @AfterEach
    void forgetWrongPasswords() {
        database.sql("DELETE FROM sign_in_failure").update();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "/api/v1/departures",
                "/api/v1/work-orders",
                "/api/v1/postings",
                "/api/v1/papers/1",
                "/api/v1/description"
            })
    void nothingIsShownToStrangers(String path) {
        assertThat(mvc.get().uri(path).exchange()).hasStatus(HttpStatus.UNAUTHORIZED);
    }

    @Test
    void nothingIsChangedWithoutTheToken() {
        assertThat(mvc.post()
                        .uri("/api/v1/shipments/1/ship")
                        .with(user(INES).roles("COORDINATOR"))
                        .exchange())
                .hasStatus(HttpStatus.FORBIDDEN);
    }

    @Test
    void passwordsAreHashedAndTheSessionIsInTheDatabase() {
        assertThat(signIn(INES, "correct horse")).hasStatus(HttpStatus.NO_CONTENT);
        assertThat(signIn(INES, "wrong")).hasStatus(HttpStatus.UNAUTHORIZED);
        assertThat(database.sql("SELECT password_hash FROM app_user WHERE sign_in = 'ines'")
                        .query(String.class)
                        .single())
                .startsWith("{bcrypt}");
        assertThat(database.sql("SELECT COUNT(*) FROM SPRING_SESSION WHERE PRINCIPAL_NAME = 'ines'")
                        .query(Integer.class)
                        .single())
                .isPositive();
    }

    /** After five wrong ones each further try waits; nobody is locked out, and one name is one however it is written. */
    @Test
    void guessingIsSlowedDownByTheAccountFound() {
        List<String> spellings = List.of("odette", " odette ", "ODETTE", "Odette", "odette\t");
        spellings.forEach(name -> assertThat(signIn(name, "wrong")).hasStatus(HttpStatus.UNAUTHORIZED));
        MvcTestResult early = signIn("odette", "correct horse");
        assertThat(early).hasStatus(HttpStatus.TOO_MANY_REQUESTS).hasHeader("Retry-After", "1");
        assertThat(json(early).path("remedy").asString()).isEqualTo("Try again in 1 s.");
        clock.pass(Duration.ofSeconds(1));
        assertThat(signIn("odette", "wrong")).hasStatus(HttpStatus.UNAUTHORIZED);
        assertThat(signIn("odette", "wrong")).hasStatus(HttpStatus.TOO_MANY_REQUESTS);
        clock.pass(Duration.ofSeconds(2));
        assertThat(signIn("odette", "correct horse")).hasStatus(HttpStatus.NO_CONTENT);
        assertThat(signIn("odette", "wrong")).as("forgotten").hasStatus(HttpStatus.UNAUTHORIZED);
    }

    @ParameterizedTest
    @ValueSource(strings = {"ínes", "ｉｎｅｓ", "ines\u200b", "ıneſ", "", "ines'--"})
    void anotherSpellingIsAnotherName(String name) {
        assertThat(signIn(name, "correct horse")).hasStatus(HttpStatus.UNAUTHORIZED);
    }

    /** Whatever names are made up, their sender is counted. */
    @Test
    void madeUpNamesCountForTheirSender() {
        for (int guess = 0; guess < 20; guess++) {
            assertThat(signIn("10.0.0.1", "nobody" + guess, "x")).hasStatus(HttpStatus.UNAUTHORIZED);
        }
        assertThat(signIn("10.0.0.1", "ines", "correct horse")).hasStatus(HttpStatus.TOO_MANY_REQUESTS);
        assertThat(signIn("10.0.0.2", "ines", "correct horse")).hasStatus(HttpStatus.NO_CONTENT);
        assertThat(database.sql("SELECT COUNT(*) FROM sign_in_failure")
                        .query(Integer.class)
                        .single())
                .isLessThanOrEqualTo(2);
    }

    /** A stranger who keeps trying does not keep out the person at her own desk. */
    @Test
    void aDeviceThatSignedInBeforeIsLetThrough() {
        Cookie device = signIn("odette", "correct horse").getResponse().getCookie("nobrec-device");
        assertThat(device).isNotNull();
        assertThat(device.isHttpOnly()).isTrue();
        for (int guess = 0; guess < 12; guess++) {
            signIn("10.0.0.9", "odette", "guess");
        }
        assertThat(signIn("odette", "correct horse")).hasStatus(HttpStatus.TOO_MANY_REQUESTS);
        assertThat(signIn("127.0.0.1", "odette", "correct horse", device)).hasStatus(HttpStatus.NO_CONTENT);
        assertThat(signIn("127.0.0.1", "tobin", "correct horse", new Cookie("nobrec-device", "made up")))
                .hasStatus(HttpStatus.NO_CONTENT);
    }

    /** Ten at one moment are ten, not one. */
    @Test
    void triesAtOneMomentAreCountedEach() {
        List<Integer> answers = Stream.generate(() -> CompletableFuture.supplyAsync(
                        () -> signIn("tobin", "wrong").getResponse().getStatus()))
                .limit(10)
                .toList()
                .stream()
                .map(CompletableFuture::join)
                .toList();
        assertThat(answers.stream().filter(each -> each == 401)).hasSizeLessThanOrEqualTo(6);
        assertThat(answers).doesNotContain(500, 503);
    }

    @Test
    void whoIsSwitchedOffIsOutAtOnceAndARoleCountsAtOnce() {
        // Without a container the session's cookie has the framework's own name.
        Cookie session = signIn("tobin", "correct horse").getResponse().getCookie("SESSION");
        assertThat(mvc.get().uri("/api/v1/departures").cookie(session).exchange())
                .hasStatusOk();
        try {
            database.sql("UPDATE app_user SET role = 'PACKER' WHERE sign_in = 'tobin'")
                    .update();
            assertThat(mvc.get().uri("/api/v1/postings").cookie(session).exchange())
                    .hasStatus(HttpStatus.FORBIDDEN);
            database.sql("UPDATE app_user SET active = FALSE WHERE sign_in = 'tobin'")
                    .update();
            assertThat(mvc.get().uri("/api/v1/departures").cookie(session).exchange())
                    .hasStatus(HttpStatus.UNAUTHORIZED);
        } finally {
            database.sql("UPDATE app_user SET active = TRUE, role = 'COORDINATOR' WHERE sign_in = 'tobin'")
                    .update();
        }
    }

    @Test
    void aPackerSeesNeitherWhatTheCustomerPaysNorWhatIsEarned() {
        JsonNode bench = newJob("PM-1", "Plover Ground");
        assertThat(bench.path("charge").path("margin").path("amount").asString())
                .isNotEmpty();
        MvcTestResult packers = send("POST", "/api/v1/shipments", Map.of("job", "PM-1"), "rufus", "PACKER");
        assertThat(json(packers).has("charge")).isFalse();
        assertThat(json(packers).path("seesCharge").asBoolean()).isFalse();
        assertThat(mvc.get()
                        .uri("/api/v1/postings")
                        .with(user("rufus").roles("PACKER"))
                        .exchange())
                .hasStatus(HttpStatus.FORBIDDEN);
    }

    @ParameterizedTest
    @CsvSource({
        "odette, BOOKKEEPER, POST, /api/v1/shipments, FORBIDDEN",
        "hollis, OWNER, POST, /api/v1/shipments/1/ship, FORBIDDEN",
        "rufus, PACKER, POST, /api/v1/postings/1/another-try, FORBIDDEN",
        "odette, BOOKKEEPER, PUT, /api/v1/shipments/1/phone, FORBIDDEN",
        "rufus, PACKER, POST, /api/v1/shipments, NOT_FOUND",
        "hollis, OWNER, POST, /api/v1/shipments/1/carrier-question, FORBIDDEN",
    })
    void eachRoleDoesItsOwn(String who, String role, String method, String path, HttpStatus status) {
        Map<String, String> body = path.endsWith("ship")
                ? Map.of("service", "x", "total", "1")
                : Map.of("job", "no such job", "text", "1");
        assertThat(send(method, path, body, who, role)).hasStatus(status);
    }

    @Test
    void actsAreLoggedWithWhoAndWhen() {
        ship(weighedJob("T-55", "Plover Ground"));
        assertThat(database.sql(
                                "SELECT COUNT(*) FROM audit_log WHERE sign_in = 'ines' AND act = 'shipped' AND thing = 'Job T-55'")
                        .query(Integer.class)
                        .single())
                .isEqualTo(1);
    }

    @Test
    void whatIsTooLongOrMissingIsRefusedAtTheBorder() {
        assertThat(send("POST", "/api/v1/shipments", Map.of("job", "x".repeat(500))))
                .hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        assertThat(send("POST", "/api/v1/shipments", Map.of())).hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
    }
}
