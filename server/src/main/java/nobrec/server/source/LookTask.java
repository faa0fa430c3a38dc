package nobrec.server.source;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import nobrec.server.audit.AuditLog;
import nobrec.server.connection.ReadFault;
import nobrec.server.platform.Shortened;
import nobrec.server.platform.task.TaskHandler;
import nobrec.server.platform.task.TaskRun;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionOperations;

/**
 * Looks through a window of a source's records, page by page; each page is kept with the place of the next one, so that a look
 * that was cut off goes on where it stood. By the timer it takes in what is new besides.
 */
@Component
class LookTask implements TaskHandler {

    static final String KIND = "LOOK";

    /** @param takes whether what is new comes in at once */
    record Request(String source, Instant from, Instant until, boolean takes) {}

    /**
     * Where it stands.
     *
     * @param cursor of the next page
     * @param read whether all pages are read
     */
    record Progress(String cursor, boolean read, int seen, int taken, int odd, String remark) {

        static final Progress BEGINNING = new Progress("", false, 0, 0, 0, "");
    }

    private static final int LONGEST_SAID = 600;
    private static final int LONGEST_REMARK = 200;
    private static final int AT_ONCE = 100;
    private static final int TRIES = 4;
    private static final int MOST_PAGES = 100_000;
    private static final Duration LONGEST_WAIT = Duration.ofMinutes(2);
    private static final long STEP_MILLIS = 250;

    private final RecordSources sources;
    private final RecordMapper mapper;
    private final KeptRecords records;
    private final SourceRuns runs;
    private final TransactionOperations transactions;
    private final AuditLog auditLog;

    LookTask(
            RecordSources sources,
            RecordMapper mapper,
            KeptRecords records,
            SourceRuns runs,
            TransactionOperations transactions,
            AuditLog auditLog) {
        this.sources = sources;
        this.mapper = mapper;
        this.records = records;
        this.runs = runs;
        this.transactions = transactions;
        this.auditLog = auditLog;
    }

    @Override
    public String kind() {
        return KIND;
    }

    @Override
    public void run(TaskRun run) {
        Request request = run.request(Request.class);
        SourceSetUp source = sources.setUp(request.source());
        Progress stands = run.progress(Progress.class).orElse(Progress.BEGINNING);
        try {
            Progress read = stands.read() ? stands : readPages(run, source, request, stands);
            Progress done = request.takes() ? take(run, source, read) : read;
            runs.succeeded(source, request, said(done, request.takes()));
            auditLog.write(run.startedBy(), "looked at a source", source.name(), said(done, request.takes()));
        } catch (ReadFault fault) {
            runs.failed(source, fault);
            throw fault.refusal(source.name());
        }
    }

    private Progress readPages(TaskRun run, SourceSetUp source, Request request, Progress begun) throws ReadFault {
        Progress stands = begun;
        Set<String> cursors = new HashSet<>();
        for (int page = 0; page < MOST_PAGES; page++) {
            Progress now = stands;
            RecordPage answer = page(run, source, new RecordWindow(request.from(), request.until()), now);
            Progress next = transactions.execute(status -> keep(run, source, answer, now));
            stands = next == null ? now : next;
            if (stands.read()) {
                return stands;
            }
            if (!cursors.add(stands.cursor())) {
                throw ReadFault.lasting("It gives the same page again and again.", "Ask whoever runs it.");
            }
        }
        throw ReadFault.lasting("It has pages without end.", "Choose a shorter time.");
    }

    private Progress keep(TaskRun run, SourceSetUp source, RecordPage page, Progress now) {
        List<String> odd = new ArrayList<>(records.keep(source, page.records()));
        odd.addAll(page.remarks());
        Progress next = new Progress(
                page.next().orElse(""),
                page.next().isEmpty(),
                now.seen() + page.records().size(),
                0,
                now.odd() + odd.size(),
                now.remark().isEmpty() && !odd.isEmpty() ? Shortened.to(LONGEST_REMARK, odd.get(0)) : now.remark());
        run.report(
                "records looked at",
                next.seen(),
                Math.max(next.seen(), page.total().orElse(0)),
                next);
        return next;
    }

    /** A page, asked for again where that may help: it keeps silent, fails, or wants us to come later. */
    private RecordPage page(TaskRun run, SourceSetUp source, RecordWindow window, Progress now) throws ReadFault {
        ReadFault last = null;
        for (int tries = 1; tries <= TRIES; tries++) {
            try {
                return sources.port(source).page(sources.access(source), window, now.cursor());
            } catch (ReadFault fault) {
                if (fault.isLasting() || tries == TRIES) {
                    throw fault;
                }
                last = fault;
                wait(run, fault, Duration.ofSeconds(1L << tries), now);
            }
        }
        throw last == null ? ReadFault.passing("It was not asked.", "Try again.") : last;
    }

    /** Waits, looking again and again whether somebody stops it. */
    private static void wait(TaskRun run, ReadFault fault, Duration usual, Progress now) throws ReadFault {
        Duration pause = fault.retryAfter().orElse(usual);
        if (pause.compareTo(LONGEST_WAIT) > 0) {
            throw fault;
        }
        long end = System.nanoTime() + pause.toNanos();
        while (System.nanoTime() < end) {
            run.report(fault.reason() + " Asked again in " + pause.toSeconds() + " s", now.seen(), 0);
            try {
                Thread.sleep(Math.min(STEP_MILLIS, Math.max(1, (end - System.nanoTime()) / 1_000_000)));
            } catch (InterruptedException ended) {
                Thread.currentThread().interrupt();
                throw ReadFault.passing("The server is ending.", "It goes on by itself.");
            }
        }
    }

    private Progress take(TaskRun run, SourceSetUp source, Progress read) {
        Progress stands = read;
        long after = 0;
        List<KeptRecordRow> portion = mapper.ofState(source.code(), List.of(RecordState.NEW), after, AT_ONCE);
        while (!portion.isEmpty()) {
            List<KeptRecordRow> rows = portion;
            Progress now = stands;
            Progress next = transactions.execute(status -> {
                Progress then = new Progress(
                        "", true, now.seen(), now.taken() + records.take(source, rows), now.odd(), now.remark());
                run.report("work orders come in", then.taken(), 0, then);
                return then;
            });
            stands = next == null ? now : next;
            after = rows.get(rows.size() - 1).id();
            portion = mapper.ofState(source.code(), List.of(RecordState.NEW), after, AT_ONCE);
        }
        return stands;
    }

    private static String said(Progress done, boolean takes) {
        String seen = done.seen() == 1 ? "1 record seen" : done.seen() + " records seen";
        String taken = takes ? ", " + done.taken() + " came in" : "";
        String odd = done.odd() == 0 ? "" : ", " + done.odd() + " could not be kept: " + done.remark();
        return Shortened.to(LONGEST_SAID, seen + taken + odd);
    }
}
