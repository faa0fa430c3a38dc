package nobrec.server.mail;

import java.util.ArrayList;
import java.util.List;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.moment.MomentReached;
import nobrec.server.platform.Shortened;
import nobrec.server.platform.outbox.NewEntry;
import nobrec.server.platform.outbox.Outbox;
import nobrec.server.platform.outbox.OutboxKind;
import nobrec.server.platform.outbox.Subject;
import nobrec.server.shipment.Shipments;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Keeps the mails that are to be written at a moment, in the same transaction. */
@Component
class MailOutbox {

    /** Code of the connection to the mail server. */
    static final String TARGET = "MAIL";

    private static final Logger LOG = LoggerFactory.getLogger(MailOutbox.class);
    private static final int LONGEST_SUMMARY = 200;

    private final MailRules rules;
    private final MailWriting writing;
    private final Shipments shipments;
    private final Outbox outbox;
    private final JsonMapper json;

    MailOutbox(MailRules rules, MailWriting writing, Shipments shipments, Outbox outbox, JsonMapper json) {
        this.rules = rules;
        this.writing = writing;
        this.shipments = shipments;
        this.outbox = outbox;
        this.json = json;
    }

    @EventListener
    void on(MomentReached reached) {
        List<MailRules.CountingRule> counting = rules.at(reached.moment());
        if (counting.isEmpty()) {
            return;
        }
        List<WorkOrder> jobs = reached.gone()
                .map(gone -> gone.jobs().all())
                .orElseGet(() ->
                        shipments.jobs(shipments.byId(reached.shipmentId())).all());
        List<NewEntry> entries = new ArrayList<>();
        for (MailRules.CountingRule rule : counting) {
            MailWriting.Written written = writing.write(rule, jobs, reached.gone(), reached.detail());
            if (written.mails().isEmpty()) {
                LOG.info(
                        "Email “{}” is not written of job {}: {}",
                        rule.document().name(),
                        jobs.get(0).number(),
                        written.why());
            }
            written.mails().forEach(mail -> entries.add(entry(reached, jobs.get(0), mail)));
        }
        if (!entries.isEmpty()) {
            outbox.add(entries);
        }
    }

    private NewEntry entry(MomentReached reached, WorkOrder leading, MailRequest mail) {
        return new NewEntry(
                        OutboxKind.MAIL,
                        Subject.shipment(reached.shipmentId(), leading.number()),
                        TARGET,
                        Shortened.to(LONGEST_SUMMARY, "To " + mail.to() + ": " + mail.subject()),
                        json.writeValueAsString(mail))
                .telling(reached.moment().name());
    }
}
