package nobrec.server.shipnotice;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import nobrec.core.partner.NoticeForm;
import nobrec.core.refusal.Refusal;
import nobrec.core.shipnotice.FunctionalAcknowledgment;
import nobrec.core.shipnotice.NoticeVerdict;
import nobrec.server.audit.AuditLog;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What partners say of the notices they were sent. Said once or ten times, it is the same; what is accepted stays accepted. */
@Service
class Acknowledgments {

    private static final int LONGEST_CONTROL = 9;

    private final ShipNoticeMapper mapper;
    private final AuditLog auditLog;
    private final Clock clock;

    Acknowledgments(ShipNoticeMapper mapper, AuditLog auditLog, Clock clock) {
        this.mapper = mapper;
        this.auditLog = auditLog;
        this.clock = clock;
    }

    /**
     * An X12 997 or a UBL ApplicationResponse: all it says counts, or nothing.
     *
     * @return how many notices it was about
     * @throws Refusal where it is neither, or speaks of a notice that this partner was not sent
     */
    @Transactional
    public int take(String partnerCode, String text) {
        String document = text.strip().replaceFirst("^\uFEFF", "");
        boolean xml = document.startsWith("<");
        List<NoticeVerdict> verdicts = xml ? UblResponse.read(document) : FunctionalAcknowledgment.read(document);
        for (NoticeVerdict verdict : verdicts) {
            ShipNoticeRow row = (xml ? numbered(partnerCode, verdict) : controlled(partnerCode, verdict))
                    .orElseThrow(() ->
                            Refusal.notFound("Ship notice " + verdict.reference(), "Name one that was sent to you."));
            keep(mapper.byIdLocked(row.id()).orElseThrow(), verdict);
        }
        return verdicts.size();
    }

    private Optional<ShipNoticeRow> numbered(String partnerCode, NoticeVerdict verdict) {
        return mapper.numbered(partnerCode, verdict.reference()).stream()
                .filter(row -> row.form() == NoticeForm.UBL)
                .findFirst();
    }

    private Optional<ShipNoticeRow> controlled(String partnerCode, NoticeVerdict verdict) {
        String control = verdict.reference();
        return control.matches("[0-9]{1," + LONGEST_CONTROL + "}")
                ? mapper.controlled(partnerCode, Integer.parseInt(control)).filter(row -> row.form() == NoticeForm.X12)
                : Optional.empty();
    }

    private void keep(ShipNoticeRow row, NoticeVerdict verdict) {
        if (row.state() == ShipNoticeState.ACKNOWLEDGED) {
            return;
        }
        String said = ShipNoticeSender.said(verdict.said());
        if (verdict.accepted()) {
            mapper.acknowledged(row.id(), said, clock.instant(), null);
        } else {
            mapper.refused(row.id(), said);
        }
        auditLog.write(
                AuditLog.BY_ITSELF,
                verdict.accepted() ? "was acknowledged a ship notice" : "was refused a ship notice",
                "Job " + row.job(),
                row.number() + ", " + said);
    }

    /** A person knows it, as by phone. */
    @Transactional
    public void byHand(long id, String note, String signIn) {
        ShipNoticeRow row = mapper.byIdLocked(id)
                .orElseThrow(() -> Refusal.notFound("Ship notice " + id, "Look at the list again."));
        if (row.state() == ShipNoticeState.ACKNOWLEDGED) {
            throw Refusal.conflict("Ship notice " + row.number(), "It is acknowledged already.", "Nothing is to do.");
        }
        if (row.state() == ShipNoticeState.WAITING) {
            throw Refusal.conflict(
                    "Ship notice " + row.number(), "It has not been handed over.", "See Postings for why it waits.");
        }
        mapper.acknowledged(id, ShipNoticeSender.said(note), clock.instant(), signIn);
        auditLog.write(signIn, "acknowledged a ship notice by hand", "Job " + row.job(), row.number() + ", " + note);
    }
}
