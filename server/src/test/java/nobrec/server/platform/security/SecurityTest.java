package nobrec.server.platform.security;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import java.time.Duration;
import java.util.Map;
import nobrec.server.ServerTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpStatus;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

class SecurityTest extends ServerTest {

    @Autowired
    private JdbcClient database;

    private MvcTestResult signIn(String name, String password) {
        return mvc.post()
                .uri("/api/sign-in")
                .param("username", name)
                .param("password", password)
                .with(csrf())
                .exchange();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"/api/departures", "/api/work-orders", "/api/postings", "/api/papers/1", "/api/description"})
    void nothingIsShownToStrangers(String path) {
        assertThat(mvc.get().uri(path).exchange()).hasStatus(HttpStatus.UNAUTHORIZED);
    }

    @Test
    void nothingIsChangedWithoutTheToken() {
        assertThat(mvc.post()
                        .uri("/api/shipments/1/ship")
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

    @Test
    void guessingIsStoppedForAMinute() {
        for (int guess = 0; guess < 5; guess++) {
            assertThat(signIn("odette", "guess " + guess)).hasStatus(HttpStatus.UNAUTHORIZED);
        }
        assertThat(signIn("odette", "correct horse")).hasStatus(HttpStatus.UNAUTHORIZED);
        clock.pass(Duration.ofSeconds(61));
        assertThat(signIn("odette", "correct horse")).hasStatus(HttpStatus.NO_CONTENT);
    }

    @ParameterizedTest
    @CsvSource({
        "BOOKKEEPER, POST, /api/shipments, FORBIDDEN",
        "OWNER, POST, /api/shipments/1/ship, FORBIDDEN",
        "PACKER, POST, /api/postings/1/another-try, FORBIDDEN",
        "BOOKKEEPER, PUT, /api/shipments/1/phone, FORBIDDEN",
        "PACKER, POST, /api/shipments, NOT_FOUND",
    })
    void eachRoleDoesItsOwn(String role, String method, String path, HttpStatus status) {
        Map<String, String> body = path.endsWith("ship")
                ? Map.of("service", "x", "total", "1")
                : Map.of("job", "no such job", "text", "1");
        assertThat(send(method, path, body, "rufus", role)).hasStatus(status);
    }

    @Test
    void actsAreLoggedWithWhoAndWhen() {
        ship(weighedJob("T-55", "Plover Ground"));
        assertThat(database.sql(
                                "SELECT COUNT(*) FROM act_log WHERE sign_in = 'ines' AND act = 'shipped' AND thing = 'Job T-55'")
                        .query(Integer.class)
                        .single())
                .isEqualTo(1);
    }

    @Test
    void whatIsTooLongOrMissingIsRefusedAtTheBorder() {
        assertThat(send("POST", "/api/shipments", Map.of("job", "x".repeat(500))))
                .hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        assertThat(send("POST", "/api/shipments", Map.of())).hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
    }
}
