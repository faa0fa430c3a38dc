package nobrec.server.document;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import nobrec.server.ServerTest;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.springframework.beans.factory.annotation.Autowired;
import tools.jackson.databind.JsonNode;

/** A packed paper is small, and unpacked it is the same, byte for byte. */
class PaperPackingTest extends ServerTest {

    @Autowired
    private PaperAging aging;

    @Autowired
    private Papers papers;

    @Test
    void aPaperIsTheSameBeforeAndAfterItIsPacked() throws IOException {
        JsonNode gone = json(ship(weighedJob("PP-1", "Plover Ground")));
        List<Long> ids = database.queryForList(
                "SELECT id FROM paper WHERE subject_kind = 'SHIPMENT' AND subject_id = ?",
                Long.class,
                gone.path("id").asLong());
        assertThat(ids).hasSize(2);
        List<byte[]> before = ids.stream().map(papers::pdf).toList();
        while (aging.packMadeBefore(clock.instant().plusSeconds(1)) > 0) {
            assertThat(before).isNotEmpty();
        }
        for (int index = 0; index < ids.size(); index++) {
            assertThat(papers.pdf(ids.get(index))).isEqualTo(before.get(index));
            Map<String, Object> kept = database.queryForMap(
                    "SELECT packing, LENGTH(pdf) AS bytes FROM paper WHERE id = ?", ids.get(index));
            assertThat(kept.get("packing")).isEqualTo(PaperPacking.NEWEST);
            assertThat(((Number) kept.get("bytes")).intValue()).isLessThan(8_000);
        }
        papers.open(ids.get(0), INES);
        assertThat(database.queryForObject(
                        "SELECT COUNT(*) FROM audit_log WHERE act = 'opened a paper' AND thing = ?",
                        Integer.class,
                        "Shipment " + gone.path("id").asLong()))
                .isEqualTo(1);
        try (PDDocument label = Loader.loadPDF(papers.pdf(ids.get(0)))) {
            assertThat(new PDFTextStripper().getText(label)).contains("PP-1");
        }
    }

    /** A dictionary that changed would make every paper unreadable that was packed by it. */
    @Test
    void theDictionaryIsTheOneThatPapersWerePackedBy() throws Exception {
        byte[] bytes = PaperPackingTest.class
                .getResourceAsStream("/paper/dictionary-1.bin")
                .readAllBytes();
        assertThat(HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes)))
                .isEqualTo("257d9d7a30a1f33097e9d4da81d78ddab0a829c820e209a858e536aa5232db91");
    }

    /** How dictionary 1 was made: papers with every letter, so that the outlines of the fonts are in it. */
    @Test
    @EnabledIfSystemProperty(named = "nobrec.dictionary", matches = ".+")
    void makesADictionary() throws IOException {
        String letters = "ABCDEFGHIJKLMNOPQRSTUVWXYZ abcdefghijklmnopqrstuvwxyz 0123456789-.:/()&";
        String heading = new String(demoFile("orders-tuesday.csv"), StandardCharsets.UTF_8)
                .lines()
                .findFirst()
                .orElseThrow();
        drop(
                "orders.csv",
                (heading + "\r\nPP-DICTIONARY," + letters + "," + letters + "," + letters + "," + letters + ",88 "
                                + letters
                                + ",,Madison,WI,53703,US,(608) 555-0142,,12/04/2026,Plover Ground,we pay and bill,SK-3,"
                                + letters + ",5,0.5,")
                        .getBytes(StandardCharsets.UTF_8));
        JsonNode bench = json(send("POST", "/api/v1/shipments", Map.of("job", "PP-DICTIONARY")));
        JsonNode gone = json(ship(json(send(
                "PUT",
                "/api/v1/shipments/" + bench.path("id").asLong() + "/packages/1/weight",
                Map.of("text", "3.1")))));
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        database.queryForList(
                        "SELECT id FROM paper WHERE subject_id = ? ORDER BY id DESC",
                        Long.class,
                        gone.path("id").asLong())
                .forEach(id -> out.writeBytes(papers.pdf(id)));
        Files.write(Path.of(System.getProperty("nobrec.dictionary")), out.toByteArray());
        assertThat(out.size()).isPositive();
    }
}
