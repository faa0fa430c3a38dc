package nobrec.server.mail;

import nobrec.core.refusal.Refusal;
import nobrec.server.audit.AuditLog;
import nobrec.server.platform.outbox.Outbox;
import nobrec.server.platform.outbox.OutboxEntry;
import nobrec.server.platform.outbox.OutboxKind;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** A mail that a server took and that came back later has failed: whoever looks at Postings sees it, with the reason. */
@Component
class ReturnedMails {

    private final Outbox outbox;
    private final AuditLog auditLog;

    ReturnedMails(Outbox outbox, AuditLog auditLog) {
        this.outbox = outbox;
        this.auditLog = auditLog;
    }

    /**
     * @return what became of it, in a sentence
     * @throws Refusal where it is no report about a mail of ours
     */
    @Transactional
    public String learn(byte[] mail, String signIn) {
        DeliveryReport report = DeliveryReport.read(mail)
                .orElseThrow(() -> Refusal.unusable(
                        "This mail",
                        "It is no report of a mail server (RFC 3464) about a mail of ours.",
                        "Save the report itself from your mail program, as .eml, with what is attached to it."));
        OutboxEntry entry = outbox.byKey(report.key())
                .filter(each -> each.kind() == OutboxKind.MAIL)
                .orElseThrow(
                        () -> Refusal.notFound("The mail it is about", "Ask whoever runs another server of the shop."));
        if (!report.failed()) {
            return "The email about " + entry.subjectName() + " has not come back: " + report.reason() + ".";
        }
        String answer = "It came back from " + report.to() + ": " + report.reason();
        if (outbox.cameBack(entry, answer)) {
            auditLog.write(signIn, "noted an email that came back", "Job " + entry.subjectName(), answer);
        }
        return "The email about " + entry.subjectName() + " came back from " + report.to() + ": " + report.reason()
                + ".";
    }
}
