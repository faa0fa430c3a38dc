package nobrec.server.mail;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import nobrec.core.limit.Limits;
import nobrec.core.mail.MailAddress;
import nobrec.server.api.security.ForSignedCalls;
import nobrec.server.audit.AuditLog;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.util.HtmlUtils;

/**
 * Where a receiver of mail says that it wants no more: a page without script, reached by the sealed link in the mail; its button, and mail
 * programs (RFC 8058), call the second address.
 */
@RestController
@Tag(name = "events")
class MailStopController {

    private static final int LONGEST_ADDRESS = 254;

    private final MailStops stops;

    MailStopController(MailStops stops) {
        this.stops = stops;
    }

    @GetMapping(path = "/api/v1/events/mail-stops", produces = MediaType.TEXT_HTML_VALUE)
    @ForSignedCalls
    String ask(
            @RequestParam @NotNull @Size(max = LONGEST_ADDRESS) String to,
            @RequestParam @NotNull @Size(max = Limits.TEXT) String seal) {
        MailAddress address = stops.required(to, seal);
        return page("<p>Emails about shipments go to <strong>" + HtmlUtils.htmlEscape(address.text())
                + "</strong>.</p><form method=\"post\"><button>No more of them</button></form>");
    }

    @PostMapping(path = "/api/v1/events/mail-stops", produces = MediaType.TEXT_HTML_VALUE)
    @ForSignedCalls
    String stop(
            @RequestParam @NotNull @Size(max = LONGEST_ADDRESS) String to,
            @RequestParam @NotNull @Size(max = Limits.TEXT) String seal) {
        MailAddress address = stops.required(to, seal);
        stops.stop(address, AuditLog.BY_ITSELF);
        return page("<p><strong>" + HtmlUtils.htmlEscape(address.text())
                + "</strong> gets no more emails about shipments. Write to the shop if you change your mind.</p>");
    }

    private static String page(String body) {
        return "<!DOCTYPE html><html lang=\"en\"><head><meta charset=\"utf-8\"><title>Emails about shipments</title>"
                + "<meta name=\"viewport\" content=\"width=device-width,initial-scale=1\"></head><body><h1>Emails about"
                + " shipments</h1>" + body + "</body></html>";
    }
}
