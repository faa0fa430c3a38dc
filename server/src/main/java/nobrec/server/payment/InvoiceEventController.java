package nobrec.server.payment;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import nobrec.core.limit.Limits;
import nobrec.server.api.security.ForSignedCalls;
import nobrec.server.connection.Connections;
import nobrec.server.connection.SignedCalls;
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

    private final InvoiceQuestions questions;
    private final SignedCalls signedCalls;

    InvoiceEventController(InvoiceQuestions questions, SignedCalls signedCalls) {
        this.questions = questions;
        this.signedCalls = signedCalls;
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
        signedCalls.require(Connections.BOOKS, signature, body);
        questions.askSoon();
    }
}
