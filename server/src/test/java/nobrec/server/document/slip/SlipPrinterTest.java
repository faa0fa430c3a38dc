package nobrec.server.document.slip;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.DecodeHintType;
import com.google.zxing.client.j2se.BufferedImageLuminanceSource;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.oned.Code128Reader;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import nobrec.core.paper.PeelOff;
import nobrec.core.paper.SheetSize;
import nobrec.core.paper.SlipBlock;
import nobrec.core.paper.SlipDesign;
import nobrec.core.paper.StandardSlips;
import nobrec.server.document.KeptPage;
import nobrec.server.document.slip.SlipText.DrawingText;
import nobrec.server.document.slip.SlipText.LayerText;
import nobrec.server.document.slip.SlipText.PieceText;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.core.io.ClassPathResource;

/** Slips are set with one library and read back with others (PDFBox, zxing). */
class SlipPrinterTest {

    private static final int LABEL_PRINTER_DPI = 203;
    private static final SlipDesignDocument STANDARD = SlipDesignDocument.of(StandardSlips.STANDARD);

    private static final Optional<PeelOff> NO_LABEL = Optional.empty();

    private final SlipPrinter printer;

    SlipPrinterTest() throws Exception {
        printer = new SlipPrinter(
                new ClassPathResource("paper/packing-slip.mustache"), new ClassPathResource("paper/packing-slip.css"));
    }

    private static SlipDesignDocument own(String markup, String style) {
        return new SlipDesignDocument(
                "ours",
                SheetSize.LETTER,
                STANDARD.blocks(),
                STANDARD.columns(),
                markup,
                style,
                Optional.empty(),
                Optional.empty());
    }

    private static String textOf(byte[] pdf) throws Exception {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return new PDFTextStripper().getText(document);
        }
    }

    private static String barcodeOf(byte[] pdf) throws Exception {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            var picture = new PDFRenderer(document).renderImageWithDPI(0, LABEL_PRINTER_DPI);
            var bitmap = new BinaryBitmap(new HybridBinarizer(new BufferedImageLuminanceSource(picture)));
            return new Code128Reader()
                    .decode(bitmap, Map.of(DecodeHintType.TRY_HARDER, true))
                    .getText();
        }
    }

    private SlipFault faultOf(String markup, String style) {
        SlipFault fault = catchThrowableOfType(
                SlipFault.class, () -> printer.set(SampleSlips.FULL, own(markup, style), NO_LABEL));
        assertThat(fault).as("a fault of %s %s", markup, style).isNotNull();
        return fault;
    }

    static Stream<SlipDesign> designs() {
        return StandardSlips.all().stream();
    }

    @ParameterizedTest
    @MethodSource("designs")
    void eachDesignThatIsAlwaysTherePrintsOnItsPaperWithABarcodeThatIsTheJob(SlipDesign design) throws Exception {
        byte[] pdf = printer.set(SampleSlips.FULL, SlipDesignDocument.of(design), NO_LABEL);
        assertThat(barcodeOf(pdf)).isEqualTo("SAMPLE-1");
        KeptPage.assertLooksAsKept("slip-" + design.name().replaceAll("[^a-z0-9]+", "-"), pdf);
        assertThat(textOf(pdf)).contains("Sample Customer & Daughters", "Receiving <dock 4>", "Seal kit, 2 in bore");
        try (PDDocument document = Loader.loadPDF(pdf)) {
            float width = document.getPage(0).getMediaBox().getWidth();
            assertThat((double) width).isCloseTo(design.sheet().width().nanometers() / 25.4e6 * 72, within());
            for (var name : document.getPage(0).getResources().getFontNames()) {
                PDFont font = document.getPage(0).getResources().getFont(name);
                assertThat(font.isEmbedded()).as(font.getName()).isTrue();
            }
        }
        assertThat(textOf(printer.set(SampleSlips.BARE, SlipDesignDocument.of(design), NO_LABEL)))
                .contains("A receiver");
    }

    private static org.assertj.core.data.Offset<Double> within() {
        return org.assertj.core.data.Offset.offset(0.5);
    }

    @Test
    void pricesStandOnlyWhereTheDesignAndTheJobLetThem() throws Exception {
        SlipDesignDocument priced = SlipDesignDocument.of(StandardSlips.all().stream()
                .filter(design -> design.name().equals("with prices"))
                .findFirst()
                .orElseThrow());
        assertThat(textOf(printer.set(SampleSlips.FULL, priced, NO_LABEL)))
                .contains("Price each", "12.50", "Total 1234.50 USD");
        assertThat(textOf(printer.set(SampleSlips.FULL, STANDARD, NO_LABEL))).doesNotContain("12.50", "1234.50");
        assertThat(textOf(printer.set(withoutPrices(), priced, NO_LABEL)))
                .doesNotContain("Price each", "12.50", "1234.50");
    }

    private static SlipText withoutPrices() {
        SlipText full = SampleSlips.FULL;
        return new SlipText(
                full.from(),
                full.fromPhone(),
                full.to(),
                full.billTo(),
                full.job(),
                full.allJobs(),
                full.customer(),
                full.customerPo(),
                full.references(),
                full.notes(),
                full.fields(),
                full.words(),
                full.service(),
                full.shipDate(),
                false,
                full.currency(),
                full.total(),
                full.packages(),
                full.stillToCome());
    }

    @Test
    void aGiftHasTheGiversWordsAndNothingOfOurs() throws Exception {
        SlipDesignDocument gift = SlipDesignDocument.of(StandardSlips.all().stream()
                .filter(design -> design.name().equals("a gift"))
                .findFirst()
                .orElseThrow());
        assertThat(textOf(printer.set(SampleSlips.FULL, gift, NO_LABEL)))
                .contains("With many good wishes")
                .doesNotContain("Sample Shop", "12.50");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "<p>one</p>;<p>{{nothing}}</p>|2|nothing",
                "<p>one</p>;<p>{{#packages}}</p>|0|packages",
                "<p>one</p>;{{#rows}}<i>;{{/rows}}|3|i",
                "<p>one</p>;<p>{{{notes}}}</p>|2|two braces",
                "<p>one</p>;<p>{{&job}}</p>|2|two braces",
                "{{>other}}|1|stands for itself",
                "{{=<% %>=}}|1|stands for itself",
                "<p>;</div>|2|p",
                "<p>&nothing;</p>|1|nothing",
                "<p>x</p>;<img src='file:///etc/hostname'/>|2|reads no file and no address",
                "<img src='http://127.0.0.1/x.png'/>|1|reads no file and no address",
                "<!DOCTYPE x [<!ENTITY y SYSTEM 'file:///etc/hostname'>]><p>y</p>|1|OCTYPE",
                "{{#packages.class}}x{{/packages.class}}|1|class",
                "{{job.getClass}}|1|job.getClass",
            })
    void aTemplateThatDoesNotHoldIsRefusedWithLineAndReason(String markup, int line, String reason) {
        String words = faultOf(markup.replace(';', '\n').replace("&nothing\n", "&nothing;"), "")
                .words();
        assertThat(words).startsWith(line == 0 ? "The template" : "The template, line " + line + ": ");
        assertThat(words).containsIgnoringCase(reason);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "p { color: #000 };p { size }|2",
                ".x { background: url(file:///etc/hostname) }|1",
                "@page { size: 1mm 1mm }|1",
                "p {};@import 'http://127.0.0.1/x.css'|2",
            })
    void aStyleSheetThatDoesNotHoldIsRefusedWithItsLine(String style, int line) {
        assertThat(faultOf("<p>x</p>", style.replace(';', '\n')).words()).startsWith("The style sheet, line " + line);
    }

    @Test
    void sectionsInSectionsWithoutEndAreStopped() {
        String open = "{{#packages}}{{#lines}}".repeat(10);
        String close = "{{/lines}}{{/packages}}".repeat(10);
        assertThat(faultOf("<p>" + open + "x" + close + "</p>", "").words()).contains("round and round");
        assertThat(faultOf("<p>" + open + close + "</p>", "").words()).contains("round and round");
    }

    @Test
    void whatHasLeftHasASlipWhateverItsOwnTemplateDoes() throws Exception {
        SlipPrinter.Print print = printer.print(SampleSlips.FULL, own("<p>{{nothing}}</p>", ""), NO_LABEL);
        assertThat(print.fault()).hasValueSatisfying(fault -> assertThat(fault).contains("line 1"));
        assertThat(textOf(print.pdf())).contains("Packing slip", "Sample Shop");
        assertThat(printer.print(SampleSlips.FULL, own("<p>Job {{job}}</p>", ""), NO_LABEL)
                        .fault())
                .isEmpty();
    }

    @Test
    void aLogoThatCannotBeReadAnyMoreIsLeftOut() throws Exception {
        SlipDesignDocument broken = new SlipDesignDocument(
                "ours",
                SheetSize.LETTER,
                List.of(new SlipDesignDocument.Block(SlipBlock.Kind.LOGO, true, false, "", "")),
                STANDARD.columns(),
                "",
                "",
                Optional.of(new Logo(Logo.Kind.SVG, "no Base64!")),
                Optional.empty());
        SlipPrinter.Print print = printer.print(SampleSlips.FULL, broken, NO_LABEL);
        assertThat(print.fault()).isPresent();
        assertThat(print.pdf()).isNotEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "<p style='height: 99999999mm'>x</p>||very many pages",
                "<table height='99999'><tr><td>x</td></tr></table>||larger than any page",
                "<p>x</p>|p { margin-top: 99999999mm }|very many pages",
                "<p>x</p>|p { font-size: 3em }|given in pt",
                "<p>x</p>|p { font-size: 400pt }|given in pt",
            })
    void whatWouldBecomeVeryManyPagesIsRefusedBeforeItIsLaidOut(String markup, String style, String reason) {
        assertThat(faultOf(markup, style == null ? "" : style).words()).contains(reason);
    }

    @Test
    void whatAJobSaysIsNotTakenForAMeasure() throws Exception {
        SlipText.PackageText first = SampleSlips.FULL.packages().get(0);
        SlipText.LineText line = new SlipText.LineText(
                "",
                "height=99999\uFFFE\u0001",
                "style='height: 9999999mm' <width=12345>",
                "",
                "",
                1,
                1,
                0,
                "",
                "",
                "",
                Map.of());
        SlipText slip =
                SampleSlips.FULL.ofPackage(new SlipText.PackageText(1, 1, "1 lb", "T", List.of(line), first.drawing()));
        String ours = printer.template();
        for (SlipDesignDocument design : List.of(STANDARD, own(ours, ""), own("", "p { margin: 1mm }"))) {
            assertThat(textOf(printer.set(slip, design, NO_LABEL))).contains("height=99999");
        }
    }

    @Test
    void twoThousandLinesAndAWordWithoutABlankStayOnTheirPages() throws Exception {
        SlipText.PackageText first = SampleSlips.FULL.packages().get(0);
        SlipText.LineText line = first.lines().get(0);
        List<SlipText.LineText> lines = new ArrayList<>(Collections.nCopies(2_000, line));
        lines.add(new SlipText.LineText("", "X".repeat(400), "W".repeat(4_000), "", "", 1, 1, 0, "", "", "", Map.of()));
        SlipText slip =
                SampleSlips.BARE.ofPackage(new SlipText.PackageText(1, 1, "1 lb", "T", lines, DrawingText.NONE));
        try (PDDocument document = Loader.loadPDF(printer.set(slip, STANDARD, NO_LABEL))) {
            String text = new PDFTextStripper().getText(document);
            assertThat(text.split("Seal kit, 2 in bore", -1)).hasSize(2_001);
            assertThat(text.chars().filter(letter -> letter == 'W').count()).isGreaterThanOrEqualTo(4_000);
            var last = new PDFRenderer(document).renderImageWithDPI(document.getNumberOfPages() - 1, 40);
            int edge = last.getWidth() - 4;
            assertThat(IntStream.range(0, last.getHeight()).allMatch(y -> (last.getRGB(edge, y) & 0xFF) > 200))
                    .isTrue();
        }
    }

    @Test
    void theLayersAreDrawnToScaleWithAKeyAndNothingInItIsTakenForMarkup() {
        DrawingText drawing = new DrawingText(
                1000, 700, List.of(new LayerText("0 in", List.of(new PieceText("SK-2 <b>", 100, 50, 500, 400)))));
        assertThat(LayerDrawing.svg(drawing, 180))
                .contains("layer 1, from 0 in", "a: SK-2 &lt;b&gt;")
                .contains("<rect x=\"0\" y=\"110\" width=\"1000\" height=\"700\"")
                // 50 from the front edge, which is at the bottom: 110 + 700 - 50 - 400
                .contains("<rect x=\"100\" y=\"360\" width=\"500\" height=\"400\"");
        DrawingText small = new DrawingText(
                1000, 700, List.of(new LayerText("0 in", List.of(new PieceText("O-ring", 100, 50, 60, 60)))));
        assertThat(LayerDrawing.svg(small, 180)).contains("<text x=\"1030\"");
        assertThat(LayerDrawing.svg(DrawingText.NONE, 180)).isEmpty();
    }
}
