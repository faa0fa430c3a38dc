package nobrec.server.job;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import nobrec.core.limit.Limits;
import nobrec.core.refusal.Refusal;
import nobrec.server.audit.AuditLog;
import nobrec.server.platform.Shortened;
import nobrec.server.workorder.WorkOrders;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What people tell each other of a job. */
@Service
public class JobNotes {

    /** @param writtenBy sign-in */
    record Note(long id, Instant writtenAt, String writtenBy, String text) {}

    private final JobNoteMapper mapper;
    private final WorkOrders workOrders;
    private final AuditLog auditLog;
    private final Clock clock;

    JobNotes(JobNoteMapper mapper, WorkOrders workOrders, AuditLog auditLog, Clock clock) {
        this.mapper = mapper;
        this.workOrders = workOrders;
        this.auditLog = auditLog;
        this.clock = clock;
    }

    /** The newest first. */
    List<Note> of(long workOrderId) {
        return mapper.of(workOrderId, Limits.NOTES_OF_JOB);
    }

    @Transactional
    void write(String number, String text, String signIn) {
        if (text.isBlank()) {
            throw Refusal.unusable("The note", "It is empty.", "Write what your colleagues should know.");
        }
        long id = workOrders.idOf(number);
        if (mapper.count(id) >= Limits.NOTES_OF_JOB) {
            throw Refusal.unusable(
                    "The note", "Job " + number + " has " + Limits.NOTES_OF_JOB + " already.", "Take one out first.");
        }
        mapper.insert(id, clock.instant(), signIn, text.strip());
        auditLog.write(signIn, "wrote a note", "Job " + number, text.strip());
    }

    /** A rule writes one; where there are as many as there can be, the log alone has it. */
    @Transactional
    public void writeByRule(long workOrderId, String text, String rule) {
        if (mapper.count(workOrderId) < Limits.NOTES_OF_JOB) {
            mapper.insert(
                    workOrderId,
                    clock.instant(),
                    AuditLog.BY_ITSELF,
                    Shortened.to(Limits.NOTES, text.strip() + " (" + rule + ")"));
        }
    }

    /** Whoever wrote it may take it out again; it stays in the log. */
    @Transactional
    void takeOut(String number, long id, String signIn) {
        if (mapper.delete(id, workOrders.idOf(number), signIn) == 0) {
            throw Refusal.unusable(
                    "The note", "It is not yours, or not there any more.", "Only who wrote a note may take it out.");
        }
        auditLog.write(signIn, "took out a note", "Job " + number, "");
    }
}
