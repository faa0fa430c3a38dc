package nobrec.server.orderfile;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nobrec.core.layout.OrderLayout;
import nobrec.core.limit.Limits;
import nobrec.core.notation.DecimalMark;
import nobrec.core.refusal.Refusal;
import nobrec.server.audit.AuditLog;
import nobrec.server.layout.LayoutDocument;
import nobrec.server.layout.SavedLayouts;
import nobrec.server.platform.csv.ByteSource;
import nobrec.server.platform.csv.CsvFormat;
import nobrec.server.platform.csv.CsvLimits;
import nobrec.server.platform.task.NewTask;
import nobrec.server.platform.task.TaskState;
import nobrec.server.platform.task.Tasks;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionOperations;
import tools.jackson.databind.json.JsonMapper;

/** Takes in files of work orders: looked through at once, read in the background, kept until all of it is in. */
@Service
public class FileImports {

    /** Where work orders from dropped files come from; numbers are unique within a source. */
    static final String SOURCE = "file";

    private final ImportMapper mapper;
    private final KeptFiles files;
    private final SavedLayouts layouts;
    private final Tasks tasks;
    private final TransactionOperations transactions;
    private final AuditLog auditLog;
    private final JsonMapper json;
    private final Clock clock;

    FileImports(
            ImportMapper mapper,
            KeptFiles files,
            SavedLayouts layouts,
            Tasks tasks,
            TransactionOperations transactions,
            AuditLog auditLog,
            JsonMapper json,
            Clock clock) {
        this.mapper = mapper;
        this.files = files;
        this.layouts = layouts;
        this.tasks = tasks;
        this.transactions = transactions;
        this.auditLog = auditLog;
        this.json = json;
        this.clock = clock;
    }

    /**
     * Takes a file in: at once to be read where its heading is known, else to wait for its layout.
     *
     * @return the id of the run, under which what came of it is kept
     * @throws Refusal when it is no file of rows, or one with a quote that does not close: nothing of it goes in
     */
    public long takeIn(String fileName, ByteSource bytes, String signIn) {
        try {
            if (UblOrderFile.isXml(bytes)) {
                byte[] rows = UblOrderFile.asRows(fileName, bytes);
                return takeRows(fileName, () -> new ByteArrayInputStream(rows), signIn);
            }
            return takeRows(fileName, bytes, signIn);
        } catch (IOException gone) {
            throw new UncheckedIOException(gone);
        }
    }

    private long takeRows(String fileName, ByteSource bytes, String signIn) throws IOException {
        CsvFormat format = CsvFormat.of(fileName, bytes, CsvLimits.ORDERS);
        List<String> header = FileRows.header(format, bytes);
        requireHeading(fileName, header, format);
        Optional<LayoutDocument> layout = layouts.reading(LeftOutFile.withoutReasons(header))
                .map(each -> settled(fileName, each, header, format));
        FileReading reading = new FileReading(format, header, layout);
        Long id = transactions.execute(status -> keep(fileName, bytes, reading, signIn));
        return id == null ? 0 : id;
    }

    private long keep(String fileName, ByteSource bytes, FileReading reading, String signIn) {
        long id = mapper.insert(
                fileName,
                reading.layout().map(LayoutDocument::name).orElse(""),
                clock.instant(),
                signIn,
                reading.layout().isPresent() ? ImportState.READING : ImportState.NEEDS_LAYOUT,
                json.writeValueAsString(reading),
                reading.format().rows() - 1);
        try {
            files.keep(id, bytes);
        } catch (IOException gone) {
            throw new UncheckedIOException(gone);
        }
        if (reading.layout().isPresent()) {
            start(id, fileName, signIn);
        }
        return id;
    }

    private void start(long id, String fileName, String signIn) {
        long task = tasks.start(
                new NewTask(ImportTask.KIND, "orders:" + SOURCE, fileName, new ImportTask.Request(id)), signIn);
        mapper.begin(id, task);
    }

    /** Semicolons separate where the comma is the decimal mark: such a file shows its own. */
    private static LayoutDocument settled(String fileName, OrderLayout layout, List<String> header, CsvFormat format) {
        List<String> doubled = layout.doubledIn(header);
        if (!doubled.isEmpty()) {
            throw Refusal.unusable(
                    "File “" + fileName + "”",
                    "Its first row has the heading “" + doubled.get(0) + "” more than once.",
                    "Rename the one that is not meant.");
        }
        boolean asks = format.separator() == ';' && layout.notation().decimals() == DecimalMark.POINT;
        return LayoutDocument.of(asks ? layout.withDecimals(DecimalMark.UNKNOWN) : layout);
    }

    private static void requireHeading(String fileName, List<String> header, CsvFormat format) {
        if (header.stream().allMatch(String::isBlank)) {
            throw Refusal.unusable(
                    "File “" + fileName + "”", "Its first row has no headings.", "Write them there, one a column.");
        }
        if (header.stream().anyMatch(each -> each.length() > Limits.HEADING)) {
            throw Refusal.unusable(
                    "File “" + fileName + "”",
                    "A heading has more than " + Limits.HEADING + " letters.",
                    "Look whether its first row has the headings.");
        }
        if (format.rows() < 2) {
            throw Refusal.unusable(
                    "File “" + fileName + "”", "There is nothing below its headings.", "Export it again.");
        }
    }

    /** Reads a file that waited by a layout; two people at once have it read once. */
    @Transactional
    public void read(long importId, LayoutDocument layout, String signIn) {
        ImportRunRow run = mapper.locked(importId).orElseThrow(() -> unknown(importId));
        if (run.state() != ImportState.NEEDS_LAYOUT) {
            throw Refusal.conflict(
                    "File “" + run.fileName() + "”",
                    "It is being read already, by “" + run.layoutName() + "”.",
                    "Look at what came of it on Jobs.");
        }
        FileReading reading = reading(run);
        mapper.setReading(importId, layout.name(), json.writeValueAsString(reading.with(layout)));
        start(importId, run.fileName(), signIn);
    }

    /** A person does not want a file that waits for its layout. */
    @Transactional
    public void discard(long importId, String signIn) {
        ImportRunRow run = mapper.locked(importId).orElseThrow(() -> unknown(importId));
        if (run.state() != ImportState.NEEDS_LAYOUT) {
            throw Refusal.conflict(
                    "File “" + run.fileName() + "”", "It has been read.", "Look at what came of it on Jobs.");
        }
        mapper.delete(importId);
        auditLog.write(signIn, "discarded a file", run.fileName(), "");
    }

    /**
     * What came of a file.
     *
     * @param isOver whether nothing more happens to it by itself
     * @param needsLayout whether it waits for somebody to say how it is read
     * @param report in words, one a line
     */
    public record Outcome(boolean isOver, boolean needsLayout, int leftOut, List<String> report) {}

    /** Empty when there is no such file any more. */
    public Optional<Outcome> outcome(long importId) {
        return mapper.byId(importId).map(this::outcome);
    }

    private Outcome outcome(ImportRunRow run) {
        boolean needsLayout = run.state() == ImportState.NEEDS_LAYOUT;
        Optional<Tasks.Standing> task = Optional.ofNullable(run.taskId()).flatMap(tasks::find);
        boolean ended = task.filter(each -> each.state() == TaskState.FAILED || each.state() == TaskState.STOPPED)
                .isPresent();
        List<String> report = new ArrayList<>();
        report.add(
                needsLayout
                        ? "Its heading is not known here: say on Jobs how such a file is read; this one waits there."
                        : run.taken() + " went in, " + run.recognized() + " were here already, " + run.leftOut()
                                + " left out.");
        task.map(Tasks.Standing::problem).filter(each -> !each.isEmpty()).ifPresent(report::add);
        mapper.faultsOf(run.id())
                .forEach(fault -> report.add("Row " + fault.row() + ", " + fault.column() + " “" + fault.value() + "”: "
                        + fault.reason() + " " + fault.remedy()));
        return new Outcome(needsLayout || ended || run.state() == ImportState.DONE, needsLayout, run.leftOut(), report);
    }

    /** Whether no file has ever come in. */
    public boolean isEmpty() {
        return mapper.newest().isEmpty();
    }

    FileReading reading(ImportRunRow run) {
        if (run.reading() == null) {
            throw Refusal.unusable("File “" + run.fileName() + "”", "It is not kept any more.", "Drop it again.");
        }
        return json.readValue(run.reading(), FileReading.class);
    }

    ImportRunRow byId(long importId) {
        return mapper.byId(importId).orElseThrow(() -> unknown(importId));
    }

    /** A person is done with the faults of a file: they are not said any more, and the file is not kept any longer. */
    @Transactional
    public void settle(long importId, String signIn) {
        ImportRunRow run = byId(importId);
        mapper.settle(importId, clock.instant(), signIn);
        files.forget(importId);
        auditLog.write(signIn, "was done with a file's faults", run.fileName(), run.leftOut() + " left out");
    }

    private static Refusal unknown(long importId) {
        return Refusal.notFound("Import " + importId, "Look at the newest one on Jobs.");
    }
}
