package nobrec.server.document;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.DecodeHintType;
import com.google.zxing.Result;
import com.google.zxing.client.j2se.BufferedImageLuminanceSource;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.multi.GenericMultipleBarcodeReader;
import com.google.zxing.oned.Code128Reader;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import javax.imageio.ImageIO;
import nobrec.core.identifier.CompanyPrefix;
import nobrec.core.identifier.Sscc;
import nobrec.core.paper.SheetSize;
import nobrec.core.partner.ElementString;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Assumptions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What the bars of a logistics label say, read from its page by two readers that are not ours: zxing and zbarimg. */
class LogisticsLabelTest {

    private static final String SSCC =
            Sscc.of(0, new CompanyPrefix("0614141"), 4_170_001).digits();

    private static ElementString element(String identifier, String data) {
        return new ElementString(identifier, identifier, data);
    }

    private static byte[] label(SheetSize sheet, String consignment, String order) {
        return new LabelPrinter()
                .print(
                        new LogisticsLabelText(
                                List.of("Marrowby Cylinder & Seal", "1180 Piston Works Road", "Rockford, IL 61101"),
                                new LabelText.Receiver(
                                        List.of("Grebe Outfitters", "Door 12"),
                                        List.of("4100 Depot Rd", "Toledo, OH"),
                                        "43604",
                                        ""),
                                List.of(
                                        new LogisticsLabelText.Field("ORDER NUMBER", "G-44170", false),
                                        new LogisticsLabelText.Field("WORK ORDER", "2611", false),
                                        new LogisticsLabelText.Field("CONTENT", "60 × SK-2 Seal kit", true)),
                                List.of(
                                        List.of(element("401", consignment)),
                                        List.of(element("400", order), element("420", "43604")),
                                        List.of(element("00", SSCC)))),
                        sheet);
    }

    /** GS1 General Specifications (from memory): the symbology identifier is ]C1, a separator is sign 29. */
    @ParameterizedTest
    @CsvSource({
        "LABEL, 203, 06141414170, G-44170",
        "LABEL, 300, 06141414170, G-44170",
        "A6, 203, 06141414170, PO/4417(A)",
        "LABEL, 600, 061414199999999, 1234567890",
    })
    void twoReadersFindEachElement(SheetSize sheet, int dpi, String consignment, String order) throws Exception {
        try (PDDocument document = Loader.loadPDF(label(sheet, consignment, order))) {
            assertThat(new PDFTextStripper().getText(document))
                    .contains("(00)" + SSCC, "(401)" + consignment, "(400)" + order + " (420)43604");
            BufferedImage page = new PDFRenderer(document).renderImageWithDPI(0, dpi);
            assertThat(byZxing(page))
                    .containsExactlyInAnyOrder("00" + SSCC, "401" + consignment, "400" + order + "\u001d42043604");
            assertThat(byZbar(page)).contains("00" + SSCC, "401" + consignment, "400" + order + "\u001d42043604");
        }
    }

    @ParameterizedTest
    @CsvSource({"LABEL", "A6"})
    void looksAsItDidWhenSomebodyFoundItRight(SheetSize sheet) throws IOException {
        KeptPage.assertLooksAsKept(
                "logistics-label-" + sheet.name().toLowerCase(Locale.ROOT), label(sheet, "06141414170", "G-44170"));
    }

    /** So that its silence says something. */
    @Test
    void anotherLabelDoesNotLookTheSame() {
        Assumptions.assumeFalse(KeptPage.ARE_DRAWN_AGAIN);
        assertThatThrownBy(() ->
                        KeptPage.assertLooksAsKept("logistics-label-label", label(SheetSize.LABEL, "0614141", "OTHER")))
                .isInstanceOf(AssertionError.class);
    }

    private static List<String> byZxing(BufferedImage page) throws Exception {
        var bitmap = new BinaryBitmap(new HybridBinarizer(new BufferedImageLuminanceSource(page)));
        Result[] found = new GenericMultipleBarcodeReader(new Code128Reader())
                .decodeMultiple(bitmap, Map.of(DecodeHintType.TRY_HARDER, true, DecodeHintType.ASSUME_GS1, true));
        return Arrays.stream(found)
                .map(each -> each.getText().replaceFirst("^]C1", ""))
                .distinct()
                .toList();
    }

    private static List<String> byZbar(BufferedImage page) throws IOException, InterruptedException {
        Path file = Files.createTempFile("label", ".png");
        ImageIO.write(page, "png", file.toFile());
        Process zbar = new ProcessBuilder("zbarimg", "-q", "--raw", file.toString()).start();
        String said = new String(zbar.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        zbar.waitFor();
        Files.delete(file);
        return said.lines().toList();
    }
}
