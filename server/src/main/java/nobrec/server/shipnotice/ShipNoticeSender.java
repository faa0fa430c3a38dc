package nobrec.server.shipnotice;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Set;
import nobrec.core.refusal.Refusal;
import nobrec.server.connection.Connection;
import nobrec.server.connection.Connections;
import nobrec.server.connection.OutsideAnswer;
import nobrec.server.partner.Partner;
import nobrec.server.partner.PartnerPort;
import nobrec.server.partner.PartnerPort.Receipt;
import nobrec.server.partner.Partners;
import nobrec.server.platform.Shortened;
import nobrec.server.platform.outbox.Outbox;
import nobrec.server.platform.outbox.OutboxEntry;
import nobrec.server.platform.outbox.OutboxHandler;
import nobrec.server.platform.outbox.OutboxKind;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionOperations;

/** Hands notices over; the key keeps a second try from being a second notice. */
@Component
class ShipNoticeSender implements OutboxHandler {

    static final int LONGEST_SAID = 500;

    private static final Logger LOG = LoggerFactory.getLogger(ShipNoticeSender.class);

    private final ShipNoticeMapper mapper;
    private final ShipNoticeWriter writer;
    private final NoticeDocuments documents;
    private final Acknowledgments acknowledgments;
    private final Partners partners;
    private final Connections connections;
    private final Outbox outbox;
    private final TransactionOperations transactions;
    private final Clock clock;

    ShipNoticeSender(
            ShipNoticeMapper mapper,
            ShipNoticeWriter writer,
            NoticeDocuments documents,
            Acknowledgments acknowledgments,
            Partners partners,
            Connections connections,
            Outbox outbox,
            TransactionOperations transactions,
            Clock clock) {
        this.mapper = mapper;
        this.writer = writer;
        this.documents = documents;
        this.acknowledgments = acknowledgments;
        this.partners = partners;
        this.connections = connections;
        this.outbox = outbox;
        this.transactions = transactions;
        this.clock = clock;
    }

    @Override
    public Set<OutboxKind> kinds() {
        return Set.of(OutboxKind.SHIP_NOTICE, OutboxKind.SHIP_NOTICE_REVERSAL);
    }

    @Override
    public void carryOut(OutboxEntry entry) {
        if (entry.reverses() == null) {
            send(entry, mapper.byId(Long.parseLong(entry.request())).orElseThrow());
        } else if (outbox.isToReverse(entry)) {
            send(entry, writer.cancellation(entry));
        }
    }

    private void send(OutboxEntry entry, ShipNoticeRow row) {
        OutsideAnswer<Receipt> answer;
        try {
            answer = deliver(row);
        } catch (Refusal refusal) {
            answer = new OutsideAnswer.Refused<>(refusal.reason() + " " + refusal.remedy());
        }
        settle(entry, row, answer);
    }

    /** Hands it over, whether for the first time or again. */
    OutsideAnswer<Receipt> deliver(ShipNoticeRow row) {
        Connection to = connections.to(row.partnerCode());
        PartnerPort port = partners.port(partners.coded(row.partnerCode()));
        return port.deliver(to, documents.delivery(row));
    }

    private void settle(OutboxEntry entry, ShipNoticeRow row, OutsideAnswer<Receipt> answer) {
        if (answer instanceof OutsideAnswer.Accepted<Receipt> accepted) {
            transactions.executeWithoutResult(status -> {
                Instant now = clock.instant();
                mapper.sent(row.id(), said(accepted.result().said()), now, dueAt(row, now));
                if (entry.reverses() == null) {
                    outbox.done(entry, accepted.result().said());
                } else {
                    outbox.reversed(entry, accepted.result().said());
                }
            });
            takeAcknowledgment(row, accepted.result());
        } else if (answer instanceof OutsideAnswer.Refused<Receipt> refused) {
            transactions.executeWithoutResult(status -> {
                mapper.refused(row.id(), said(refused.reason()));
                outbox.refused(entry, refused.reason());
            });
        } else {
            outbox.putOff(entry, answer.whyOpen());
        }
    }

    /** Null where nobody waits for an acknowledgment. */
    @Nullable
    Instant dueAt(ShipNoticeRow row, Instant now) {
        Partner partner = partners.coded(row.partnerCode());
        int hours = partner.profile().acknowledgedWithinHours();
        return hours == 0 ? null : now.plus(Duration.ofHours(hours));
    }

    /** One that cannot be read does not undo that it has arrived. */
    void takeAcknowledgment(ShipNoticeRow row, Receipt receipt) {
        if (receipt.acknowledgment().isBlank()) {
            return;
        }
        try {
            acknowledgments.take(row.partnerCode(), receipt.acknowledgment());
        } catch (Refusal refusal) {
            LOG.warn("The acknowledgment of {} cannot be read: {}", row.number(), refusal.reason());
            mapper.saidAgain(row.id(), said("Its acknowledgment cannot be read: " + refusal.reason()));
        }
    }

    static String said(String text) {
        return Shortened.to(LONGEST_SAID, text);
    }
}
