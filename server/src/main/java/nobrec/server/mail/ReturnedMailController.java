package nobrec.server.mail;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.nio.charset.StandardCharsets;
import java.security.Principal;
import nobrec.core.limit.Limits;
import nobrec.server.api.security.ForAllButPackers;
import nobrec.server.api.security.ForSignedCalls;
import nobrec.server.audit.AuditLog;
import nobrec.server.connection.SignedCalls;
import nobrec.server.platform.csv.UploadedFile;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** Mails that came back: a person opens the report, or the shop's mail server hands it on. */
@RestController
@Tag(name = "emails")
class ReturnedMailController {

    private static final int LONGEST_BODY = 200_000;

    /** @param said in a sentence */
    record ReturnedView(String said) {}

    private final ReturnedMails mails;
    private final SignedCalls signedCalls;

    ReturnedMailController(ReturnedMails mails, SignedCalls signedCalls) {
        this.mails = mails;
        this.signedCalls = signedCalls;
    }

    /** @param file the report, as a mail program saves it */
    @PostMapping(path = "/api/v1/emails/returned", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    @ForAllButPackers
    ReturnedView open(@RequestParam("file") MultipartFile file, Principal who) {
        return new ReturnedView(mails.learn(UploadedFile.of(file).content(), who.getName()));
    }

    /**
     * @param signature HMAC-SHA-256 (RFC 2104) of the body with the secret of the mail server's connection, in hexadecimal
     * @param body the report as it came (RFC 5322); what is longer can be cut off, the report stands in front
     */
    @PostMapping("/api/v1/events/mail/returned")
    @ForSignedCalls
    ReturnedView learn(
            @RequestHeader("Nobrec-Signature") @NotNull @Size(max = Limits.TEXT) String signature,
            @RequestBody @NotNull @Size(max = LONGEST_BODY) String body) {
        signedCalls.require(MailOutbox.TARGET, signature, body);
        return new ReturnedView(mails.learn(body.getBytes(StandardCharsets.UTF_8), AuditLog.BY_ITSELF));
    }
}
