package nobrec.server.bench;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import nobrec.core.limit.Limits;
import nobrec.core.shipment.ContentsScan;
import nobrec.server.api.security.ForTheDesk;
import nobrec.server.packing.BenchUndo;
import nobrec.server.packing.ContentsScans;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Pieces scanned into packages, and the last act taken back. */
@RestController
@RequestMapping("/api/v1/shipments")
@Tag(name = "bench")
class ContentsScanController {

    /** What was scanned, as it was. */
    record PieceScan(@NotNull @Size(max = Limits.TEXT) String text) {}

    record CountedLine(@Min(1) long line) {}

    /**
     * @param said what it is, with its reason
     * @param remedy empty text where nothing has to be done
     */
    record ScannedPiece(ContentsScan.Verdict verdict, String said, String remedy, BenchView bench) {}

    /** @param act what was taken back, in words */
    record Undone(String act, BenchView bench) {}

    private final ContentsScans scans;
    private final BenchUndo undo;
    private final BenchViews views;

    ContentsScanController(ContentsScans scans, BenchUndo undo, BenchViews views) {
        this.undo = undo;
        this.scans = scans;
        this.views = views;
    }

    /** An item's number or barcode, a lot, a serial, or a carton's barcode. */
    @PostMapping("/{id}/packages/{number}/scans")
    @ForTheDesk
    ScannedPiece scan(
            @PathVariable long id, @PathVariable int number, @Valid @RequestBody PieceScan piece, Principal who) {
        ContentsScan scan = scans.scan(id, number, piece.text(), who.getName());
        return new ScannedPiece(scan.verdict(), scan.said(), scan.remedy(), views.of(id));
    }

    /** Takes back the last act on an open shipment, a scan too, for whoever did it. */
    @PostMapping("/{id}/undo")
    @ForTheDesk
    Undone undo(@PathVariable long id, Principal who) {
        String act = undo.takeBack(id, who.getName());
        return new Undone(act, views.of(id));
    }

    /** What is open of a line in a package was counted by eye. */
    @PostMapping("/{id}/packages/{number}/counted")
    @ForTheDesk
    BenchView countByEye(
            @PathVariable long id, @PathVariable int number, @Valid @RequestBody CountedLine line, Principal who) {
        scans.countByEye(id, number, line.line(), who.getName());
        return views.of(id);
    }
}
