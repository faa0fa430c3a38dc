package nobrec.server.payment;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.security.MessageDigest;
import java.util.HexFormat;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;
import nobrec.core.limit.Limits;
import nobrec.core.refusal.Refusal;
import nobrec.server.api.security.ForSignedCalls;
import nobrec.server.connection.Connections;
import nobrec.server.connection.Credentials;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/**
 * The books say that invoices have changed. Nothing in such a call is believed but that: the books are asked, so that one that
 * is made up, or sent again, only costs a question.
 */
@RestController
@RequestMapping("/api/v1/events")
@Tag(name = "events")
class InvoiceEventController {

    private static final int LONGEST_BODY = 10_000;
    private static final String ALGORITHM = "HmacSHA256";

    private final InvoiceQuestions questions;
    private final Connections connections;

    InvoiceEventController(InvoiceQuestions questions, Connections connections) {
        this.questions = questions;
        this.connections = connections;
    }

    /**
     * @param signature HMAC-SHA-256 (RFC 2104) of the body with the secret of the connection to the books, in hexadecimal
     * @param body any text
     */
    @PostMapping("/invoices")
    @ForSignedCalls
    @ResponseStatus(HttpStatus.ACCEPTED)
    void invoicesChanged(
            @RequestHeader("Nobrec-Signature") @NotNull @Size(max = Limits.TEXT) String signature,
            @RequestBody @NotNull @Size(max = LONGEST_BODY) String body) {
        String secret = connections
                .to(Connections.BOOKS)
                .credentials()
                .map(Credentials::secret)
                .orElseThrow(InvoiceEventController::notSigned);
        if (!MessageDigest.isEqual(
                signed(secret, body).getBytes(StandardCharsets.US_ASCII), signature.getBytes(StandardCharsets.UTF_8))) {
            throw notSigned();
        }
        questions.askSoon();
    }

    private static Refusal notSigned() {
        return Refusal.unusable(
                "The signature",
                "It is not made with the secret of the connection to the books.",
                "Set up the same secret on both sides.");
    }

    private static String signed(String secret, String body) {
        try {
            Mac mac = Mac.getInstance(ALGORITHM);
            mac.init(new SecretKeySpec(secret.getBytes(StandardCharsets.UTF_8), ALGORITHM));
            return HexFormat.of().formatHex(mac.doFinal(body.getBytes(StandardCharsets.UTF_8)));
        } catch (GeneralSecurityException missing) {
            throw new IllegalStateException("Every Java has " + ALGORITHM, missing);
        }
    }
}
