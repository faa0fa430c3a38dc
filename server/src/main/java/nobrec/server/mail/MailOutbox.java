package nobrec.server.mail;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import nobrec.core.refusal.Refusal;
import nobrec.core.telling.Moment;
import nobrec.core.telling.TellingFact;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.audit.AuditLog;
import nobrec.server.moment.MomentReached;
import nobrec.server.moment.Moments;
import nobrec.server.platform.Shortened;
import nobrec.server.platform.money.ShopMoney;
import nobrec.server.platform.outbox.NewEntry;
import nobrec.server.platform.outbox.Outbox;
import nobrec.server.platform.outbox.OutboxKind;
import nobrec.server.platform.outbox.Subject;
import nobrec.server.returns.ReturnReminder;
import nobrec.server.returns.ReturnReminderMail;
import nobrec.server.shipment.Shipments;
import nobrec.server.telling.GoneShipment;
import nobrec.server.workorder.FreightQuoted;
import nobrec.server.workorder.WorkOrders;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Keeps the mails that are to be written at a moment, in the same transaction. */
@Component
public class MailOutbox implements ReturnReminderMail {

    /** Code of the connection to the mail server. */
    static final String TARGET = "MAIL";

    private static final Logger LOG = LoggerFactory.getLogger(MailOutbox.class);
    private static final int LONGEST_SUMMARY = 200;

    private final MailRules rules;
    private final MailWriting writing;
    private final Shipments shipments;
    private final WorkOrders workOrders;
    private final Moments moments;
    private final AuditLog auditLog;
    private final Outbox outbox;
    private final JsonMapper json;

    MailOutbox(
            MailRules rules,
            MailWriting writing,
            Shipments shipments,
            WorkOrders workOrders,
            Moments moments,
            AuditLog auditLog,
            Outbox outbox,
            JsonMapper json) {
        this.workOrders = workOrders;
        this.moments = moments;
        this.auditLog = auditLog;
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
        write(
                counting,
                jobs,
                reached.gone(),
                Map.of(TellingFact.EXCEPTION, reached.detail()),
                Subject.shipment(reached.shipmentId(), jobs.get(0).number()));
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
        write(counting, List.of(job), Optional.empty(), facts, Subject.job(job.id(), job.number()));
    }

    @Override
    public boolean isOn() {
        return rules.countAt(Moment.RETURN_REMINDER) > 0;
    }

    @Override
    public int write(ReturnReminder reminder) {
        List<MailRules.CountingRule> counting = rules.at(Moment.RETURN_REMINDER);
        if (counting.isEmpty()) {
            return 0;
        }
        WorkOrder job = workOrders.byId(reminder.workOrderId());
        Map<TellingFact, String> facts = Map.of(
                TellingFact.TO_COME_BACK,
                String.join("\n", reminder.items()),
                TellingFact.RETURN_LABEL,
                reminder.label(),
                TellingFact.RETURN_DUE,
                reminder.due().toString());
        return write(
                counting,
                List.of(job),
                Optional.of(writing.gone(reminder.shipmentId())),
                facts,
                Subject.shipment(reminder.shipmentId(), job.number()));
    }

    /** @return how many mails were written */
    private int write(
            List<MailRules.CountingRule> counting,
            List<WorkOrder> jobs,
            Optional<GoneShipment> gone,
            Map<TellingFact, String> facts,
            Subject subject) {
        List<NewEntry> entries = counting.stream()
                .flatMap(rule -> entries(rule, writing.write(rule, jobs, gone, facts), subject).stream())
                .toList();
        if (!entries.isEmpty()) {
            outbox.add(entries);
        }
        return entries.size();
    }

    /**
     * Somebody wants it written now, whether it counts at a moment or not.
     *
     * @throws Refusal where it would go to nobody
     */
    @Transactional
    public void onDemand(String job, String email, String signIn) {
        MailRules.CountingRule rule = rules.named(email);
        WorkOrder order = workOrders.byNumber(job);
        Optional<GoneShipment> gone = writing.goneOf(order);
        Map<TellingFact, String> facts = gone.flatMap(
                        left -> moments.latest(left.shipment().id()))
                .map(latest -> Map.of(TellingFact.EXCEPTION, latest.detail()))
                .orElse(Map.of());
        MailWriting.Written written = writing.write(rule, List.of(order), gone, facts);
        if (written.mails().isEmpty()) {
            throw Refusal.unusable("Job " + job, "“" + email + "” is not written of it. " + written.why(), "");
        }
        Subject subject = gone.map(left -> Subject.shipment(left.shipment().id(), order.number()))
                .orElseGet(() -> Subject.job(order.id(), order.number()));
        outbox.add(entries(rule, written, subject));
        auditLog.write(signIn, "had an email written", "Job " + job, email);
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
