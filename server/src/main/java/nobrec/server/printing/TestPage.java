package nobrec.server.printing;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import nobrec.server.document.page.Barcode;
import nobrec.server.document.page.Canvas;
import nobrec.server.document.page.PaperFonts;
import nobrec.server.shipment.ShopTime;
import nobrec.server.site.Sites;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.springframework.stereotype.Component;

/** A page of a label's size that shows whether a printer prints to the edge, straight, and bars that can be scanned. */
@Component
class TestPage {

    private static final float INCH = 72;
    private static final float EDGE = 9;
    private static final float DOT = INCH / 203;
    private static final int DOTS = 4;

    private final Printers printers;
    private final Sites sites;

    TestPage(Printers printers, Sites sites) {
        this.printers = printers;
        this.sites = sites;
    }

    byte[] drawn(PrintJobRow job) {
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            PDRectangle size = new PDRectangle(4 * INCH, 6 * INCH);
            PaperFonts fonts = new PaperFonts(document);
            try (Canvas canvas = new Canvas(document, size)) {
                float width = size.getWidth() - 2 * EDGE;
                canvas.frame(EDGE, EDGE, width, size.getHeight() - 2 * EDGE, 1);
                canvas.text(fonts.bold("Test page"), 2 * EDGE, 48, 26, width - 2 * EDGE);
                float baseline = 72;
                for (String line : List.of(
                        "Print job " + job.id() + " of " + printers.name(job.printerCode()),
                        ShopTime.show(job.askedAt(), sites.home()),
                        "The frame stands 1/8 in from each edge, all around.",
                        "The bars are to be read as they stand:")) {
                    canvas.text(fonts.plain(line), 2 * EDGE, baseline, 11, width - 2 * EDGE);
                    baseline += 16;
                }
                canvas.barcode(Barcode.code128("NOBREC-" + job.id()), EDGE, size.getWidth() - EDGE, 140, 70, DOT, DOTS);
                canvas.text(fonts.figures("NOBREC-" + job.id()), 2 * EDGE, 230, 12, width - 2 * EDGE);
            }
            document.save(out);
            return out.toByteArray();
        } catch (IOException failed) {
            throw new UncheckedIOException("The test page cannot be drawn", failed);
        }
    }
}
