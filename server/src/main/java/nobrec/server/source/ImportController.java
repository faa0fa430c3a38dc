package nobrec.server.source;

import io.swagger.v3.oas.annotations.tags.Tag;
import java.security.Principal;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import nobrec.core.intake.RowFault;
import nobrec.core.refusal.Refusal;
import nobrec.server.account.Accounts;
import nobrec.server.api.security.ForCoordinators;
import nobrec.server.api.security.ForEveryone;
import nobrec.server.platform.csv.UploadedFile;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** Files of work orders. */
@RestController
@Tag(name = "sources")
class ImportController {

    /**
     * @param leftOut how many work orders were left out for a fault
     * @param faultsInAll how many faults there are; the first of them are listed
     * @param settled whether a person is done with them
     */
    record ImportView(
            long id,
            String fileName,
            String layout,
            Instant at,
            String by,
            int taken,
            int recognized,
            int leftOut,
            int faultsInAll,
            boolean settled,
            List<FaultView> faults) {}

    record FaultView(int row, String column, String orderNumber, String value, String reason, String remedy) {}

    record ImportResult(Optional<ImportView> run) {}

    private final CsvImport csvImport;
    private final ImportMapper mapper;
    private final Accounts accounts;

    ImportController(CsvImport csvImport, ImportMapper mapper, Accounts accounts) {
        this.csvImport = csvImport;
        this.mapper = mapper;
        this.accounts = accounts;
    }

    @PostMapping(path = "/api/v1/imports", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    @ForCoordinators
    ImportResult takeIn(@RequestPart("file") MultipartFile file, Principal who) {
        UploadedFile uploaded = UploadedFile.of(file);
        long run = csvImport.takeIn(uploaded.name(), uploaded.content(), who.getName());
        return new ImportResult(mapper.byId(run).map(this::view));
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
        return new ImportResult(Optional.of(mapper.byId(id)
                .map(this::view)
                .orElseThrow(() -> Refusal.notFound("Import " + id, "Look at the newest one on Jobs."))));
    }

    /** A person is done with the faults of a file. */
    @PostMapping("/api/v1/imports/{id}/settled")
    @ForCoordinators
    ImportResult settle(@PathVariable long id, Principal who) {
        csvImport.settle(id, who.getName());
        return new ImportResult(mapper.byId(id).map(this::view));
    }

    private ImportView view(ImportRunRow run) {
        return new ImportView(
                run.id(),
                run.fileName(),
                run.layoutName(),
                run.at(),
                accounts.displayName(run.signIn()),
                run.taken(),
                run.recognized(),
                run.leftOut(),
                run.faults(),
                run.settledAt() != null,
                mapper.faultsOf(run.id()).stream().map(ImportController::view).toList());
    }

    private static FaultView view(RowFault fault) {
        return new FaultView(
                fault.row(), fault.column(), fault.orderNumber(), fault.value(), fault.reason(), fault.remedy());
    }
}
