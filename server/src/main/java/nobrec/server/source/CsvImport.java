package nobrec.server.source;

import java.time.Clock;
import java.util.List;
import nobrec.core.intake.OrderLayout;
import nobrec.core.intake.OrderReader;
import nobrec.core.intake.RowFault;
import nobrec.core.limit.Limits;
import nobrec.core.notation.DecimalMark;
import nobrec.core.refusal.Refusal;
import nobrec.server.audit.AuditLog;
import nobrec.server.platform.Shortened;
import nobrec.server.workorder.WorkOrderIntake;
import org.springframework.dao.PessimisticLockingFailureException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Takes in work orders from a CSV file: all or nothing of the good ones, the faulty ones named. */
@Service
public class CsvImport {

    /** Where work orders from dropped files come from; numbers are unique within a source. */
    static final String SOURCE = "file";

    private static final int LONGEST_NAME = 160;

    private final ImportMapper mapper;
    private final WorkOrderIntake intake;
    private final AuditLog auditLog;
    private final Clock clock;

    CsvImport(ImportMapper mapper, WorkOrderIntake intake, AuditLog auditLog, Clock clock) {
        this.mapper = mapper;
        this.intake = intake;
        this.auditLog = auditLog;
        this.clock = clock;
    }

    /**
     * Takes a file in.
     *
     * @return the id of the run, under which what came of it is kept
     */
    @Transactional
    public long takeIn(String fileName, byte[] content, String signIn) {
        takeTurn(fileName);
        CsvFile file = CsvFile.read(fileName, content);
        OrderLayout layout =
                file.semicolons() ? Layouts.SHOP_EXPORT.withDecimals(DecimalMark.UNKNOWN) : Layouts.SHOP_EXPORT;
        List<String> missing = layout.missingIn(file.header());
        if (!missing.isEmpty()) {
            throw Refusal.unusable(
                    "File “" + fileName + "”",
                    "Its first row lacks the columns " + String.join(", ", missing) + ".",
                    "Export it with the headings of demo/orders-tuesday.csv, or rename the columns.");
        }
        List<String> doubled = layout.doubledIn(file.header());
        if (!doubled.isEmpty()) {
            throw Refusal.unusable(
                    "File “" + fileName + "”",
                    "Its first row has the heading “" + doubled.get(0) + "” more than once.",
                    "Rename the one that is not meant.");
        }
        OrderReader.Result result = OrderReader.read(file.header(), file.rows(), layout);
        NewImportRun run =
                new NewImportRun(Shortened.to(LONGEST_NAME, fileName), layout.name(), clock.instant(), signIn);
        mapper.insert(run);
        int taken = intake.takeIn(SOURCE, run.getId(), result.orders());
        int recognized = result.orders().size() - taken;
        mapper.complete(
                run.getId(),
                taken,
                recognized,
                result.faultyOrders().size(),
                result.faults().size());
        keepFaults(run.getId(), result.faults());
        auditLog.write(
                signIn,
                "took in a file",
                fileName,
                taken + " new, " + recognized + " already here, "
                        + result.faultyOrders().size() + " left out");
        return run.getId();
    }

    /** A person is done with the faults of a file: they are not said any more. */
    @Transactional
    public void settle(long importId, String signIn) {
        ImportRunRow run = mapper.byId(importId)
                .orElseThrow(() -> Refusal.notFound("Import " + importId, "Look at the newest one on Jobs."));
        mapper.settle(importId, clock.instant(), signIn);
        auditLog.write(signIn, "was done with a file's faults", run.fileName(), run.leftOut() + " left out");
    }

    /** Files of one source come in one after the other; whoever comes meanwhile is told, and does not wait unseen. */
    private void takeTurn(String fileName) {
        try {
            mapper.takeTurn(SOURCE);
        } catch (PessimisticLockingFailureException taken) {
            throw Refusal.conflict(
                    "File “" + fileName + "”",
                    "Another file is coming in at this moment.",
                    "Wait until that one is in, then drop yours again.");
        }
    }

    private void keepFaults(long runId, List<RowFault> faults) {
        if (!faults.isEmpty()) {
            mapper.insertFaults(runId, faults.subList(0, Math.min(faults.size(), Limits.FAULTS_SHOWN)));
        }
    }
}
