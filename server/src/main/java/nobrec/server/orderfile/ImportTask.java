package nobrec.server.orderfile;

import java.util.ArrayList;
import java.util.List;
import nobrec.core.intake.BoundLayout;
import nobrec.core.intake.OrderDefaults;
import nobrec.core.intake.OrderReader;
import nobrec.core.intake.RowFault;
import nobrec.core.intake.RowSurvey;
import nobrec.core.intake.WorkOrderDraft;
import nobrec.core.limit.Limits;
import nobrec.core.refusal.Refusal;
import nobrec.server.audit.AuditLog;
import nobrec.server.platform.csv.ByteSource;
import nobrec.server.platform.task.TaskHandler;
import nobrec.server.platform.task.TaskRun;
import nobrec.server.wordbook.Wordbook;
import nobrec.server.workorder.WorkOrderIntake;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionOperations;

/**
 * Reads a kept file into work orders, some hundred at a time. Each portion is kept together with how far the file is read, so
 * that one that was cut off goes on with the next portion, and nothing is in half or twice.
 */
@Component
class ImportTask implements TaskHandler {

    static final String KIND = "IMPORT";

    record Request(long importId) {}

    /**
     * Where it stands.
     *
     * @param row up to which all is in
     * @param kept faults that are kept to be shown
     */
    record Progress(int row, int taken, int recognized, int leftOut, int faults, int kept) {

        static final Progress BEGINNING = new Progress(0, 0, 0, 0, 0, 0);
    }

    private static final int ROWS_AT_ONCE = 2_000;

    private final ImportMapper mapper;
    private final FileImports imports;
    private final KeptFiles files;
    private final Wordbook wordbook;
    private final WorkOrderIntake intake;
    private final TransactionOperations transactions;
    private final AuditLog auditLog;

    ImportTask(
            ImportMapper mapper,
            FileImports imports,
            KeptFiles files,
            Wordbook wordbook,
            WorkOrderIntake intake,
            TransactionOperations transactions,
            AuditLog auditLog) {
        this.mapper = mapper;
        this.imports = imports;
        this.files = files;
        this.wordbook = wordbook;
        this.intake = intake;
        this.transactions = transactions;
        this.auditLog = auditLog;
    }

    @Override
    public String kind() {
        return KIND;
    }

    @Override
    public void run(TaskRun run) {
        long importId = run.request(Request.class).importId();
        ImportRunRow file = imports.byId(importId);
        FileReading reading = imports.reading(file);
        ByteSource bytes = files.bytes(importId);
        BoundLayout layout = BoundLayout.of(
                reading.layout()
                        .orElseThrow(() -> Refusal.unusable(file.fileName(), "It has no layout.", "Choose one."))
                        .layout(),
                reading.header(),
                wordbook.of(FileImports.SOURCE),
                OrderDefaults.NONE);
        run.report("looking through the rows", 0, file.rowCount());
        RowSurvey survey = new RowSurvey(layout);
        FileRows.forEach(reading.format(), bytes, survey::add);
        Portion portion = new Portion(run, file, run.progress(Progress.class).orElse(Progress.BEGINNING));
        OrderReader reader = new OrderReader(survey, portion::fault, portion::outcome);
        FileRows.forEach(reading.format(), bytes, row -> {
            reader.add(row);
            portion.read(row.number());
        });
        portion.end();
    }

    /** What was read since the last portion was kept. */
    private final class Portion {
        private final TaskRun run;
        private final ImportRunRow file;
        private final int goesOnAfter;
        private final List<WorkOrderDraft> drafts = new ArrayList<>();
        private final List<RowFault> faults = new ArrayList<>();
        private Progress stands;
        private int rows;
        private int row;
        private int leftOut;
        private int faultCount;

        Portion(TaskRun run, ImportRunRow file, Progress stands) {
            this.run = run;
            this.file = file;
            this.stands = stands;
            this.goesOnAfter = stands.row();
        }

        void fault(RowFault fault) {
            if (fault.row() > goesOnAfter) {
                faultCount++;
                if (stands.kept() + faults.size() < Limits.FAULTS_SHOWN) {
                    faults.add(fault);
                }
            }
        }

        void outcome(OrderReader.Outcome outcome) {
            if (outcome.lastRow() > goesOnAfter) {
                outcome.draft().ifPresentOrElse(drafts::add, () -> leftOut++);
            }
        }

        void read(int number) {
            row = number;
            rows++;
            if (number > goesOnAfter && rows >= ROWS_AT_ONCE) {
                keep();
            }
        }

        void keep() {
            Progress next = transactions.execute(status -> {
                int fresh = intake.takeIn(FileImports.SOURCE, file.id(), drafts);
                if (!faults.isEmpty()) {
                    mapper.insertFaults(file.id(), faults);
                }
                Progress now = new Progress(
                        row,
                        stands.taken() + fresh,
                        stands.recognized() + drafts.size() - fresh,
                        stands.leftOut() + leftOut,
                        stands.faults() + faultCount,
                        stands.kept() + faults.size());
                mapper.count(file.id(), now.taken(), now.recognized(), now.leftOut(), now.faults());
                run.report("work orders come in", Math.max(0, row - 1), file.rowCount(), now);
                return now;
            });
            stands = next == null ? stands : next;
            drafts.clear();
            faults.clear();
            rows = 0;
            leftOut = 0;
            faultCount = 0;
        }

        void end() {
            keep();
            transactions.executeWithoutResult(status -> {
                mapper.finish(file.id());
                if (stands.leftOut() == 0 && stands.faults() == 0) {
                    files.forget(file.id());
                }
                auditLog.write(
                        run.startedBy(),
                        "took in a file",
                        file.fileName(),
                        stands.taken() + " new, " + stands.recognized() + " already here, " + stands.leftOut()
                                + " left out");
            });
        }
    }
}
