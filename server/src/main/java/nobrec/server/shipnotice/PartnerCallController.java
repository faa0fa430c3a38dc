package nobrec.server.shipnotice;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import nobrec.core.limit.Limits;
import nobrec.core.partner.NoticeForm;
import nobrec.core.refusal.Refusal;
import nobrec.core.shipnotice.ShipNotice;
import nobrec.server.api.security.ForSignedCalls;
import nobrec.server.connection.SignedCalls;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What partners call us for: notices that lie ready, and what they say of those they have. */
@RestController
@RequestMapping("/api/v1/events/partners/{partner}")
@Tag(name = "events")
class PartnerCallController {

    private static final int AT_ONCE = 100;
    private static final int LONGEST_PLACE = 18;

    /** @param name of the file that the document could be */
    record ReadyNotice(
            long place, String number, ShipNotice.Purpose purpose, NoticeForm form, String name, String document) {}

    /** @param next what to ask for next time */
    record ReadyNotices(List<ReadyNotice> notices, long next) {}

    /** @param notices how many notices it was about */
    record Taken(int notices) {}

    private final ShipNoticeLedger ledger;
    private final Acknowledgments acknowledgments;
    private final SignedCalls signedCalls;

    PartnerCallController(ShipNoticeLedger ledger, Acknowledgments acknowledgments, SignedCalls signedCalls) {
        this.ledger = ledger;
        this.acknowledgments = acknowledgments;
        this.signedCalls = signedCalls;
    }

    /**
     * @param signature HMAC-SHA-256 (RFC 2104) of the body with the secret of the partner's connection, in hexadecimal
     * @param after the place after which they are wanted, as digits: 0 at first, then what was given as {@code next}
     */
    @PostMapping(path = "/ship-notices", consumes = "text/plain")
    @ForSignedCalls
    ReadyNotices fetch(
            @PathVariable @Size(max = Limits.TEXT) String partner,
            @RequestHeader("Nobrec-Signature") @NotNull @Size(max = Limits.TEXT) String signature,
            @RequestBody @NotNull @Size(max = Limits.FIGURE_TEXT) String after) {
        signedCalls.require(partner, signature, after);
        if (!after.strip().matches("[0-9]{1," + LONGEST_PLACE + "}")) {
            throw Refusal.unusable(
                    "The place", "“" + after + "” is none.", "Send 0, or what was given as next, as text.");
        }
        long place = Long.parseLong(after.strip());
        List<ReadyNotice> notices = ledger.fetch(partner, place, AT_ONCE);
        return new ReadyNotices(
                notices,
                notices.isEmpty() ? place : notices.get(notices.size() - 1).place());
    }

    /**
     * @param signature as above
     * @param document an X12 997 or a UBL 2.1 ApplicationResponse
     */
    @PostMapping(
            path = "/acknowledgments",
            consumes = {"text/plain", "application/EDI-X12", "application/xml"})
    @ForSignedCalls
    Taken acknowledge(
            @PathVariable @Size(max = Limits.TEXT) String partner,
            @RequestHeader("Nobrec-Signature") @NotNull @Size(max = Limits.TEXT) String signature,
            @RequestBody @NotNull @Size(max = Limits.PARTNER_DOCUMENT) String document) {
        signedCalls.require(partner, signature, document);
        return new Taken(acknowledgments.take(partner, document));
    }
}
