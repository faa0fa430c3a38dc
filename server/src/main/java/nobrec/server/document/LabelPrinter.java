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
        return page(
                "Label " + text.trackingNumber(),
                sheet,
                (canvas, fonts) -> new LabelDrawing(canvas, fonts, sheet).draw(text));
    }

    byte[] print(LogisticsLabelText text, SheetSize sheet) {
        String number = text.symbols().get(text.symbols().size() - 1).get(0).data();
        return page(
                "Logistics label " + number,
                sheet,
                (canvas, fonts) -> new LogisticsLabelDrawing(canvas, fonts, sheet).draw(text));
    }

    private interface Drawing {
        void on(Canvas canvas, PaperFonts fonts) throws IOException;
    }

    private static byte[] page(String title, SheetSize sheet, Drawing drawing) {
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            document.getDocumentInformation().setTitle(title);
            PaperFonts fonts = new PaperFonts(document);
            try (Canvas canvas = new Canvas(document, LabelDrawing.format(sheet))) {
                drawing.on(canvas, fonts);
            }
            document.save(out);
            return out.toByteArray();
        } catch (IOException failed) {
            throw new UncheckedIOException(title + " cannot be drawn", failed);
        }
    }
}
