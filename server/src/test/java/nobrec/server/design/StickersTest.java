package nobrec.server.design;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.DecodeHintType;
import com.google.zxing.client.j2se.BufferedImageLuminanceSource;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.oned.Code128Reader;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import nobrec.server.ServerTest;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.PDFTextStripperByArea;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpStatus;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Stickers of jobs stand where their sheet has them, read back by other libraries (PDFBox, zxing). */
class StickersTest extends ServerTest {

    private static final String SHEETS = "/api/v1/sticker-sheets";
    private static final int POINTS = 72;

    @AfterEach
    void nothingIsLeft() {
        database.update("DELETE FROM paper_design WHERE name LIKE 'SK %'");
    }

    private ObjectNode common(String name) {
        for (JsonNode row : get(SHEETS).path("rows")) {
            if (row.path("sheet").path("name").asString().equals(name)) {
                return (ObjectNode) row.path("sheet");
            }
        }
        throw new AssertionError("No sheet " + name);
    }

    private PDDocument opened(String address) throws IOException {
        MvcTestResult answer = mvc.get()
                .uri("/api/v1/" + address)
                .with(user("rufus").roles("PACKER"))
                .exchange();
        assertThat(answer).hasStatusOk();
        return Loader.loadPDF(answer.getResponse().getContentAsByteArray());
    }

    private static String textIn(PDDocument document, int page, double left, double top, double width, double height)
            throws IOException {
        PDFTextStripperByArea area = new PDFTextStripperByArea();
        area.addRegion("sticker", new Rectangle2D.Double(left * POINTS, top * POINTS, width * POINTS, height * POINTS));
        area.extractRegions(document.getPage(page));
        return area.getTextForRegion("sticker").strip();
    }

    private MvcTestResult preview(ObjectNode sheet, List<String> jobs, int first, int each) {
        return send(
                "POST",
                SHEETS + "/preview",
                Map.of("sheet", sheet, "jobs", jobs, "first", first, "each", each, "page", 1));
    }

    @Test
    void stickersBeginAtTheFirstFreePlaceAndGoOnToTheNextSheet() throws IOException {
        bringIn("STK-1", "Plover Ground");
        bringIn("STK-2", "Plover Ground");
        String sheet = "stickers?sheet=10 of 4 × 2 in&job=STK-2&job=STK-1";
        try (PDDocument printed = opened(sheet + "&first=3")) {
            assertThat(printed.getNumberOfPages()).isOne();
            assertThat(textIn(printed, 0, 0, 0, 8.5, 2.5))
                    .as("what is used already")
                    .isEmpty();
            assertThat(textIn(printed, 0, 0.155, 2.5, 4, 2)).contains("Job STK-2", "88 Carding Lane");
            assertThat(textIn(printed, 0, 4.345, 2.5, 4, 2))
                    .contains("Job STK-1")
                    .doesNotContain("STK-2");
        }
        try (PDDocument printed = opened(sheet + "&first=9&each=3")) {
            assertThat(printed.getNumberOfPages()).isEqualTo(2);
            assertThat(textIn(printed, 0, 0.155, 8.5, 4, 2)).contains("STK-2", "1 of 3");
            assertThat(textIn(printed, 1, 0.155, 0.5, 4, 2)).contains("STK-2", "3 of 3");
            assertThat(new PDFTextStripper().getText(printed).split("Job STK", -1))
                    .hasSize(7);
        }
    }

    @Test
    void aStickersBarcodeIsTheJob() throws Exception {
        bringIn("STK-11", "Plover Ground");
        try (PDDocument printed = opened("stickers?sheet=8 of 99.1 × 67.7 mm&job=STK-11")) {
            BufferedImage page = new PDFRenderer(printed).renderImageWithDPI(0, 300);
            var bitmap = new BinaryBitmap(new HybridBinarizer(new BufferedImageLuminanceSource(page)));
            assertThat(new Code128Reader()
                            .decode(bitmap, Map.of(DecodeHintType.TRY_HARDER, true))
                            .getText())
                    .isEqualTo("STK-11");
        }
    }

    @Test
    void whatDoesNotFitIsSetSmallerThenCutAndThatIsSaid() {
        bringIn("STK-21", "Plover Ground");
        ObjectNode sheet = common("30 of 2 5/8 × 1 in");
        JsonNode fits = json(preview(sheet, List.of("STK-21"), 1, 1));
        assertThat(fits.path("cut").size()).isZero();
        assertThat(fits.path("size").asString()).isEqualTo("66.7 × 25.4 mm, 2.63 × 1.00 in");
        JsonNode smaller = json(preview(sheet.put("type", 14), List.of("STK-21"), 1, 1));
        assertThat(smaller.path("smaller").get(0).asString()).isEqualTo("job STK-21");
        JsonNode cut = json(preview(sheet.put("rows", 30), List.of("STK-21"), 1, 1));
        assertThat(cut.path("cut").get(0).asString()).isEqualTo("job STK-21");
        sheet.putArray("fields").add("BARCODE").add("JOB");
        JsonNode noBars = json(preview(sheet, List.of("STK-21"), 1, 1));
        assertThat(noBars.path("withoutBarcode").get(0).asString()).isEqualTo("job STK-21");
    }

    @Test
    void aSheetIsMadeChangedAndTested() throws IOException {
        ObjectNode sheet = common("20 of 4 × 1 in")
                .put("name", "SK ours")
                .put("left", "12 mm")
                .put("top", "0");
        assertThat(send("POST", SHEETS, sheet)).hasStatusOk();
        assertThat(send("POST", SHEETS, sheet)).as("twice").hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        try (PDDocument test = opened("sticker-test?sheet=SK ours")) {
            assertThat(new PDFTextStripper().getText(test).strip().split("\\s+"))
                    .hasSize(20);
        }
        long id = 0;
        for (JsonNode row : get(SHEETS).path("rows")) {
            id = Math.max(id, row.path("id").asLong());
        }
        Map<String, Object> change = Map.of("version", 1, "sheet", sheet.put("rows", 5));
        assertThat(send("PUT", SHEETS + "/" + id, change)).hasStatusOk();
        assertThat(send("PUT", SHEETS + "/" + id, change)).hasStatus(HttpStatus.CONFLICT);
        assertThat(send("POST", SHEETS, sheet.put("name", "SK packer"), "rufus", "PACKER"))
                .hasStatus(HttpStatus.FORBIDDEN);
        assertThat(send("PUT", SHEETS + "/" + id + "/withdrawn", Map.of("version", 2, "withdrawn", true)))
                .hasStatusOk();
    }

    @Test
    void nonsenseIsRefusedByName() {
        ObjectNode sheet = common("20 of 4 × 1 in");
        assertThat(json(preview(sheet.deepCopy().put("rows", 0), List.of(), 1, 1))
                        .path("detail")
                        .asString())
                .contains("0 rows");
        assertThat(json(preview(sheet.deepCopy().put("left", "5 apples"), List.of(), 1, 1))
                        .path("thing")
                        .asString())
                .isEqualTo("The margin at the left");
        assertThat(preview(sheet.deepCopy().put("type", 400), List.of(), 1, 1))
                .hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        assertThat(preview(sheet, List.of("STK-404"), 1, 1)).hasStatus(HttpStatus.NOT_FOUND);
        bringIn("STK-31", "Plover Ground");
        bringIn("STK-32", "Plover Ground");
        assertThat(preview(sheet, List.of("STK-31", "STK-32"), 1, 5_000)).hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
    }
}
