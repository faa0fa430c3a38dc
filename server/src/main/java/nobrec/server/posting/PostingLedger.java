package nobrec.server.posting;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import nobrec.core.refusal.Refusal;
import nobrec.server.api.list.Part;
import nobrec.server.audit.AuditLog;
import nobrec.server.platform.outbox.OpenCounts;
import nobrec.server.platform.outbox.Outbox;
import nobrec.server.platform.outbox.OutboxEntry;
import nobrec.server.platform.outbox.OutboxFilter;
import nobrec.server.platform.outbox.OutboxState;
import org.joda.money.Money;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionOperations;

/** What can be seen of all that goes outside, and having one tried again. */
@Service
public class PostingLedger {

    private static final Duration LONG = Duration.ofMinutes(1);

    /** So many are looked for at once. */
    private static final int PART = 500;

    private final Outbox outbox;
    private final AuditLog auditLog;
    private final TransactionOperations transactions;

    PostingLedger(Outbox outbox, AuditLog auditLog, TransactionOperations transactions) {
        this.outbox = outbox;
        this.transactions = transactions;
        this.auditLog = auditLog;
    }

    /** Newest first. */
    List<OutboxEntry> newest(OutboxFilter filter, Part part) {
        return outbox.newest(filter, part.cursor(), part.limit());
    }

    /** Money that hangs on what is not done of these. */
    Money hanging(OutboxFilter filter) {
        return outbox.hanging(filter);
    }

    OutboxEntry byId(long id) {
        return outbox.byId(id);
    }

    Optional<String> sent(long id) {
        return outbox.sent(id);
    }

    /** Those that failed, and those that wait for longer than a minute; what a partner refused is said with its notices. */
    public OpenCounts open() {
        return outbox.openCounts(PostingKinds.ALL, PostingKinds.TOLD, LONG);
    }

    /** With the same key, so that it is never written twice. */
    @Transactional
    public void tryAgain(long id, String signIn) {
        write(signIn, "had a posting tried again", outbox.tryAgain(id));
    }

    @Transactional
    public void setAside(long id, String reason, String signIn) {
        if (!PostingKinds.ALL.contains(outbox.byId(id).kind())) {
            throw Refusal.unusable(
                    "This entry",
                    "Its answer decides what is true here, so it cannot be set aside.",
                    "Have it tried again, or ask the other side.");
        }
        write(signIn, "set a posting aside: " + reason, outbox.setAside(id, reason));
    }

    private void write(String signIn, String act, OutboxEntry entry) {
        auditLog.write(signIn, act, "Job " + entry.subjectName(), entry.kind().name());
    }

    /** What came of having many tried again. */
    record Again(int begun, int left, String firstReason) {}

    /** All that failed, of one system or of all, the oldest first; one that cannot be tried again holds up no other. */
    Again tryAllAgain(OutboxFilter filter, String signIn) {
        int begun = 0;
        int left = 0;
        String reason = "";
        long after = 0;
        List<Long> ids = outbox.idsOf(filter.in(OutboxState.FAILED), after, PART);
        while (!ids.isEmpty()) {
            for (long id : ids) {
                try {
                    transactions.executeWithoutResult(status -> tryAgain(id, signIn));
                    begun++;
                } catch (Refusal refused) {
                    reason = reason.isEmpty() ? refused.reason() : reason;
                    left++;
                }
                after = id;
            }
            ids = outbox.idsOf(filter.in(OutboxState.FAILED), after, PART);
        }
        return new Again(begun, left, reason);
    }
}
