package nobrec.server.document.page;

import java.io.IOException;
import java.util.List;
import nobrec.core.measure.Length;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.state.PDExtendedGraphicsState;
import org.apache.pdfbox.util.Matrix;

/** One page to draw on. Points, measured from the top left corner. */
public final class Canvas implements AutoCloseable {

    private static final float PALE = 0.35f;
    private static final double NANOMETERS_IN_INCH = 25_400_000;
    private static final double INCH = 72;

    private final PDPageContentStream stream;
    private final float height;
    private final float room;

    public Canvas(PDDocument document, PDRectangle format) throws IOException {
        PDPage page = new PDPage(format);
        document.addPage(page);
        stream = new PDPageContentStream(document, page);
        height = format.getHeight();
        room = format.getWidth();
    }

    public static float points(Length length) {
        return (float) (length.nanometers() / NANOMETERS_IN_INCH * INCH);
    }

    /** Draws a line of text, made smaller when it would be wider than the room. */
    public void text(List<PaperFonts.Run> runs, float left, float baseline, float size, float room) throws IOException {
        float natural = width(runs, size);
        float fitted = natural > room ? size * room / natural : size;
        stream.beginText();
        stream.newLineAtOffset(left, height - baseline);
        for (PaperFonts.Run run : runs) {
            stream.setFont(run.font(), fitted);
            stream.showText(run.text());
        }
        stream.endText();
    }

    public void rule(float left, float top, float right, float thickness) throws IOException {
        stream.setLineWidth(thickness);
        stream.moveTo(left, height - top);
        stream.lineTo(right, height - top);
        stream.stroke();
    }

    public void upright(float left, float top, float bottom, float thickness) throws IOException {
        stream.setLineWidth(thickness);
        stream.moveTo(left, height - top);
        stream.lineTo(left, height - bottom);
        stream.stroke();
    }

    /** A box that is not filled. */
    public void frame(float left, float top, float width, float high, float thickness) throws IOException {
        stream.setLineWidth(thickness);
        stream.addRect(left, height - top - high, width, high);
        stream.stroke();
    }

    /**
     * Draws a barcode in the middle between two edges, with its quiet zones inside them: every bar a whole number of dots wide and
     * on a whole dot, so that the printer rounds nothing.
     */
    public void barcode(
            Barcode barcode, float left, float right, float top, float barHeight, float dot, int maximumDots)
            throws IOException {
        double modules = barcode.modules() + 2.0 * Barcode.QUIET_MODULES;
        int dots = maximumDots;
        while (dots > 1 && modules * dots * dot > right - left) {
            dots--;
        }
        double module = (double) dots * dot;
        double start = Math.round((left + ((right - left) - barcode.modules() * module) / 2) / dot) * (double) dot;
        for (Barcode.Bar bar : barcode.bars()) {
            stream.addRect(
                    (float) (start + bar.left() * module),
                    height - top - barHeight,
                    (float) (bar.width() * module),
                    barHeight);
        }
        stream.fill();
    }

    public void block(float left, float top, float width, float high) throws IOException {
        stream.addRect(left, height - top - high, width, high);
        stream.fill();
    }

    public void whiteText(List<PaperFonts.Run> runs, float left, float baseline, float size) throws IOException {
        stream.setNonStrokingColor(1f);
        text(runs, left, baseline, size, Float.MAX_VALUE);
        stream.setNonStrokingColor(0f);
    }

    public static float width(List<PaperFonts.Run> runs, float size) throws IOException {
        float width = 0;
        for (PaperFonts.Run run : runs) {
            width += run.font().getStringWidth(run.text()) / 1000 * size;
        }
        return width;
    }

    /** A word from the lower left to the upper right, so pale that what is below it can be read. */
    public void across(List<PaperFonts.Run> runs, float size) throws IOException {
        PDExtendedGraphicsState pale = new PDExtendedGraphicsState();
        pale.setNonStrokingAlphaConstant(PALE);
        stream.saveGraphicsState();
        stream.setGraphicsStateParameters(pale);
        double angle = Math.atan2(height, room);
        float width = width(runs, size);
        stream.transform(Matrix.getRotateInstance(
                angle, (float) (room / 2 - Math.cos(angle) * width / 2 + Math.sin(angle) * size / 3), (float)
                        (height / 2 - Math.sin(angle) * width / 2 - Math.cos(angle) * size / 3)));
        stream.beginText();
        for (PaperFonts.Run run : runs) {
            stream.setFont(run.font(), size);
            stream.showText(run.text());
        }
        stream.endText();
        stream.restoreGraphicsState();
    }

    @Override
    public void close() throws IOException {
        stream.close();
    }
}
