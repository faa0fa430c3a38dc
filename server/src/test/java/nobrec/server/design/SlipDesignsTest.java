package nobrec.server.design;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;
import nobrec.core.limit.Limits;
import nobrec.server.ServerTest;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.http.HttpStatus;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A shop's slip designs: made, tried, chosen by rule and place, and printed by. */
class SlipDesignsTest extends ServerTest {

    private static final String DESIGNS = "/api/v1/slip-designs";

    @AfterEach
    void nothingIsLeft() {
        JsonNode rules = get("/api/v1/house-rules");
        int version = rules.path("version").asInt();
        for (JsonNode rule : rules.path("rows")) {
            if (rule.path("rule").path("name").asString().startsWith("SD ")) {
                send("DELETE", "/api/v1/house-rules/" + rule.path("id").asLong() + "?version=" + version++, Map.of());
            }
        }
        database.update("DELETE FROM paper_design WHERE name LIKE 'SD %'");
        choose("AT_HOME", "standard");
        choose("ABROAD", "standard");
    }

    private JsonNode view(String name) {
        return get(DESIGNS + "/one?name=" + name);
    }

    /** A copy of the standard design under a name. */
    private ObjectNode copy(String name) {
        ObjectNode design = (ObjectNode) view("standard").path("design");
        return design.put("name", name);
    }

    private static void saying(ObjectNode design, String kind, String text) {
        for (JsonNode block : design.path("blocks")) {
            if (block.path("kind").asString().equals(kind)) {
                ((ObjectNode) block).put("shown", true).put("text", text);
            }
        }
    }

    private MvcTestResult add(ObjectNode design) {
        return send("POST", DESIGNS, design);
    }

    private MvcTestResult choose(String use, String name) {
        return send("PUT", DESIGNS + "/default", Map.of("use", use, "name", name));
    }

    private MvcTestResult preview(ObjectNode design, String job) {
        return send("POST", DESIGNS + "/preview", Map.of("design", design, "job", job, "page", 1));
    }

    private String slipOf(String job) throws IOException {
        JsonNode shipped = json(ship(weighedJob(job, "Plover Ground")));
        for (JsonNode paper : shipped.path("papers")) {
            if (paper.path("title").asString().equals("Packing slip")) {
                return paperText(paper.path("address").asString());
            }
        }
        throw new AssertionError("No packing slip: " + shipped);
    }

    @Test
    void aDesignIsMadeChangedAndChosenForJobsAtHome() throws IOException {
        ObjectNode design = copy("SD made");
        saying(design, "TERMS", "Goods stay ours until paid.");
        JsonNode made = json(add(design));
        assertThat(made.path("id").asLong()).isPositive();
        assertThat(choose("AT_HOME", "SD made")).hasStatusOk();
        assertThat(slipOf("SD-1")).contains("Goods stay ours until paid.");
        saying(design, "TERMS", "Thirty days.");
        String address = DESIGNS + "/" + made.path("id").asLong();
        Map<String, Object> change = Map.of("version", made.path("version").asInt(), "design", design);
        assertThat(send("PUT", address, change)).hasStatusOk();
        assertThat(send("PUT", address, change))
                .as("a second, who saw the first one")
                .hasStatus(HttpStatus.CONFLICT);
        assertThat(slipOf("SD-2")).contains("Thirty days.").doesNotContain("stay ours");
        assertThat(add(copy("sd MADE"))).as("the same name").hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
    }

    @Test
    void aRuleChoosesADesignAlsoOnceItIsWithdrawn() throws IOException {
        ObjectNode design = copy("SD drop shipment");
        saying(design, "LETTERHEAD", "Another House\n7 Other Road");
        JsonNode made = json(add(design));
        Map<String, Object> rule = Map.of(
                "name",
                "SD another house",
                "enabled",
                true,
                "when",
                Map.of("kind", "FACT", "fact", "NUMBER", "test", "ONE_OF", "texts", List.of("SD-11", "SD-12")),
                "acts",
                List.of(Map.of("kind", "SLIP_DESIGN", "value", "SD drop shipment", "instead", false)),
                "last",
                false);
        MvcTestResult kept = send(
                "POST",
                "/api/v1/house-rules",
                Map.of("version", get("/api/v1/house-rules").path("version").asInt(), "rule", rule));
        assertThat(kept).hasStatusOk();
        assertThat(slipOf("SD-11")).contains("Another House").doesNotContain("Marrowby");
        String withdrawn = DESIGNS + "/" + made.path("id").asLong() + "/withdrawn";
        assertThat(send("PUT", withdrawn, Map.of("version", 1, "withdrawn", true)))
                .hasStatusOk();
        assertThat(slipOf("SD-12")).contains("Another House").doesNotContain("Marrowby");
        assertThat(choose("ABROAD", "SD drop shipment")).hasStatus(HttpStatus.CONFLICT);
        assertThat(send("PUT", withdrawn, Map.of("version", 1, "withdrawn", false)))
                .hasStatus(HttpStatus.CONFLICT);
    }

    @Test
    void whatFailsOnAJobIsPrintedByOurTemplateAndSaysSo() throws IOException {
        ObjectNode design = copy("SD fails");
        design.put("markup", "<p>Job {{job}}</p>");
        JsonNode made = json(add(design));
        assertThat(choose("AT_HOME", "SD fails")).hasStatusOk();
        database.update(
                "UPDATE paper_design SET definition = REPLACE(definition, 'Job {{job}}', '{{nothing}}') WHERE id = ?",
                made.path("id").asLong());
        send("PUT", DESIGNS + "/default", Map.of("use", "AT_HOME", "name", "SD fails"));
        assertThat(slipOf("SD-21")).contains("Packing slip", "Marrowby");
        assertThat(row("SD fails").path("problem").asString()).contains("SD-21", "line 1", "nothing");
        database.update(
                "UPDATE paper_design SET definition = '{' WHERE id = ?",
                made.path("id").asLong());
        send("PUT", DESIGNS + "/default", Map.of("use", "AT_HOME", "name", "SD fails"));
        assertThat(slipOf("SD-22")).contains("Packing slip").doesNotContain("Marrowby");
        assertThat(row("SD fails").path("problem").asString()).contains("cannot be read");
    }

    private JsonNode row(String name) {
        for (JsonNode row : get(DESIGNS).path("rows")) {
            if (row.path("name").asString().equals(name)) {
                return row;
            }
        }
        throw new AssertionError("No row of " + name);
    }

    @Test
    void aPreviewIsOfAJobOrOfTheSampleAndSaysWhatIsBroken() throws IOException {
        newJob("SD-31", "Plover Ground");
        bringIn("SD-32", "Plover Ground");
        for (String job : List.of("", "SD-31", "SD-32")) {
            JsonNode page = json(preview(copy("SD new"), job));
            byte[] picture = Base64.getDecoder().decode(page.path("picture").asString());
            assertThat(ImageIO.read(new ByteArrayInputStream(picture)).getWidth())
                    .as("letter paper at 110 dots an inch")
                    .isEqualTo(935);
        }
        assertThat(preview(copy("SD new"), "SD-404")).hasStatus(HttpStatus.NOT_FOUND);
        ObjectNode broken = copy("SD new").put("markup", "<p>\n{{nothing}}</p>");
        assertThat(json(preview(broken, "")).path("thing").asString()).isEqualTo("The template, line 2");
        assertThat(add(broken)).hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
    }

    private PDDocument paper(String address) throws IOException {
        MvcTestResult pdf =
                mvc.get().uri(address).with(user("rufus").roles("PACKER")).exchange();
        assertThat(pdf).hasStatusOk();
        return Loader.loadPDF(pdf.getResponse().getContentAsByteArray());
    }

    @Test
    void theListForTheSideOfAPackageSaysWhatIsInIt() throws IOException {
        JsonNode bench = newJob("SD-51", "Plover Ground");
        String address = "/api/v1/shipments/" + bench.path("id").asLong() + "/packages/1/packing-list";
        try (PDDocument list = paper(address)) {
            assertThat(new PDFTextStripper().getText(list))
                    .contains("In this package", "SD-51", "Seal kit", "Package 1 of 1")
                    .doesNotContain("Marrowby");
        }
        assertThat(add(copy("SD box"))).hasStatusOk();
        assertThat(choose("ON_BOX", "SD box")).hasStatusOk();
        try (PDDocument list = paper(address)) {
            assertThat(new PDFTextStripper().getText(list)).contains("Packing slip", "Marrowby");
        }
        assertThat(choose("ON_BOX", "on the box side")).hasStatusOk();
        assertThat(mvc.get()
                        .uri(address.replace("packages/1", "packages/9"))
                        .with(user(INES).roles("COORDINATOR"))
                        .exchange())
                .hasStatus(HttpStatus.NOT_FOUND);
    }

    @Test
    void labelsAreDrawnForTheStockThatWasChosen() throws IOException {
        JsonNode bench = weighedJob("SD-61", "Plover Ground");
        String address = "/api/v1/shipments/" + bench.path("id").asLong() + "/packages/1/sample-label";
        assertThat(heightOf(address)).isEqualTo(432);
        assertThat(send("PUT", "/api/v1/label-sheet", Map.of("sheet", "A6"))).hasStatusOk();
        assertThat(heightOf(address)).isEqualTo(420);
        assertThat(send("PUT", "/api/v1/label-sheet", Map.of("sheet", "LETTER")))
                .hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        assertThat(send("PUT", "/api/v1/label-sheet", Map.of("sheet", "LABEL"))).hasStatusOk();
    }

    private long heightOf(String address) throws IOException {
        try (PDDocument label = paper(address)) {
            return Math.round(label.getPage(0).getMediaBox().getHeight());
        }
    }

    @Test
    void eachPackageHasASheetWithItsLabelToPeelOff() throws IOException {
        ObjectNode design = copy("SD peel off");
        design.putObject("peelOff")
                .put("left", "0.25 in")
                .put("top", "4.75 in")
                .put("width", "8 in")
                .put("height", "6 in");
        assertThat(add(design)).hasStatusOk();
        assertThat(choose("AT_HOME", "SD peel off")).hasStatusOk();
        // the label is turned, and read letter by letter
        assertThat(slipOf("SD-41").replaceAll("\\s", ""))
                .contains("Packingslip", "Package1of1", "PloverGround")
                .containsOnlyOnce("TRACKINGNUMBER");
        // as if its measures had been kept in another notation
        database.update("UPDATE paper_design SET definition = REPLACE(definition, '0.25 in', '5 apples')"
                + " WHERE name = 'SD peel off'");
        assertThat(choose("AT_HOME", "SD peel off")).hasStatusOk();
        assertThat(slipOf("SD-42")).contains("Package 1 of 1").doesNotContain("TRACKING");
        assertThat(row("SD peel off").path("problem").asString()).contains("SD-42", "“apples” is no unit");
        ((ObjectNode) design.path("peelOff")).put("left", "5 in");
        assertThat(json(preview(design, "")).path("thing").asString()).isEqualTo("The peel-off label");
        ((ObjectNode) design.path("peelOff")).put("left", "5 apples");
        assertThat(preview(design, "")).hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
    }

    @Test
    void whoDoesNotKeepRulesMakesNoDesigns() {
        assertThat(send("POST", DESIGNS, copy("SD packer"), "rufus", "PACKER")).hasStatus(HttpStatus.FORBIDDEN);
        assertThat(send("PUT", DESIGNS + "/default", Map.of("use", "ABROAD", "name", "standard"), "rufus", "PACKER"))
                .hasStatus(HttpStatus.FORBIDDEN);
    }

    private MvcTestResult logo(String name, byte[] content) {
        return mvc.post()
                .uri(DESIGNS + "/logo")
                .multipart()
                .file(new MockMultipartFile("file", name, "application/octet-stream", content))
                .with(user(INES).roles("COORDINATOR"))
                .with(csrf().asHeader())
                .exchange();
    }

    private static byte[] png(int width, int height) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB), "png", out);
        return out.toByteArray();
    }

    private static byte[] svg(String inside) {
        return ("<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"60\" height=\"20\">" + inside + "</svg>")
                .getBytes(StandardCharsets.UTF_8);
    }

    @Test
    void aLogoIsMadeAsSmallAsPaperNeedsItAndPrinted() throws IOException {
        JsonNode picture = json(logo("logo.png", png(4_000, 1_000)));
        byte[] small = Base64.getDecoder().decode(picture.path("content").asString());
        assertThat(ImageIO.read(new ByteArrayInputStream(small)).getWidth()).isEqualTo(827);
        JsonNode drawing = json(logo("logo.svg", svg("<rect width=\"60\" height=\"20\" fill=\"#c00\"/>")));
        assertThat(drawing.path("kind").asString()).isEqualTo("SVG");
        ObjectNode design = copy("SD logo");
        saying(design, "LOGO", "");
        design.set("logo", drawing);
        JsonNode page = json(preview(design, ""));
        byte[] printed = Base64.getDecoder().decode(page.path("picture").asString());
        BufferedImage seen = ImageIO.read(new ByteArrayInputStream(printed));
        boolean red = false;
        for (int x = 0; x < seen.getWidth() && !red; x += 3) {
            for (int y = 0; y < seen.getHeight() && !red; y += 3) {
                red = (seen.getRGB(x, y) & 0xFFFFFF) == 0xCC0000;
            }
        }
        assertThat(red).as("the drawing is on the slip").isTrue();
        design.set("logo", picture);
        assertThat(preview(design, "")).hasStatusOk();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "<script>alert(1)</script>",
                "<image href=\"http://127.0.0.1/x.png\"/>",
                "<rect onload=\"x()\"/>",
                "<foreignObject/>",
                "<style>@import url(http://127.0.0.1/x.css);</style>",
                "<rect style=\"fill: url(http://127.0.0.1/x#y)\"/>",
                "<use href=\"#a\"/>",
                "<g>"
            })
    void aLogoThatActsOrFetchesIsRefused(String inside) {
        MvcTestResult refused = logo("logo.svg", svg(inside));
        assertThat(refused).hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        assertThat(json(refused).path("thing").asString()).isEqualTo("The logo");
    }

    @Test
    void aLogoThatIsTooLargeOrNoPictureIsRefused() throws IOException {
        assertThat(logo("logo.png", new byte[Limits.LOGO_FILE_BYTES + 1])).hasStatus4xxClientError();
        assertThat(logo("logo.png", "nonsense".getBytes(StandardCharsets.UTF_8)))
                .hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        byte[] cut = png(400, 100);
        assertThat(logo("logo.png", Arrays.copyOf(cut, 40))).hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        ObjectNode design = copy("SD bad logo");
        design.putObject("logo").put("kind", "PNG").put("content", "not base64!");
        assertThat(add(design)).hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        assertThat(add(copy("  "))).hasStatus4xxClientError();
    }
}
