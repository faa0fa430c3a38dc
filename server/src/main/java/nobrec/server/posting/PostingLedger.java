package nobrec.server.posting;

import java.time.Duration;
import java.util.List;
import nobrec.server.api.list.Part;
import nobrec.server.audit.AuditLog;
import nobrec.server.platform.outbox.OpenCounts;
import nobrec.server.platform.outbox.Outbox;
import nobrec.server.platform.outbox.OutboxEntry;
import nobrec.server.platform.outbox.OutboxState;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What can be seen of all that goes outside, and having one tried again. */
@Service
public class PostingLedger {

    private static final Duration LONG = Duration.ofMinutes(1);

    private final Outbox outbox;
    private final AuditLog auditLog;

    PostingLedger(Outbox outbox, AuditLog auditLog) {
        this.outbox = outbox;
        this.auditLog = auditLog;
    }

    /** Newest first. */
    List<OutboxEntry> newest(OutboxState state, String job, Part part) {
        return outbox.newest(state, job, part.cursor(), part.limit());
    }

    /** Those that failed, and those that wait for longer than a minute; what a partner refused is said with its notices. */
    public OpenCounts open() {
        return outbox.openCounts(PostingKinds.ALL, PostingKinds.TOLD, LONG);
    }

    /** With the same key, so that it is never written twice. */
    @Transactional
    public void tryAgain(long id, String signIn) {
        OutboxEntry entry = outbox.tryAgain(id);
        auditLog.write(
                signIn,
                "had a posting tried again",
                "Job " + entry.subjectName(),
                entry.kind().name());
    }
}
