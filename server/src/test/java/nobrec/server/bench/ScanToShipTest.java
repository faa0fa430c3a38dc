package nobrec.server.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.BinaryBitmap;
import com.google.zxing.DecodeHintType;
import com.google.zxing.NotFoundException;
import com.google.zxing.Result;
import com.google.zxing.client.j2se.BufferedImageLuminanceSource;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.multi.GenericMultipleBarcodeReader;
import com.google.zxing.oned.Code128Reader;
import java.io.IOException;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import nobrec.server.ServerTest;
import nobrec.standins.scale.Scale;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpStatus;
import tools.jackson.databind.JsonNode;

/** A slip's barcode ships its job where nothing is amiss, and stops at the first doubt. */
class ScanToShipTest extends ServerTest {

    private JsonNode scan(String text) {
        return json(send("POST", "/api/v1/scans-to-ship", Map.of("text", text, "scale", "", "frame", "")));
    }

    private static String outcome(JsonNode result) {
        return result.path("outcome").asString();
    }

    @Test
    void onePackageOnTheScaleGoesByOneScan() {
        bringIn("SC-1", "Godwit Parcel");
        JsonNode gone = scan("SC-1");
        assertThat(outcome(gone)).as(gone.toString()).isEqualTo("SHIPPED");
        assertThat(gone.path("trackingNumbers").get(0).asString()).startsWith("GP");
        assertThat(gone.path("papers")).hasSize(2);
        JsonNode again = scan("SC-1");
        assertThat(outcome(again)).isEqualTo("ALREADY");
        assertThat(again.path("trackingNumbers")).isEqualTo(gone.path("trackingNumbers"));
        assertThat(outcome(scan(gone.path("trackingNumbers").get(0).asString())))
                .isEqualTo("ALREADY");
    }

    @Test
    void aScaleThatDoesNotComeToRestLeavesItToAPerson() {
        bringIn("SC-2", "Godwit Parcel");
        standIns().scale().setMood(Scale.Mood.KEEPS_MOVING);
        JsonNode result = scan("SC-2");
        assertThat(outcome(result)).isEqualTo("LOOK");
        assertThat(result.path("remedy").asString()).isNotEmpty();
        assertThat(get("/api/v1/shipments?job=SC-2").path("state").asString()).isEqualTo("OPEN");
    }

    @Test
    void anyDoubtLeavesItToAPerson() {
        weighedJob("SC-3", "Dunlin Overnight");
        send("POST", "/api/v1/work-orders/holds", Map.of("jobs", List.of("SC-3"), "reason", "Asks for a drawing"));
        JsonNode result = scan("SC-3");
        assertThat(outcome(result)).isEqualTo("LOOK");
        assertThat(result.path("said").asString()).contains("Asks for a drawing");
        assertThat(outcome(scan("SC-none"))).isEqualTo("UNKNOWN");
        assertThat(send(
                        "POST",
                        "/api/v1/scans-to-ship",
                        Map.of("text", "SC-3", "scale", "", "frame", ""),
                        "odette",
                        "BOOKKEEPER"))
                .hasStatus(HttpStatus.FORBIDDEN);
    }

    /** Read back by another library than the one that draws them. */
    @Test
    void theCardsBarcodesAreReadBack() throws IOException, NotFoundException {
        byte[] pdf = mvc.get()
                .uri("/api/v1/scanner/act-card")
                .with(user(INES).roles("PACKER"))
                .exchange()
                .getResponse()
                .getContentAsByteArray();
        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertThat(document.getNumberOfPages()).isOne();
            BinaryBitmap picture = new BinaryBitmap(new HybridBinarizer(
                    new BufferedImageLuminanceSource(new PDFRenderer(document).renderImageWithDPI(0, 200))));
            Result[] found = new GenericMultipleBarcodeReader(new Code128Reader())
                    .decodeMultiple(
                            picture,
                            Map.of(
                                    DecodeHintType.TRY_HARDER,
                                    true,
                                    DecodeHintType.POSSIBLE_FORMATS,
                                    List.of(BarcodeFormat.CODE_128)));
            assertThat(Arrays.stream(found).map(Result::getText))
                    .contains("NOBREC-ACT-WEIGH", "NOBREC-ACT-SHIP", "NOBREC-ACT-VOID", "NOBREC-ACT-UNDO");
        }
    }
}
