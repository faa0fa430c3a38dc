package nobrec.server.document;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import nobrec.core.paper.SheetSize;
import nobrec.server.document.page.Canvas;
import nobrec.server.document.page.PaperFonts;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.springframework.stereotype.Component;

/** Draws the label of a package on its stock, for a label printer of 203 dots an inch or better. */
@Component
class LabelPrinter {

    byte[] print(LabelText text, SheetSize sheet) {
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            document.getDocumentInformation().setTitle("Label " + text.trackingNumber());
            PaperFonts fonts = new PaperFonts(document);
            try (Canvas canvas = new Canvas(document, LabelDrawing.format(sheet))) {
                new LabelDrawing(canvas, fonts, sheet).draw(text);
            }
            document.save(out);
            return out.toByteArray();
        } catch (IOException failed) {
            throw new UncheckedIOException("The label of " + text.trackingNumber() + " cannot be drawn", failed);
        }
    }
}
