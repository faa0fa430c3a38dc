package nobrec.server.payment;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import nobrec.core.readiness.AttentionKind;
import nobrec.core.refusal.Refusal;
import nobrec.core.workorder.InvoiceState;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.audit.AuditLog;
import nobrec.server.connection.Adapters;
import nobrec.server.connection.Connection;
import nobrec.server.connection.Connections;
import nobrec.server.connection.OutsideAnswer;
import nobrec.server.platform.BackgroundWork.Sweep;
import nobrec.server.platform.Shortened;
import nobrec.server.posting.BooksPort;
import nobrec.server.workorder.WorkOrders;
import nobrec.server.workorder.list.AttentionRow;
import nobrec.server.workorder.list.JobAttentions;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.stereotype.Component;

/** Asks the books about the jobs that must be paid first and are not; of several servers one asks. */
@Component
class InvoiceQuestions {

    private static final Logger LOG = LoggerFactory.getLogger(InvoiceQuestions.class);
    private static final int JOBS_A_CALL = 100;
    private static final int LONGEST_SAID = 600;
    private static final Duration EVERY = Duration.ofMinutes(5);
    private static final int MOST_DOUBLINGS = 4;

    private final InvoiceTurnMapper turns;
    private final JobAttentions attentions;
    private final WorkOrders workOrders;
    private final Connections connections;
    private final Adapters<BooksPort> books;
    private final Clock clock;

    InvoiceQuestions(
            InvoiceTurnMapper turns,
            JobAttentions attentions,
            WorkOrders workOrders,
            Connections connections,
            List<BooksPort> books,
            Clock clock) {
        this.turns = turns;
        this.attentions = attentions;
        this.workOrders = workOrders;
        this.connections = connections;
        this.books = new Adapters<>(books);
        this.clock = clock;
    }

    @Configuration
    static class Timer {
        private static final Duration PAUSE = Duration.ofSeconds(5);

        @Bean
        Sweep sweepOfInvoices(InvoiceQuestions questions) {
            return new Sweep("invoices", PAUSE, questions::askDue);
        }
    }

    /** The books have said that something changed: they are asked at the next sweep, and what they answer then counts. */
    void askSoon() {
        turns.askAt(clock.instant());
    }

    void askDue() {
        InvoiceTurnRow turn = turns.turn();
        Instant now = clock.instant();
        Instant taken = now.plus(EVERY).truncatedTo(ChronoUnit.MICROS);
        if (!turn.nextAt().isAfter(now) && turns.take(turn.nextAt(), taken) == 1) {
            Optional<String> failed = askAll();
            int failures = failed.isPresent() ? Math.min(turn.failures() + 1, MOST_DOUBLINGS) : 0;
            turns.ended(
                    taken,
                    clock.instant().plus(EVERY.multipliedBy(1L << failures)),
                    failures,
                    Shortened.to(LONGEST_SAID, failed.orElse("")));
        }
    }

    /** @return why it went no further; empty when all were asked about */
    Optional<String> askAll() {
        Optional<AttentionRow> after = Optional.empty();
        while (true) {
            List<AttentionRow> rows = attentions.page(Optional.of(AttentionKind.PAYMENT), after, JOBS_A_CALL);
            if (rows.isEmpty()) {
                return Optional.empty();
            }
            Optional<String> failed = ask(rows);
            if (failed.isPresent()) {
                LOG.warn("The books were not heard about invoices: {}", failed.get());
                return failed;
            }
            after = Optional.of(rows.get(rows.size() - 1));
        }
    }

    private Optional<String> ask(List<AttentionRow> rows) {
        List<String> jobs = workOrders
                .byIds(rows.stream().map(AttentionRow::workOrderId).toList())
                .stream()
                .filter(job -> !job.isTyped())
                .map(WorkOrder::number)
                .toList();
        if (jobs.isEmpty()) {
            return Optional.empty();
        }
        OutsideAnswer<Map<String, InvoiceState>> answer = asked(jobs);
        if (answer instanceof OutsideAnswer.Accepted<Map<String, InvoiceState>> accepted) {
            jobs.forEach(job -> Optional.ofNullable(accepted.result().get(job))
                    .ifPresent(state -> workOrders.keepInvoiceState(job, state, AuditLog.BY_ITSELF)));
            return Optional.empty();
        }
        return Optional.of(
                answer instanceof OutsideAnswer.Refused<?> refused
                        ? refused.reason()
                        : answer instanceof OutsideAnswer.Unknown<?> unknown ? unknown.reason() : "No answer.");
    }

    private OutsideAnswer<Map<String, InvoiceState>> asked(List<String> jobs) {
        try {
            Connection to = connections.to(Connections.BOOKS);
            return books.of(to).invoices(to, UUID.randomUUID().toString(), jobs);
        } catch (Refusal notConnected) {
            return new OutsideAnswer.Unknown<>(notConnected.reason());
        }
    }
}
