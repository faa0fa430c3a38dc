package nobrec.server.document;

import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.List;
import nobrec.server.api.PdfAnswer;
import nobrec.server.api.security.ForEveryone;
import nobrec.server.carton.CartonTypes;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Cards of what is scanned most often. The pages know the texts of the acts too. */
@RestController
@Tag(name = "devices")
class ActCardController {

    private static final List<BarcodeCards.Entry> ACTS = List.of(
            act("WEIGH", "Weigh", "Reads the scale into the package."),
            act("SHIP", "Ship", "Ships what is on the Bench, or what is ready of a run."),
            act("NEXT", "Next", "Goes to the next job once this one is shipped."),
            act("PRINT", "Print again", "Opens label and slip."),
            act("VOID", "Void", "Asks once, then voids what is shipped."),
            act("UNDO", "Undo", "Takes back the last act, or what was scanned last."));

    private final BarcodeCards cards;
    private final CartonTypes cartonTypes;

    ActCardController(BarcodeCards cards, CartonTypes cartonTypes) {
        this.cards = cards;
        this.cartonTypes = cartonTypes;
    }

    private static BarcodeCards.Entry act(String code, String name, String does) {
        return new BarcodeCards.Entry(name, does, "NOBREC-ACT-" + code);
    }

    /** A card with the barcodes of all cartons: scanning one begins a package. */
    @GetMapping(path = "/api/v1/scanner/carton-card", produces = MediaType.APPLICATION_PDF_VALUE)
    @ForEveryone
    ResponseEntity<byte[]> cartons() {
        return PdfAnswer.of(
                "carton-card",
                cards.print(
                        "The card of cartons",
                        "Scan the carton you take",
                        cartonTypes.all().stream()
                                .map(carton -> new BarcodeCards.Entry(
                                        carton.code(), carton.name(), "NOBREC-CARTON-" + carton.code()))
                                .toList()));
    }

    @GetMapping(path = "/api/v1/scanner/act-card", produces = MediaType.APPLICATION_PDF_VALUE)
    @ForEveryone
    ResponseEntity<byte[]> card() {
        return PdfAnswer.of("act-card", cards.print("The card of acts", "Scan what is to be done", ACTS));
    }
}
