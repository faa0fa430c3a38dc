package nobrec.server.document;

import io.swagger.v3.oas.annotations.tags.Tag;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import nobrec.server.api.security.ForEveryone;
import nobrec.server.carton.CartonTypes;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.io.Resource;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** A card with the barcodes of what is done most often, to be taped to the bench. The pages know their texts too. */
@RestController
@Tag(name = "devices")
class ActCardController {

    private static final double MODULE_MILLIMETERS = 0.4;
    private static final int HEIGHT_MILLIMETERS = 16;

    /** An act, and its barcode. */
    record Act(String name, String does, String barcode) {

        static Act of(String code, String name, String does) {
            return new Act(name, does, Barcode.svg("NOBREC-ACT-" + code, MODULE_MILLIMETERS, HEIGHT_MILLIMETERS));
        }
    }

    private static final List<Act> ACTS = List.of(
            Act.of("WEIGH", "Weigh", "Reads the scale into the package."),
            Act.of("SHIP", "Ship", "Ships what is on the Bench, or what is ready of a run."),
            Act.of("NEXT", "Next", "Goes to the next job once this one is shipped."),
            Act.of("PRINT", "Print again", "Opens label and slip."),
            Act.of("VOID", "Void", "Asks once, then voids what is shipped."),
            Act.of("UNDO", "Undo", "Takes out what was scanned last."));

    private final PageSetter pages;
    private final CartonTypes cartonTypes;

    ActCardController(@Value("classpath:paper/act-card.mustache") Resource file, CartonTypes cartonTypes)
            throws IOException {
        this.cartonTypes = cartonTypes;
        this.pages = new PageSetter(file);
    }

    /** A card with the barcodes of all cartons: scanning one begins a package. */
    @GetMapping(path = "/api/v1/scanner/carton-card", produces = MediaType.APPLICATION_PDF_VALUE)
    @ForEveryone
    ResponseEntity<byte[]> cartons() {
        List<Act> cartons = cartonTypes.all().stream()
                .map(carton -> new Act(
                        carton.code(),
                        carton.name(),
                        Barcode.svg("NOBREC-CARTON-" + carton.code(), MODULE_MILLIMETERS, HEIGHT_MILLIMETERS)))
                .toList();
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"carton-card.pdf\"")
                .body(pages.set("The card of cartons", Map.of("title", "Scan the carton you take", "acts", cartons)));
    }

    @GetMapping(path = "/api/v1/scanner/act-card", produces = MediaType.APPLICATION_PDF_VALUE)
    @ForEveryone
    ResponseEntity<byte[]> card() {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"act-card.pdf\"")
                .body(pages.set("The card of acts", Map.of("title", "Scan what is to be done", "acts", ACTS)));
    }
}
