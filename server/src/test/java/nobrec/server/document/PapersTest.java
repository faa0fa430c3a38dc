package nobrec.server.document;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.BinaryBitmap;
import com.google.zxing.DecodeHintType;
import com.google.zxing.Result;
import com.google.zxing.client.j2se.BufferedImageLuminanceSource;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.oned.Code128Reader;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import nobrec.core.paper.SheetSize;
import nobrec.server.document.page.Barcode;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Papers are drawn with one library and read back from the rendered page with another (zxing). */
class PapersTest {

    private static final int LABEL_PRINTER_DPI = 203;

    private static LabelText label(String tracking, List<String> to) {
        return new LabelText(
                "Dunlin Express",
                "Dunlin Two Day",
                tracking,
                List.of("Marrowby Cylinder & Seal", "1180 Piston Works Road", "Rockford, IL 61101"),
                "(815) 555-0110",
                new LabelText.Receiver(to.subList(0, 2), to.subList(2, to.size()), "85701", "(520) 555-0177"),
                "2417 and 2420",
                "PR-20518",
                List.of("Rack B4", "Dock 4 after 3 PM"),
                "3.88 lb",
                "9.5 × 7.5 × 5.5 in",
                "Dec 1, 2026",
                2,
                3,
                List.of("this side up", "adult signature", "residence"),
                "");
    }

    private static final List<String> TO =
            List.of("Pellworth Robotics", "Line 4 stores", "2200 Foundry Park", "Building B", "Tucson, AZ");

    private static Result scan(PDDocument document, int dpi) throws Exception {
        var picture = new PDFRenderer(document).renderImageWithDPI(0, dpi);
        var bitmap = new BinaryBitmap(new HybridBinarizer(new BufferedImageLuminanceSource(picture)));
        return new Code128Reader().decode(bitmap, Map.of(DecodeHintType.TRY_HARDER, true));
    }

    private static String textOf(PDDocument document) throws IOException {
        return new PDFTextStripper().getText(document);
    }

    @ParameterizedTest
    @CsvSource({
        "DX900417000009, LABEL, 288, 432",
        "PV900417000019, LABEL, 288, 432",
        "GP417000003US, LABEL, 288, 432",
        "DX900417000009, A6, 297.6378, 419.52756",
        "GP417000003US, A6, 297.6378, 419.52756",
    })
    void aLabelHasTheSizeOfItsStockAndItsBarcodeIsTheTrackingNumber(
            String tracking, SheetSize sheet, float width, float height) throws Exception {
        byte[] pdf = new LabelPrinter().print(label(tracking, TO), sheet);
        KeptPage.assertLooksAsKept("label-" + sheet.name().toLowerCase(Locale.ROOT) + "-" + tracking, pdf);
        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertThat(document.getNumberOfPages()).isEqualTo(1);
            assertThat(document.getPage(0).getMediaBox().getWidth()).isEqualTo(width);
            assertThat(document.getPage(0).getMediaBox().getHeight()).isEqualTo(height);
            Result read = scan(document, LABEL_PRINTER_DPI);
            assertThat(read.getBarcodeFormat()).isEqualTo(BarcodeFormat.CODE_128);
            assertThat(read.getText()).isEqualTo(tracking);
            assertThat(textOf(document))
                    .contains("Marrowby Cylinder & Seal", "Pellworth Robotics", "Tucson, AZ", "85701", "2417 and 2420")
                    .contains("THIS SIDE UP", "ADULT SIGNATURE", "RESIDENCE", "(520) 555-0177")
                    .contains(
                            "Rack B4 · Dock 4 after 3 PM", "PR-20518", "Dunlin Two Day", "3.88 lb", "2 of 3", tracking);
        }
    }

    /** Every bar begins and ends on a whole dot of a 203 dpi printer, and a module is 3 or 4 of them. */
    @ParameterizedTest
    @CsvSource({"DX900417000009, 4", "GP417000003US, 4", "ABCDEFGHIJKLMN, 3"})
    void barsAreWholeDotsWide(String tracking, int dots) throws Exception {
        try (PDDocument document = Loader.loadPDF(new LabelPrinter().print(label(tracking, TO), SheetSize.LABEL))) {
            var picture = new PDFRenderer(document).renderImageWithDPI(0, 203);
            int row = Math.round((320 + 40) / 72f * 203);
            List<Integer> runs = new ArrayList<>();
            int before = 0;
            for (int x = 1; x < picture.getWidth(); x++) {
                if ((picture.getRGB(x, row) & 0xFF) < 128 != (picture.getRGB(x - 1, row) & 0xFF) < 128) {
                    runs.add(x - before);
                    before = x;
                }
            }
            assertThat(runs.subList(1, runs.size()))
                    .as("runs %s", runs)
                    .hasSizeGreaterThan(20)
                    .allMatch(run -> run % dots == 0);
        }
    }

    @Test
    void longAndForeignTextsStayOnTheLabel() throws Exception {
        List<String> to = List.of("Żółć & Łódź Çelik ".repeat(6), "x", "дом 5", "😀", "Tucson, AZ");
        try (PDDocument document =
                Loader.loadPDF(new LabelPrinter().print(label("DX900417000009", to), SheetSize.LABEL))) {
            assertThat(document.getNumberOfPages()).isEqualTo(1);
            assertThat(textOf(document)).contains("Żółć & Łódź Çelik").contains("дом 5");
        }
    }

    /** Source: ISO/IEC 15417, example from memory: PJJ123C has 7 characters; start, data, check and stop are 11 modules each, stop 13. */
    @Test
    void aSymbolHasTheWidthOfTheStandard() {
        assertThat(Barcode.code128("PJJABCC").modules()).isEqualTo((1 + 7 + 1) * 11 + 13);
    }
}
