package nobrec.server.document;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;

/** Draws a page for the screen. */
final class PagePicture {

    private static final float DOTS_PER_INCH = 110;

    private PagePicture() {}

    /** The first page as PNG. */
    static byte[] png(byte[] pdf) {
        try (PDDocument document = Loader.loadPDF(pdf);
                ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            BufferedImage page = new PDFRenderer(document).renderImageWithDPI(0, DOTS_PER_INCH, ImageType.GRAY);
            ImageIO.write(page, "png", out);
            return out.toByteArray();
        } catch (IOException failed) {
            throw new UncheckedIOException("A paper cannot be drawn for the screen", failed);
        }
    }
}
