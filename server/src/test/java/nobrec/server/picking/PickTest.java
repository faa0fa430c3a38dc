package nobrec.server.picking;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import nobrec.server.ServerTest;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.text.PDFTextStripper;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpStatus;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

/** Who fetches the pieces has what is ready and has not left, and nothing else. */
class PickTest extends ServerTest {

    private MvcTestResult paper(String address, String role) {
        return mvc.get()
                .uri("/api/v1/" + address)
                .with(user("rufus").roles(role).authorities(List.of()))
                .exchange();
    }

    private PDDocument opened(String address) throws IOException {
        MvcTestResult answer = mvc.get()
                .uri("/api/v1/" + address)
                .with(user(INES).roles("COORDINATOR"))
                .exchange();
        assertThat(answer).hasStatusOk();
        return Loader.loadPDF(answer.getResponse().getContentAsByteArray());
    }

    private static String text(PDDocument document) throws IOException {
        return new PDFTextStripper().getText(document);
    }

    @Test
    void aSlipForEachWithWhatIsToBeFetched() throws IOException {
        bringIn("PK-1", "Plover Ground", 5);
        bringIn("PK-2", "Plover Ground", 3);
        try (PDDocument slips = opened("pick-slips?job=PK-2&job=PK-1&job=PK-2")) {
            assertThat(slips.getNumberOfPages())
                    .as("each on a page, none twice")
                    .isEqualTo(2);
            String text = text(slips);
            assertThat(text)
                    .contains("Pick: job PK-1", "SK-3", "Seal kit", "Quillfeather", "Picked by", "Plover Ground");
            assertThat(text.indexOf("job PK-2")).as("in the order asked for").isLessThan(text.indexOf("job PK-1"));
        }
        try (PDDocument slips = opened("pick-slips?job=PK-1&job=PK-2&onePage=false&sheet=A4")) {
            assertThat(slips.getNumberOfPages()).as("one after the other").isOne();
            assertThat(slips.getPage(0).getMediaBox().getWidth()).isCloseTo(PDRectangle.A4.getWidth(), within());
        }
        try (PDDocument slips = opened("pick-slips?job=PK-1&sheet=LABEL")) {
            assertThat(slips.getPage(0).getMediaBox().getHeight()).isCloseTo(6 * 72f, within());
            assertThat(text(slips)).contains("SK-3");
        }
    }

    private static Offset<Float> within() {
        return Offset.offset(1f);
    }

    @Test
    void theListIsSummedByShelfAndSaysForWhichJob() throws IOException {
        bringIn("PK-11", "Plover Ground", 5);
        bringIn("PK-12", "Plover Ground", 3);
        try (PDDocument list = opened("pick-list?job=PK-11&job=PK-12")) {
            assertThat(text(list)).contains("2 jobs, 8 pieces", "SK-3", "5 for PK-11, 3 for PK-12");
        }
        ship(json(send(
                "PUT",
                "/api/v1/shipments/"
                        + json(send("POST", "/api/v1/shipments", Map.of("job", "PK-11")))
                                .path("id")
                                .asLong()
                        + "/packages/1/weight",
                Map.of("text", "3.1"))));
        try (PDDocument list = opened("pick-list?job=PK-11&job=PK-12")) {
            assertThat(text(list))
                    .as("what has left is not fetched")
                    .contains("1 job, 3 pieces")
                    .doesNotContain("PK-11");
        }
        assertThat(paper("pick-list?job=PK-11", "PACKER")).hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
    }

    @Test
    void aJobListSaysWhatWasChosenInTheOrderAskedFor() throws IOException {
        bringIn("PK-21", "Plover Ground", 5);
        bringIn("PK-22", "Plover Ground", 3);
        String chosen = "&field=CUSTOMER&field=PIECES&field=WEIGHT";
        try (PDDocument list = opened("job-list?job=PK-22&job=PK-21&job=PK-22" + chosen)) {
            assertThat(list.getNumberOfPages()).as("one after the other").isOne();
            assertThat(text(list))
                    .containsSubsequence("Job PK-22", "Quillfeather", "Pieces 3", "1.50 lb", "Job PK-21", "2.50 lb")
                    .doesNotContain("Seal kit", "Plover Ground");
        }
        try (PDDocument list = opened("job-list?job=PK-22&job=PK-21&field=LINES&field=BARCODE&onePage=true&sheet=A6")) {
            assertThat(list.getNumberOfPages()).as("each on a page").isEqualTo(2);
            assertThat(text(list)).contains("Seal kit").doesNotContain("Quillfeather");
        }
        assertThat(paper("job-list?job=PK-21", "PACKER")).as("nothing chosen").hasStatus4xxClientError();
        assertThat(paper("job-list?job=PK-21&field=SECRET", "PACKER")).hasStatus4xxClientError();
    }

    @Test
    void whatCannotBePrintedIsRefused() {
        assertThat(paper("pick-slips", "PACKER")).hasStatus4xxClientError();
        assertThat(paper("pick-slips?job=PK-404", "PACKER")).hasStatus(HttpStatus.NOT_FOUND);
        assertThat(paper("pick-slips?job=PK-404&sheet=A0", "PACKER")).hasStatus4xxClientError();
        String many =
                IntStream.range(0, 201).mapToObj(number -> "job=X" + number).collect(Collectors.joining("&"));
        assertThat(paper("pick-list?" + many, "PACKER")).hasStatus4xxClientError();
    }
}
