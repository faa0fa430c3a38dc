package nobrec.server.orderfile;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.security.Principal;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import nobrec.core.intake.OrderReader;
import nobrec.core.intake.RowFault;
import nobrec.core.layout.LayoutRules;
import nobrec.core.layout.OrderLayout;
import nobrec.core.refusal.Refusal;
import nobrec.server.account.Accounts;
import nobrec.server.api.security.ForCoordinators;
import nobrec.server.api.security.ForEveryone;
import nobrec.server.layout.LayoutDocument;
import nobrec.server.layout.SavedLayouts;
import nobrec.server.platform.NobrecSettings;
import nobrec.server.platform.csv.UploadedFile;
import nobrec.server.platform.task.TaskState;
import nobrec.server.platform.task.Tasks;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** Files of work orders. */
@RestController
@Tag(name = "sources")
class ImportController {

    /**
     * @param state NEEDS_LAYOUT: nobody knows yet how it is read
     * @param task how far its reading is; left out where it has not begun
     * @param format how it is written: letters and separator
     * @param rows below its heading
     * @param unused headings that no field takes
     * @param leftOut how many work orders were left out for a fault
     * @param faultsInAll how many faults there are; the first of them are listed
     * @param kept whether what stayed out can be had back as a file
     * @param settled whether a person is done with them
     */
    record ImportView(
            long id,
            String fileName,
            ImportState state,
            Optional<ImportTaskView> task,
            String layout,
            String format,
            int rows,
            List<String> unused,
            Instant at,
            String by,
            int taken,
            int recognized,
            int leftOut,
            int faultsInAll,
            boolean kept,
            boolean settled,
            List<FaultView> faults) {}

    /** @param total zero where it is not known */
    record ImportTaskView(long id, TaskState state, String phase, long done, long total, String problem) {}

    record FaultView(int row, String column, String orderNumber, String value, String reason, String remedy) {}

    record ImportResult(Optional<ImportView> run) {}

    /**
     * @param guess what its headings and contents speak for
     * @param layouts that are saved, by name
     */
    record ColumnsView(
            String fileName, String format, int rows, List<FilePreview.FileColumn> columns, LayoutDocument guess) {}

    /** @param orders the first of those that would go in */
    record PreviewView(
            int orders, int leftOut, List<PreviewedOrder> first, List<FaultView> faults, List<String> openWords) {}

    /** @param facts what it would say, as pairs of name and text */
    record PreviewedOrder(String number, List<Fact> facts, List<PreviewedLine> lines) {}

    record Fact(String name, String text) {}

    record PreviewedLine(int quantity, String item, String description, List<Fact> facts) {}

    /**
     * @param layout by which the file is read
     * @param save keeps it under its name for files with this heading
     * @param replaces the saved layout that it takes the place of; left out for a new one
     */
    record Reading(@NotNull @Valid LayoutDocument layout, boolean save, Optional<@Valid Replaced> replaces) {}

    /** @param version that was looked at */
    record Replaced(long id, int version) {}

    private final FileImports imports;
    private final ImportMapper mapper;
    private final FilePreview preview;
    private final LeftOutFile leftOut;
    private final SavedLayouts layouts;
    private final Tasks tasks;
    private final Accounts accounts;

    private final NobrecSettings settings;

    ImportController(
            FileImports imports,
            ImportMapper mapper,
            FilePreview preview,
            LeftOutFile leftOut,
            SavedLayouts layouts,
            Tasks tasks,
            Accounts accounts,
            NobrecSettings settings) {
        this.settings = settings;
        this.imports = imports;
        this.mapper = mapper;
        this.preview = preview;
        this.leftOut = leftOut;
        this.layouts = layouts;
        this.tasks = tasks;
        this.accounts = accounts;
    }

    @PostMapping(path = "/api/v1/imports", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    @ForCoordinators
    ImportResult takeIn(@RequestPart("file") MultipartFile file, Principal who) {
        long run = imports.takeIn(UploadedFile.name(file), file::getInputStream, who.getName());
        return earlierImport(run);
    }

    /** What came of the file that was dropped last. */
    @GetMapping("/api/v1/imports/newest")
    @ForEveryone
    ImportResult newestImport() {
        return new ImportResult(mapper.newest().map(this::view));
    }

    /** What came of an earlier file. */
    @GetMapping("/api/v1/imports/{id}")
    @ForEveryone
    ImportResult earlierImport(@PathVariable long id) {
        return new ImportResult(Optional.of(view(imports.byId(id))));
    }

    /** The columns of a file, and a guess how it is to be read. */
    @GetMapping("/api/v1/imports/{id}/columns")
    @ForCoordinators
    ColumnsView columns(@PathVariable long id) {
        ImportRunRow run = imports.byId(id);
        return new ColumnsView(
                run.fileName(),
                imports.reading(run).format().label(),
                run.rowCount(),
                preview.columns(id),
                preview.guess(id));
    }

    /** How the first work orders of a file would stand here by a layout; nothing is kept. */
    @PostMapping("/api/v1/imports/{id}/preview")
    @ForCoordinators
    PreviewView preview(@PathVariable long id, @Valid @RequestBody LayoutDocument layout) {
        OrderReader.Result read = preview.read(id, layout);
        return PreviewTexts.of(read, settings.units());
    }

    /** Has a file read by a layout. */
    @PostMapping("/api/v1/imports/{id}/reading")
    @ForCoordinators
    ImportResult read(@PathVariable long id, @Valid @RequestBody Reading reading, Principal who) {
        OrderLayout checked = reading.layout().layout();
        LayoutRules.require(checked);
        if (reading.save()) {
            FileReading file = imports.reading(imports.byId(id));
            save(reading, LeftOutFile.withoutReasons(file.header()), who.getName());
        }
        imports.read(id, reading.layout(), who.getName());
        return earlierImport(id);
    }

    private void save(Reading reading, List<String> header, String signIn) {
        reading.replaces()
                .ifPresentOrElse(
                        saved -> layouts.change(saved.id(), saved.version(), reading.layout(), header, signIn),
                        () -> layouts.add(reading.layout(), header, signIn));
    }

    /** Discards a file that waits for its layout. */
    @DeleteMapping("/api/v1/imports/{id}")
    @ForCoordinators
    ImportResult discard(@PathVariable long id, Principal who) {
        imports.discard(id, who.getName());
        return new ImportResult(Optional.empty());
    }

    /** The rows that stayed out, with a column that says why. */
    @GetMapping(path = "/api/v1/imports/{id}/left-out", produces = "text/csv")
    @ForCoordinators
    void leftOut(@PathVariable long id, HttpServletResponse response) throws IOException {
        ImportRunRow run = imports.byId(id);
        if (!kept(run)) {
            throw Refusal.unusable("File “" + run.fileName() + "”", "It is not kept any more.", "Drop it again.");
        }
        response.setContentType("text/csv; charset=utf-8");
        response.setHeader(
                HttpHeaders.CONTENT_DISPOSITION,
                ContentDisposition.attachment()
                        .filename("left out of " + run.fileName(), StandardCharsets.UTF_8)
                        .build()
                        .toString());
        leftOut.write(id, response.getOutputStream());
    }

    /** A person is done with the faults of a file. */
    @PostMapping("/api/v1/imports/{id}/settled")
    @ForCoordinators
    ImportResult settle(@PathVariable long id, Principal who) {
        imports.settle(id, who.getName());
        return earlierImport(id);
    }

    private ImportView view(ImportRunRow run) {
        Optional<FileReading> reading = run.reading() == null ? Optional.empty() : Optional.of(imports.reading(run));
        return new ImportView(
                run.id(),
                run.fileName(),
                run.state(),
                Optional.ofNullable(run.taskId()).flatMap(tasks::find).map(ImportController::view),
                run.layoutName(),
                reading.map(each -> each.format().label()).orElse(""),
                run.rowCount(),
                reading.map(ImportController::unused).orElse(List.of()),
                run.at(),
                accounts.displayName(run.signIn()),
                run.taken(),
                run.recognized(),
                run.leftOut(),
                run.faults(),
                kept(run),
                run.settledAt() != null,
                mapper.faultsOf(run.id()).stream().map(ImportController::view).toList());
    }

    private static List<String> unused(FileReading reading) {
        return reading.layout()
                .map(each -> each.layout().unusedIn(LeftOutFile.withoutReasons(reading.header())))
                .orElse(List.of());
    }

    private boolean kept(ImportRunRow run) {
        return run.state() == ImportState.DONE && run.leftOut() > 0 && mapper.countParts(run.id()) > 0;
    }

    private static ImportTaskView view(Tasks.Standing task) {
        return new ImportTaskView(task.id(), task.state(), task.phase(), task.done(), task.total(), task.problem());
    }

    static FaultView view(RowFault fault) {
        return new FaultView(
                fault.row(), fault.column(), fault.orderNumber(), fault.value(), fault.reason(), fault.remedy());
    }
}
