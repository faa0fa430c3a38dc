package nobrec.server.source;

import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import nobrec.server.audit.AuditLog;
import nobrec.server.platform.task.TaskHandler;
import nobrec.server.platform.task.TaskRun;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionOperations;

/** Takes in the records that a person chose, or all that are new. */
@Component
class TakeTask implements TaskHandler {

    static final String KIND = "TAKE";

    /** @param numbers empty: all that are new */
    record Request(String source, Set<String> numbers) {}

    /** @param id up to which record all is done */
    record Progress(long id, int done, int taken) {}

    private static final int AT_ONCE = 100;

    private final RecordSources sources;
    private final RecordMapper mapper;
    private final KeptRecords records;
    private final TransactionOperations transactions;
    private final AuditLog auditLog;

    TakeTask(
            RecordSources sources,
            RecordMapper mapper,
            KeptRecords records,
            TransactionOperations transactions,
            AuditLog auditLog) {
        this.sources = sources;
        this.mapper = mapper;
        this.records = records;
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
        Set<String> chosen = new TreeSet<>(request.numbers());
        int total = chosen.isEmpty() ? waiting(source) : chosen.size();
        Progress stands = run.progress(Progress.class).orElse(new Progress(0, 0, 0));
        List<KeptRecordRow> portion = next(source, stands);
        while (!portion.isEmpty()) {
            List<KeptRecordRow> rows = portion;
            List<KeptRecordRow> meant = rows.stream()
                    .filter(row -> chosen.isEmpty() || chosen.contains(row.number()))
                    .toList();
            Progress now = stands;
            Progress then = transactions.execute(status -> {
                Progress kept = new Progress(
                        rows.get(rows.size() - 1).id(),
                        now.done() + meant.size(),
                        now.taken() + records.take(source, meant));
                run.report("work orders come in", kept.done(), Math.max(total, kept.done()), kept);
                return kept;
            });
            stands = then == null ? now : then;
            portion = next(source, stands);
        }
        mapper.setSaid(
                source.code(), stands.taken() + (stands.taken() == 1 ? " work order" : " work orders") + " came in");
        auditLog.write(run.startedBy(), "took in records", source.name(), stands.taken() + " of " + stands.done());
    }

    private int waiting(SourceSetUp source) {
        return mapper.counts(source.code()).stream()
                .filter(each -> each.state() == RecordState.NEW)
                .mapToInt(StateCount::count)
                .sum();
    }

    private List<KeptRecordRow> next(SourceSetUp source, Progress stands) {
        return mapper.ofState(source.code(), List.of(RecordState.NEW), stands.id(), AT_ONCE);
    }
}
