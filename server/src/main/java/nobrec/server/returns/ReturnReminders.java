package nobrec.server.returns;

import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import nobrec.core.returns.ReturnState;
import nobrec.server.audit.AuditLog;
import nobrec.server.platform.BackgroundWork.Sweep;
import nobrec.server.site.Sites;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionOperations;

/**
 * Asks customers where something stays that should be coming back: a person does, whenever; and by itself once, shortly before its label
 * ends, where an email can be written then.
 */
@Component
class ReturnReminders {

    private static final Logger LOG = LoggerFactory.getLogger(ReturnReminders.class);

    /** Enough to pack it and bring it to the carrier: common practice, no source. */
    private static final int DAYS_BEFORE = 5;

    private static final int AT_ONCE = 100;

    private final ReturnMapper mapper;
    private final ReturnReminderMail mail;
    private final AuditLog auditLog;
    private final ApplicationEventPublisher events;
    private final TransactionOperations transactions;
    private final Sites sites;
    private final Clock clock;

    ReturnReminders(
            ReturnMapper mapper,
            ReturnReminderMail mail,
            AuditLog auditLog,
            ApplicationEventPublisher events,
            TransactionOperations transactions,
            Sites sites,
            Clock clock) {
        this.mapper = mapper;
        this.mail = mail;
        this.auditLog = auditLog;
        this.events = events;
        this.transactions = transactions;
        this.sites = sites;
        this.clock = clock;
    }

    @Configuration
    static class Sweeping {
        private static final Duration PAUSE = Duration.ofMinutes(10);

        @Bean
        Sweep sweepOfReturnReminders(ReturnReminders reminders) {
            return new Sweep("return reminders", PAUSE, reminders::remindAll);
        }
    }

    boolean areMailed() {
        return mail.isOn();
    }

    /** A person asks, by mail where one is written and otherwise as they like. */
    void byPerson(ReturnRow row, String signIn) {
        ReturnReminder reminder = reminder(row);
        mail.write(reminder);
        keep(row, reminder, signIn);
    }

    /** All that have not been asked about and end soon; what has ended long ago is for a person. */
    void remindAll() {
        long after = 0;
        while (mail.isOn() && after >= 0) {
            LocalDate today = sites.today();
            List<Long> ids =
                    mapper.unreminded(ReturnState.EXPECTED, today, today.plusDays(DAYS_BEFORE), after, AT_ONCE);
            ids.forEach(this::byItself);
            after = ids.size() < AT_ONCE ? -1 : ids.get(ids.size() - 1);
        }
    }

    private void byItself(long id) {
        try {
            transactions.executeWithoutResult(status -> {
                Optional<ReturnRow> row = mapper.byIdLocked(id)
                        .filter(each -> each.state() == ReturnState.EXPECTED && each.reminders() == 0);
                row.ifPresent(this::byItself);
            });
        } catch (RuntimeException failed) {
            LOG.error("Nobody could be reminded of return {}", id, failed);
        }
    }

    private void byItself(ReturnRow row) {
        ReturnReminder reminder = reminder(row);
        if (mail.write(reminder) > 0) {
            keep(row, reminder, AuditLog.BY_ITSELF);
        }
    }

    private ReturnReminder reminder(ReturnRow row) {
        return new ReturnReminder(
                row.shipmentId(),
                row.workOrderId(),
                Optional.ofNullable(row.trackingNumber()).orElse(""),
                row.due(),
                mapper.linesOf(List.of(row.id())).stream()
                        .map(line -> line.quantity() + " x " + line.item())
                        .toList());
    }

    private void keep(ReturnRow row, ReturnReminder reminder, String signIn) {
        mapper.remind(row.id(), clock.instant());
        events.publishEvent(reminder);
        auditLog.write(signIn, "reminded of a return", "Job " + row.job(), "Return " + row.id());
    }
}
