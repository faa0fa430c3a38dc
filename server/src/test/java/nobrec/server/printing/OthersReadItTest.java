package nobrec.server.printing;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;
import nobrec.server.ServerTest;
import nobrec.standins.printer.RasterPages;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors;
import tools.jackson.databind.JsonNode;

/** What we print is taken by a printer that is not ours, and read by a reader of barcodes that is not ours: zbarimg. */
class OthersReadItTest extends ServerTest {

    @Autowired
    private PrintWorker worker;

    private static Map<String, Object> route(String kind, String printer) {
        return Map.of("kind", kind, "printer", printer, "copies", 1, "tray", "");
    }

    @Test
    void aPrinterThatIsNotOursTakesLabelAndSlipAndSaysThatTheyAreOut() throws Exception {
        try (VirtualPrinter virtual = new VirtualPrinter()) {
            JsonNode rows = json(send(
                            "POST",
                            "/api/v1/printers",
                            Map.of("name", "Virtual", "address", virtual.address()),
                            "admin",
                            "ADMINISTRATOR"))
                    .path("rows");
            JsonNode printer = rows.get(rows.size() - 1);
            for (JsonNode row : rows) {
                printer = row.path("name").asString().equals("Virtual") ? row : printer;
            }
            assertThat(printer.path("state").asString()).as("%s", printer).isEqualTo("IDLE");
            String code = printer.path("code").asString();
            List<Object> routes = List.of(route("LABEL", code), route("PACKING_SLIP", code));
            send("PUT", "/api/v1/print-routes", Map.of("desk", "virtual", "rows", routes));
            JsonNode bench = json(ship(weighedJob("PRN-21", "Plover Ground")));
            List<Long> papers = new ArrayList<>();
            bench.path("papers").forEach(paper -> papers.add(paper.path("id").asLong()));
            send("POST", "/api/v1/print-jobs", Map.of("desk", "virtual", "of", "job PRN-21", "papers", papers));
            Awaitility.await()
                    .atMost(Duration.ofSeconds(60))
                    .pollInterval(Duration.ofMillis(200))
                    .until(() -> {
                        clock.pass(Duration.ofSeconds(40));
                        worker.run();
                        JsonNode jobs = get("/api/v1/print-jobs").path("rows");
                        return jobs.get(0).path("state").asString().equals("PRINTED")
                                && jobs.get(1).path("state").asString().equals("PRINTED");
                    });
            assertThat(virtual.taken(".pdf")).hasSize(1);
            assertThat(virtual.taken(".pwg")).hasSize(1);
            BufferedImage label = RasterPages.read(
                            Files.readAllBytes(virtual.taken(".pwg").get(0)))
                    .get(0)
                    .picture();
            assertThat(read(label))
                    .contains(
                            bench.path("packages").get(0).path("trackingNumber").asString());
            send("PUT", "/api/v1/print-routes", Map.of("desk", "virtual", "rows", List.of()));
        }
    }

    @Test
    void theBarcodesOfEveryPaperAreReadByAnotherReader() throws Exception {
        JsonNode bench = json(ship(weighedJob("PRN-22", "Plover Ground")));
        String tracking = bench.path("packages").get(0).path("trackingNumber").asString();
        assertThat(read(picture(bench.path("papers").get(0)))).contains(tracking);
        assertThat(read(picture(bench.path("papers").get(1)))).contains("PRN-22");
    }

    private BufferedImage picture(JsonNode paper) throws IOException {
        byte[] pdf = mvc.get()
                .uri(paper.path("address").asString())
                .with(SecurityMockMvcRequestPostProcessors.user(INES).roles("COORDINATOR"))
                .exchange()
                .getResponse()
                .getContentAsByteArray();
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return new PDFRenderer(document).renderImageWithDPI(0, 203);
        }
    }

    private static List<String> read(BufferedImage picture) throws IOException, InterruptedException {
        Path file = Files.createTempFile("page", ".png");
        ImageIO.write(picture, "png", file.toFile());
        Process zbar = new ProcessBuilder("zbarimg", "-q", "--raw", file.toString()).start();
        String said = new String(zbar.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        zbar.waitFor();
        Files.delete(file);
        return said.lines().toList();
    }
}
