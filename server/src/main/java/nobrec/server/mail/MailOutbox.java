package nobrec.server.mail;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.workorder.WorkOrders;
import nobrec.server.workorder.FreightQuoted;
import nobrec.server.platform.money.ShopMoney;
import nobrec.core.telling.TellingFact;
import nobrec.core.telling.Moment;
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
    private final WorkOrders workOrders;
    private final Outbox outbox;
    private final JsonMapper json;

    MailOutbox(
            MailRules rules,
            MailWriting writing,
            Shipments shipments,
            WorkOrders workOrders,
            Outbox outbox,
            JsonMapper json) {
        this.workOrders = workOrders;
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
            MailWriting.Written written =
                    writing.write(rule, jobs, reached.gone(), Map.of(TellingFact.EXCEPTION, reached.detail()));
            entries.addAll(entries(
                    rule, written, Subject.shipment(reached.shipmentId(), jobs.get(0).number())));
        }
        add(entries);
    }

    @EventListener
    void on(FreightQuoted quoted) {
        List<MailRules.CountingRule> counting = rules.at(Moment.QUOTED);
        if (counting.isEmpty()) {
            return;
        }
        WorkOrder job = workOrders.byId(quoted.workOrderId());
        Map<TellingFact, String> facts = Map.of(
                TellingFact.QUOTE,
                ShopMoney.show(quoted.customerPays()),
                TellingFact.QUOTED_SERVICE,
                quoted.service(),
                TellingFact.QUOTED_UNTIL,
                quoted.validUntil().toString());
        List<NewEntry> entries = new ArrayList<>();
        for (MailRules.CountingRule rule : counting) {
            MailWriting.Written written = writing.write(rule, List.of(job), Optional.empty(), facts);
            entries.addAll(entries(rule, written, Subject.job(job.id(), job.number())));
        }
        add(entries);
    }

    private void add(List<NewEntry> entries) {
        if (!entries.isEmpty()) {
            outbox.add(entries);
        }
    }

    private List<NewEntry> entries(MailRules.CountingRule rule, MailWriting.Written written, Subject subject) {
        if (written.mails().isEmpty()) {
            LOG.info("Email “{}” is not written of job {}: {}", rule.document().name(), subject.name(), written.why());
        }
        return written.mails().stream()
                .map(mail -> new NewEntry(
                                OutboxKind.MAIL,
                                subject,
                                TARGET,
                                Shortened.to(LONGEST_SUMMARY, "To " + mail.to() + ": " + mail.subject()),
                                json.writeValueAsString(mail))
                        .telling(rule.document().moment().name()))
                .toList();
    }
}
