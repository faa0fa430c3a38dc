package nobrec.server.document;

import io.swagger.v3.oas.annotations.tags.Tag;
import nobrec.server.api.security.ForEveryone;
import nobrec.server.document.page.Barcode;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The barcode that a person scans once at each desk: from it the page learns what the scanner sends before and after a text. */
@RestController
@Tag(name = "devices")
class ScannerSetUpController {

    /** The page knows it too. */
    private static final String TEXT = "NOBREC-SCANNER-SETUP";

    private static final double MODULE_MILLIMETERS = 0.33;
    private static final int HEIGHT_MILLIMETERS = 15;

    /** As an SVG drawing. */
    @GetMapping(value = "/api/v1/scanner/setup-barcode", produces = "image/svg+xml")
    @ForEveryone
    String barcode() {
        return Barcode.svg(TEXT, MODULE_MILLIMETERS, HEIGHT_MILLIMETERS);
    }
}
