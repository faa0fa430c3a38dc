package nobrec.server.printing.raster;

import com.hp.jipp.model.PrintQuality;
import com.hp.jipp.pdl.ColorSpace;
import com.hp.jipp.pdl.OutputSettings;
import com.hp.jipp.pdl.RenderableDocument;
import com.hp.jipp.pdl.RenderablePage;
import com.hp.jipp.pdl.pwg.PwgSettings;
import com.hp.jipp.pdl.pwg.PwgWriter;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;

/** Papers as PWG raster (PWG 5102.4) in gray, in the resolution of a printer. */
public final class PwgRaster {

    public static final String FORMAT = "image/pwg-raster";

    private static final PwgSettings SETTINGS = new PwgSettings(
            new OutputSettings(ColorSpace.Grayscale, "one-sided", "auto", PrintQuality.normal, false), "normal");

    private PwgRaster() {}

    /** @param dpi dots per inch */
    public static byte[] of(byte[] pdf, int dpi) {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            SnappedRenderer renderer = new SnappedRenderer(document);
            List<RenderablePage> pages = new ArrayList<>();
            for (int page = 0; page < document.getNumberOfPages(); page++) {
                pages.add(new GrayPage(renderer.gray(page, dpi)));
            }
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            try (PwgWriter writer = new PwgWriter(out, SETTINGS)) {
                writer.write(new Pages(dpi, pages));
            }
            return out.toByteArray();
        } catch (IOException failed) {
            throw new UncheckedIOException("A paper cannot be turned into dots", failed);
        }
    }

    private static final class Pages extends RenderableDocument {

        private final int dpi;
        private final List<RenderablePage> pages;

        Pages(int dpi, List<RenderablePage> pages) {
            this.dpi = dpi;
            this.pages = pages;
        }

        @Override
        public int getDpi() {
            return dpi;
        }

        @Override
        public Iterator<RenderablePage> iterator() {
            return pages.iterator();
        }
    }

    private static final class GrayPage extends RenderablePage {

        private final byte[] dots;
        private final int width;

        GrayPage(BufferedImage picture) {
            super(picture.getWidth(), picture.getHeight());
            dots = ((DataBufferByte) picture.getRaster().getDataBuffer()).getData();
            width = picture.getWidth();
        }

        @Override
        public void render(int yOffset, int swathHeight, ColorSpace colorSpace, byte[] swath) {
            System.arraycopy(dots, yOffset * width, swath, 0, swathHeight * width);
        }
    }
}
