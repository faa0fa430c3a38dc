package nobrec.server.printing;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.util.ArrayList;
import java.util.List;
import nobrec.server.document.page.Barcode;
import nobrec.server.document.page.Canvas;
import nobrec.server.printing.raster.PwgRaster;
import nobrec.standins.printer.RasterPages;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Whatever the resolution of a printer, each bar is a whole number of dots, all of them the same number a module. */
class RasterTest {

    private static final float INCH = 72;

    private static byte[] label(float dot) throws Exception {
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            try (Canvas canvas = new Canvas(document, new PDRectangle(4 * INCH, 6 * INCH))) {
                canvas.barcode(Barcode.code128("PV900417000009"), 9, 4 * INCH - 9, 100, 60, dot, 4);
            }
            document.save(out);
            return out.toByteArray();
        }
    }

    @ParameterizedTest
    @CsvSource({"203, 812, 1218", "300, 1200, 1800", "600, 2400, 3600"})
    void barsAreWholeDotsInEveryResolution(int dpi, int width, int height) throws Exception {
        RasterPages.Page page =
                RasterPages.read(PwgRaster.of(label(INCH / 203), dpi)).get(0);
        BufferedImage picture = page.picture();
        assertThat(page.resolution()).isEqualTo(dpi);
        assertThat(picture.getWidth()).isEqualTo(width);
        assertThat(picture.getHeight()).isEqualTo(height);
        int row = Math.round(130 / INCH * dpi);
        List<Integer> runs = new ArrayList<>();
        int before = 0;
        for (int x = 1; x < width; x++) {
            int gray = picture.getRaster().getSample(x, row, 0);
            assertThat(gray).as("dot %d is black or white", x).isIn(0, 255);
            if (gray != picture.getRaster().getSample(x - 1, row, 0)) {
                runs.add(x - before);
                before = x;
            }
        }
        List<Integer> bars = runs.subList(1, runs.size());
        int module = bars.stream().mapToInt(Integer::intValue).min().orElseThrow();
        assertThat(bars).hasSizeGreaterThan(40).allMatch(run -> run % module == 0 && run / module <= 4);
        assertThat(bars.stream().mapToInt(Integer::intValue).sum() / module)
                .isEqualTo((int) Barcode.code128("PV900417000009").modules());
    }
}
