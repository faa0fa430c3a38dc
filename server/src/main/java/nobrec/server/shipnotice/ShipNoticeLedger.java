package nobrec.server.shipnotice;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import nobrec.core.refusal.Refusal;
import nobrec.core.shipnotice.ShipNotice;
import nobrec.server.api.list.Part;
import nobrec.server.audit.AuditLog;
import nobrec.server.partner.Partners;
import nobrec.server.platform.outbox.Outbox;
import nobrec.server.platform.outbox.OutboxEntry;
import nobrec.server.platform.outbox.OutboxKind;
import nobrec.server.platform.outbox.OutboxState;
import nobrec.server.platform.outbox.OutboxWorker;
import nobrec.server.platform.outbox.Subject;
import nobrec.server.shipnotice.PartnerCallController.ReadyNotice;
import org.springframework.stereotype.Service;

/** What can be seen of ship notices, by us and by the partner whose they are. */
@Service
public class ShipNoticeLedger {

    private final ShipNoticeMapper mapper;
    private final NoticeDocuments documents;
    private final NoticeChase chase;
    private final Partners partners;
    private final Outbox outbox;
    private final OutboxWorker worker;
    private final AuditLog auditLog;
    private final Clock clock;

    ShipNoticeLedger(
            ShipNoticeMapper mapper,
            NoticeDocuments documents,
            NoticeChase chase,
            Partners partners,
            Outbox outbox,
            OutboxWorker worker,
            AuditLog auditLog,
            Clock clock) {
        this.mapper = mapper;
        this.documents = documents;
        this.chase = chase;
        this.partners = partners;
        this.outbox = outbox;
        this.worker = worker;
        this.auditLog = auditLog;
        this.clock = clock;
    }

    /** Newest first. */
    List<ShipNoticeRow> newest(String partnerCode, ShipNoticeState state, String job, Part part) {
        return mapper.newest(partnerCode, state, job, part.cursor(), part.limit());
    }

    /**
     * What a person must look at.
     *
     * @param refused that partners cannot use
     * @param overdue that partners did not acknowledge, however often they were sent
     */
    public record Stuck(int refused, int overdue) {}

    public Stuck stuck() {
        return mapper.stuck(clock.instant(), ShipNoticeRow.MOST_CHASES);
    }

    boolean isOverdue(ShipNoticeRow row) {
        return row.isOverdue(clock.instant());
    }

    ShipNoticeRow row(long id) {
        return mapper.byId(id).orElseThrow(() -> Refusal.notFound("Ship notice " + id, "Look at the list again."));
    }

    /** As it goes out. */
    String document(ShipNoticeRow row) {
        return documents.delivery(row).text();
    }

    /** What lies ready for a partner, and is with it from now on. */
    List<ReadyNotice> fetch(String partnerCode, long after, int limit) {
        requireFetched(partnerCode);
        List<ShipNoticeRow> rows = mapper.ready(partnerCode, after, limit);
        List<ReadyNotice> notices = rows.stream()
                .map(row -> new ReadyNotice(
                        row.id(),
                        row.number(),
                        row.purpose(),
                        row.form(),
                        NoticeDocuments.fileName(row),
                        document(row)))
                .toList();
        if (!rows.isEmpty()) {
            mapper.fetched(rows.stream().map(ShipNoticeRow::id).toList());
        }
        return notices;
    }

    private void requireFetched(String partnerCode) {
        if (!partners.port(partners.coded(partnerCode)).isFetched()) {
            throw Refusal.conflict(
                    "Ship notices", "They are sent to you, not fetched.", "Ask us to have that changed.");
        }
    }

    /** Hands it over again, under the same key and numbers. */
    void sendAgain(long id, String signIn) {
        ShipNoticeRow row = row(id);
        if (row.state() == ShipNoticeState.WAITING || row.state() == ShipNoticeState.ACKNOWLEDGED) {
            throw Refusal.conflict(
                    "Ship notice " + row.number(),
                    row.state() == ShipNoticeState.WAITING
                            ? "It has not been handed over yet; that goes on by itself."
                            : "The partner has acknowledged it.",
                    "See Postings.");
        }
        auditLog.write(signIn, "had a ship notice sent again", "Job " + row.job(), row.number());
        Optional<OutboxEntry> notHandedOver = notHandedOver(row);
        notHandedOver.ifPresentOrElse(
                entry -> {
                    outbox.tryAgain(entry.id());
                    worker.start();
                },
                () -> chase.again(row, "Sent again."));
    }

    /** Its entry of the outbox, where the partner has refused to take it: only that one knows, once it is done, that there is something to take back. */
    private Optional<OutboxEntry> notHandedOver(ShipNoticeRow row) {
        boolean original = row.purpose() == ShipNotice.Purpose.ORIGINAL;
        OutboxKind kind = original ? OutboxKind.SHIP_NOTICE : OutboxKind.SHIP_NOTICE_REVERSAL;
        return outbox.of(Subject.Kind.SHIPMENT, row.shipmentId()).stream()
                .filter(entry -> entry.kind() == kind && entry.state() == OutboxState.FAILED)
                .filter(entry -> row(Long.parseLong(entry.request())).number().equals(row.number()))
                .findFirst();
    }
}
