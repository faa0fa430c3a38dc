package nobrec.server.carrier;

import io.swagger.v3.oas.annotations.tags.Tag;
import java.security.Principal;
import java.time.LocalDate;
import java.util.List;
import nobrec.core.ratesheet.Tariff;
import nobrec.core.ratesheet.file.SheetFault;
import nobrec.core.ratesheet.file.SheetReading;
import nobrec.server.api.security.ForCoordinators;
import nobrec.server.api.security.ForEveryone;
import nobrec.server.audit.AuditLog;
import nobrec.server.platform.csv.UploadedFile;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** Rate sheets in and out as CSV. */
@RestController
@RequestMapping("/api/v1/rate-sheets")
@Tag(name = "rate sheets")
class RateSheetController {

    private final ServiceCatalog catalog;
    private final RateSheetViews views;
    private final RateSheetIntake rateSheets;
    private final AuditLog auditLog;

    RateSheetController(ServiceCatalog catalog, RateSheetViews views, RateSheetIntake rateSheets, AuditLog auditLog) {
        this.catalog = catalog;
        this.views = views;
        this.rateSheets = rateSheets;
        this.auditLog = auditLog;
    }

    /** @param cautions what is odd about the sheet, by row; it was taken all the same */
    record SheetTaken(String service, LocalDate firstDay, List<Caution> cautions) {}

    record Caution(int row, String reason) {}

    @GetMapping
    @ForEveryone
    RateSheetList all() {
        return views.all();
    }

    /** Reads a sheet in. One with a fault is refused whole, with rows and reasons. */
    @PostMapping(consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    @ForCoordinators
    SheetTaken read(@RequestParam MultipartFile file, Principal who) {
        SheetReading reading = rateSheets.add(UploadedFile.of(file));
        Tariff tariff = reading.tariff().orElseThrow();
        auditLog.write(who.getName(), "read a rate sheet", tariff.serviceCode(), "from " + tariff.firstDay());
        return new SheetTaken(
                tariff.serviceCode(),
                tariff.firstDay(),
                reading.faults().stream()
                        .filter(SheetFault::caution)
                        .map(fault -> new Caution(fault.row(), fault.reason()))
                        .toList());
    }

    /** The sheet of a service that is in force on a day. */
    @GetMapping(value = "/{service}", produces = "text/csv")
    @ForEveryone
    ResponseEntity<String> write(
            @PathVariable String service, @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) LocalDate day) {
        String csv = catalog.rateSheetCsv(service, day);
        ContentDisposition file = ContentDisposition.attachment()
                .filename(service + "-" + day + ".csv")
                .build();
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, file.toString())
                .body(csv);
    }
}
