package nobrec.server.document.slip;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Optional;
import nobrec.core.paper.PeelOff;
import nobrec.server.document.page.Canvas;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.multipdf.LayerUtility;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.PDPageContentStream.AppendMode;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;
import org.apache.pdfbox.util.Matrix;

/** Lays a package's label on the part of its slip's first sheet that is peeled off. */
final class LabelOnSlip {

    private static final float[] DASHES = {3, 3};

    private LabelOnSlip() {}

    /** @param label its page; where there is none a frame stands in its place */
    static byte[] laid(byte[] slip, Optional<byte[]> label, PeelOff place) {
        try (PDDocument document = Loader.loadPDF(slip);
                ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            PDPage page = document.getPage(0);
            Box box = Box.of(place, page.getMediaBox().getHeight());
            if (label.isPresent()) {
                try (PDDocument printed = Loader.loadPDF(label.get())) {
                    lay(document, page, new LayerUtility(document).importPageAsForm(printed, 0), box);
                    document.save(out);
                }
            } else {
                frame(document, page, box);
                document.save(out);
            }
            return out.toByteArray();
        } catch (IOException failed) {
            throw new UncheckedIOException("A label cannot be laid on its slip", failed);
        }
    }

    /** Points, from the lower left corner. */
    private record Box(float left, float bottom, float width, float height) {

        static Box of(PeelOff place, float pageHeight) {
            return new Box(
                    Canvas.points(place.left()),
                    pageHeight - Canvas.points(place.bottom()),
                    Canvas.points(place.width()),
                    Canvas.points(place.height()));
        }
    }

    /** In the middle, never larger than it is; turned where the place lies and the label stands. */
    private static void lay(PDDocument document, PDPage page, PDFormXObject label, Box box) throws IOException {
        float width = label.getBBox().getWidth();
        float height = label.getBBox().getHeight();
        boolean turned = (box.width > box.height) != (width > height);
        float across = turned ? height : width;
        float up = turned ? width : height;
        float scale = Math.min(1, Math.min(box.width / across, box.height / up));
        float left = box.left + (box.width - across * scale) / 2;
        float bottom = box.bottom + (box.height - up * scale) / 2;
        try (PDPageContentStream stream = new PDPageContentStream(document, page, AppendMode.APPEND, true, true)) {
            stream.transform(
                    turned
                            ? new Matrix(0, scale, -scale, 0, left + across * scale, bottom)
                            : new Matrix(scale, 0, 0, scale, left, bottom));
            stream.drawForm(label);
        }
    }

    private static void frame(PDDocument document, PDPage page, Box box) throws IOException {
        try (PDPageContentStream stream = new PDPageContentStream(document, page, AppendMode.APPEND, true, true)) {
            stream.setLineDashPattern(DASHES, 0);
            stream.addRect(box.left, box.bottom, box.width, box.height);
            stream.stroke();
        }
    }
}
