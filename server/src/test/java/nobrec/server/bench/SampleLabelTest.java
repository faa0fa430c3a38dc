package nobrec.server.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import java.io.IOException;
import nobrec.server.ServerTest;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpStatus;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;

/** A sample label shows what the label will, marked across, and leaves no trace anywhere. */
class SampleLabelTest extends ServerTest {

    private MvcTestResult sample(JsonNode bench) {
        return mvc.get()
                .uri("/api/v1/shipments/" + bench.path("id").asLong() + "/packages/1/sample-label")
                .with(user(INES).roles("COORDINATOR"))
                .exchange();
    }

    private int count(String table) {
        return database.queryForObject("SELECT COUNT(*) FROM " + table, Integer.class);
    }

    @Test
    void itIsMarkedAndNothingIsKept() throws IOException {
        JsonNode bench = weighedJob("SA-1", "Plover Ground");
        int entries = count("outbox");
        int papers = count("paper");
        byte[] pdf = sample(bench).getResponse().getContentAsByteArray();
        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertThat(document.getNumberOfPages()).isEqualTo(1);
            assertThat(new PDFTextStripper().getText(document)).contains("SAMPLE", "SA-1", "Plover Ground");
        }
        assertThat(count("outbox")).isEqualTo(entries);
        assertThat(count("paper")).isEqualTo(papers);
        ship(bench);
        assertThat(sample(bench)).as("of what has left").hasStatus(HttpStatus.CONFLICT);
    }
}
