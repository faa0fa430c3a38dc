package nobrec.server.document.page;

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
public final class PagePicture {

    private static final float DOTS_PER_INCH = 110;

    private PagePicture() {}

    /**
     * @param number of the page that is drawn, from 1
     * @param pages that there are
     */
    public record Page(int number, int pages, byte[] png) {}

    /** The first page as PNG. */
    public static byte[] png(byte[] pdf) {
        return drawn(pdf, 1, ImageType.GRAY).png();
    }

    /** A page as it is, or the last one where there are not so many. */
    public static Page colored(byte[] pdf, int number) {
        return drawn(pdf, number, ImageType.RGB);
    }

    private static Page drawn(byte[] pdf, int number, ImageType colors) {
        try (PDDocument document = Loader.loadPDF(pdf);
                ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            int there = Math.min(Math.max(number, 1), document.getNumberOfPages());
            BufferedImage page = new PDFRenderer(document).renderImageWithDPI(there - 1, DOTS_PER_INCH, colors);
            ImageIO.write(page, "png", out);
            return new Page(there, document.getNumberOfPages(), out.toByteArray());
        } catch (IOException failed) {
            throw new UncheckedIOException("A paper cannot be drawn for the screen", failed);
        }
    }
}
