package nobrec.server.document.slip;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.geom.Rectangle2D;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import nobrec.core.measure.Length;
import nobrec.core.measure.LengthUnit;
import nobrec.core.paper.PeelOff;
import nobrec.core.paper.SheetSize;
import nobrec.core.paper.StandardSlips;
import nobrec.core.refusal.Refusal;
import nobrec.server.document.page.Canvas;
import nobrec.server.document.page.PaperFonts;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.PDFTextStripperByArea;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.core.io.ClassPathResource;

/** A label stands in its place on the sheet, and the slip stays out of it. */
class LabelOnSlipTest {

    private static final float INCH = 72;

    private static PeelOff place(String left, String top, String width, String height) {
        return new PeelOff(inch(left), inch(top), inch(width), inch(height));
    }

    private static Length inch(String amount) {
        return Length.of(amount, LengthUnit.INCH);
    }

    /** A page of 4 by 6 inches with a word at each end of it. */
    private static byte[] label() throws IOException {
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            PaperFonts fonts = new PaperFonts(document);
            try (Canvas canvas = new Canvas(document, new PDRectangle(4 * INCH, 6 * INCH))) {
                canvas.text(fonts.plain("UPPER"), 10, 20, 10, 200);
                canvas.text(fonts.plain("LOWER"), 10, 6 * INCH - 10, 10, 200);
            }
            document.save(out);
            return out.toByteArray();
        }
    }

    private static byte[] page() throws IOException {
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            new Canvas(document, PDRectangle.LETTER).close();
            document.save(out);
            return out.toByteArray();
        }
    }

    private static String wordsIn(byte[] pdf, PeelOff place) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            PDFTextStripperByArea area = new PDFTextStripperByArea();
            area.addRegion(
                    "label",
                    new Rectangle2D.Float(
                            points(place.left()), points(place.top()), points(place.width()), points(place.height())));
            area.extractRegions(document.getPage(0));
            // turned text is read letter by letter
            return area.getTextForRegion("label").replaceAll("\\s", "");
        }
    }

    private static float points(Length length) {
        return length.in(LengthUnit.INCH, 4).floatValue() * INCH;
    }

    @ParameterizedTest
    @CsvSource({"0.25, 4.75, 4, 6", "2, 0.25, 6, 4", "0.5, 6.9, 6, 4", "1, 1, 2, 3"})
    void theWholeLabelStandsInItsPlaceUprightOrTurned(String left, String top, String width, String height)
            throws IOException {
        PeelOff place = place(left, top, width, height);
        byte[] sheet = LabelOnSlip.laid(page(), Optional.of(label()), place);
        assertThat(wordsIn(sheet, place)).containsOnlyOnce("UPPER").containsOnlyOnce("LOWER");
    }

    @Test
    void theSlipKeepsOffTheLabelsPlace() throws Exception {
        SlipPrinter printer = new SlipPrinter(
                new ClassPathResource("paper/packing-slip.mustache"), new ClassPathResource("paper/packing-slip.css"));
        SlipDesignDocument design = SlipDesignDocument.of(StandardSlips.STANDARD);
        for (PeelOff place : List.of(place("0.25", "4.75", "8", "6"), place("0", "0", "8.5", "6"))) {
            byte[] slip = printer.set(
                    SampleSlips.FULL.ofPackage(SampleSlips.FULL.packages().get(1)), design, Optional.of(place));
            assertThat(wordsIn(slip, place)).isBlank();
            try (PDDocument document = Loader.loadPDF(slip)) {
                assertThat(new PDFTextStripper().getText(document))
                        .contains("Package 2 of 2")
                        .doesNotContain("Package 1 of 2");
            }
        }
    }

    @ParameterizedTest
    @CsvSource({"5, 4, 4, 6", "0, 6, 4, 6", "0, 0, 1, 1", "0, 1, 8, 9.5"})
    void aPlaceThatIsNotOnTheSheetOrLeavesNothingOfItIsRefused(String left, String top, String width, String height) {
        PeelOff place = place(left, top, width, height);
        assertThatThrownBy(() -> place.requireOn(SheetSize.LETTER)).isInstanceOf(Refusal.class);
    }
}
