package nobrec.server.printing;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.client.j2se.BufferedImageLuminanceSource;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.oned.Code128Reader;
import java.awt.image.BufferedImage;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CyclicBarrier;
import java.util.concurrent.TimeUnit;
import nobrec.server.ServerTest;
import nobrec.standins.StandIns;
import nobrec.standins.printer.PrintedJob;
import nobrec.standins.printer.PrinterStandIn;
import nobrec.standins.printer.PrinterTrouble;
import nobrec.standins.printer.RasterPages;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import tools.jackson.databind.JsonNode;

/** Papers come out of the printer that their desk has for them, once, whatever the printer does meanwhile. */
class PrintingTest extends ServerTest {

    @Autowired
    private PrintWorker worker;

    private final PrinterStandIn labels = standIn().labels();
    private final PrinterStandIn office = standIn().pages();
    private int labelsBefore;
    private int pagesBefore;

    private static StandIns.Printing standIn() {
        return standIns().printers();
    }

    @BeforeEach
    void everyLabelGoesToTheLabelPrinter() {
        send(
                "PUT",
                "/api/v1/print-routes",
                Map.of(
                        "desk",
                        "",
                        "rows",
                        List.of(route("LABEL", "LABELS", 1, ""), route("PACKING_SLIP", "OFFICE", 2, "tray-2"))));
        labelsBefore = labels.jobs().size();
        pagesBefore = office.jobs().size();
    }

    @AfterEach
    void printersAreReadyAgain() {
        labels.have(PrinterTrouble.NONE);
        office.have(PrinterTrouble.NONE);
        settle();
        send("PUT", "/api/v1/print-routes", Map.of("desk", "", "rows", List.of()));
    }

    private static Map<String, Object> route(String kind, String printer, int copies, String tray) {
        return Map.of("kind", kind, "printer", printer, "copies", copies, "tray", tray);
    }

    /** Turns of the worker until nothing changes any more. */
    private void settle() {
        for (int turn = 0; turn < 4; turn++) {
            clock.pass(Duration.ofMinutes(1));
            worker.run();
        }
    }

    private JsonNode print(JsonNode bench, String desk) {
        List<Long> papers = new ArrayList<>();
        bench.path("papers").forEach(paper -> papers.add(paper.path("id").asLong()));
        return json(send(
                "POST",
                "/api/v1/print-jobs",
                Map.of("desk", desk, "of", "job " + bench.path("job").asString(), "papers", papers)));
    }

    private JsonNode newest(int back) {
        return get("/api/v1/print-jobs").path("rows").get(back);
    }

    private List<PrintedJob> newLabels() {
        return labels.jobs().subList(labelsBefore, labels.jobs().size());
    }

    private List<PrintedJob> newPages() {
        return office.jobs().subList(pagesBefore, office.jobs().size());
    }

    private JsonNode shipped(String job) {
        return json(ship(weighedJob(job, "Plover Ground")));
    }

    @Test
    void eachPaperComesOutWhereItsKindGoes() throws Exception {
        JsonNode bench = shipped("PRN-1");
        JsonNode asked = print(bench, "bench 1");
        assertThat(asked.path("queued").asInt()).isEqualTo(2);
        assertThat(asked.path("asPdf")).isEmpty();
        settle();
        assertThat(newLabels()).singleElement().matches(PrintedJob::isPrinted);
        assertThat(newPages())
                .singleElement()
                .matches(job -> job.copies() == 2 && job.format().equals("application/pdf"));
        assertThat(newest(0).path("state").asString()).isEqualTo("PRINTED");
        PrintedJob label = newLabels().get(0);
        assertThat(label.format()).isEqualTo("image/pwg-raster");
        assertThat(label.media()).isEqualTo("na_index-4x6_4x6in");
        RasterPages.Page page = RasterPages.read(label.document()).get(0);
        assertThat(page.resolution()).isEqualTo(203);
        assertThat(page.picture().getWidth()).isEqualTo(812);
        assertThat(barcode(page.picture()))
                .isEqualTo(bench.path("packages").get(0).path("trackingNumber").asString());
    }

    private static String barcode(BufferedImage picture) throws Exception {
        BufferedImage lower = picture.getSubimage(
                0, picture.getHeight() / 2, picture.getWidth(), picture.getHeight() - picture.getHeight() / 2);
        return new Code128Reader()
                .decode(new BinaryBitmap(new HybridBinarizer(new BufferedImageLuminanceSource(lower))))
                .getText();
    }

    @Test
    void whatNoPrinterIsSetForIsNamedToBeOpened() {
        JsonNode bench = shipped("PRN-2");
        send("PUT", "/api/v1/print-routes", Map.of("desk", "", "rows", List.of(route("LABEL", "LABELS", 1, ""))));
        JsonNode asked = print(bench, "");
        assertThat(asked.path("queued").asInt()).isEqualTo(1);
        assertThat(asked.path("asPdf")).hasSize(1);
    }

    @Test
    void aDeskOfItsOwnPrintsWhereItSays() {
        send(
                "PUT",
                "/api/v1/print-routes",
                Map.of("desk", "loading door", "rows", List.of(route("LABEL", "OFFICE", 1, ""))));
        JsonNode bench = shipped("PRN-3");
        print(bench, "loading door");
        settle();
        assertThat(newLabels()).isEmpty();
        assertThat(newPages()).as("label and slip").hasSize(2);
        send("PUT", "/api/v1/print-routes", Map.of("desk", "loading door", "rows", List.of()));
    }

    @Test
    void whatIsOffOrOutOfPaperPrintsOnceWhenItIsBack() {
        JsonNode bench = shipped("PRN-4");
        labels.have(PrinterTrouble.OFF);
        print(bench, "");
        settle();
        assertThat(newLabels()).isEmpty();
        assertThat(newest(1).path("state").asString()).isEqualTo("WAITING");
        assertThat(newest(1).path("said").asString()).startsWith("Label printer does not answer");
        labels.have(PrinterTrouble.OUT_OF_PAPER);
        settle();
        assertThat(newest(1).path("state").asString()).isEqualTo("SENT");
        assertThat(newest(1).path("said").asString()).isEqualTo("It is out of paper.");
        JsonNode printer = get("/api/v1/printers").path("rows").get(0);
        assertThat(printer.path("said").asString()).isEqualTo("It is out of paper.");
        labels.have(PrinterTrouble.NONE);
        settle();
        assertThat(newLabels()).singleElement().matches(PrintedJob::isPrinted);
        assertThat(newest(1).path("state").asString()).isEqualTo("PRINTED");
    }

    @Test
    void aPrinterThatTakesItAndDiesPrintsItOnce() {
        JsonNode bench = shipped("PRN-5");
        labels.have(PrinterTrouble.TAKES_AND_DIES);
        print(bench, "");
        settle();
        long id = newest(1).path("id").asLong();
        assertThat(newest(1).path("state").asString()).isEqualTo("WAITING");
        assertThat(send("POST", "/api/v1/print-jobs/" + id + "/again", Map.of("printer", "OFFICE"))
                        .getResponse()
                        .getStatus())
                .as("it may be there already")
                .isEqualTo(409);
        assertThat(send("POST", "/api/v1/print-jobs/" + id + "/call-off", Map.of())
                        .getResponse()
                        .getStatus())
                .isEqualTo(409);
        labels.have(PrinterTrouble.NONE);
        settle();
        assertThat(newLabels()).singleElement().matches(PrintedJob::isPrinted);
        assertThat(newest(1).path("state").asString()).isEqualTo("PRINTED");
    }

    @Test
    void whatAPrinterHasForgottenIsForAPersonToJudge() {
        JsonNode bench = shipped("PRN-6");
        labels.have(PrinterTrouble.OUT_OF_PAPER);
        print(bench, "");
        settle();
        labels.have(PrinterTrouble.FORGETS);
        labels.have(PrinterTrouble.NONE);
        settle();
        JsonNode job = newest(1);
        assertThat(job.path("state").asString()).isEqualTo("FAILED");
        assertThat(job.path("said").asString()).contains("Look whether it came out");
        send("POST", "/api/v1/print-jobs/" + job.path("id").asLong() + "/again", Map.of("printer", "OFFICE"));
        settle();
        assertThat(newest(0).path("state").asString()).isEqualTo("PRINTED");
        assertThat(newPages()).hasSize(2);
    }

    @Test
    void aBusyPrinterIsAskedAgainAndTheOrderStays() {
        JsonNode bench = shipped("PRN-7");
        labels.have(PrinterTrouble.BUSY);
        print(bench, "");
        print(bench, "");
        settle();
        assertThat(newLabels()).isEmpty();
        labels.have(PrinterTrouble.NONE);
        settle();
        assertThat(newLabels()).hasSize(2);
        assertThat(newLabels()).extracting(PrintedJob::name).isSorted();
    }

    /** Two desks, and two servers that see to the same printer. */
    @Test
    void twoDesksWithOnePrinterPrintEachOnce() throws Exception {
        JsonNode bench = shipped("PRN-8");
        CyclicBarrier together = new CyclicBarrier(2);
        List<Thread> desks = new ArrayList<>();
        for (String desk : List.of("one", "two")) {
            Thread thread = new Thread(() -> {
                try {
                    together.await(10, TimeUnit.SECONDS);
                } catch (Exception late) {
                    throw new IllegalStateException(late);
                }
                print(bench, desk);
                worker.run();
            });
            thread.start();
            desks.add(thread);
        }
        for (Thread desk : desks) {
            desk.join();
        }
        settle();
        Awaitility.await()
                .atMost(Duration.ofSeconds(10))
                .untilAsserted(() -> assertThat(newLabels()).hasSize(2).allMatch(PrintedJob::isPrinted));
        assertThat(newLabels()).extracting(PrintedJob::name).doesNotHaveDuplicates();
    }

    @Test
    void oneThatWaitsIsCalledOffAndOneThatThePrinterHasIsAskedBack() {
        JsonNode bench = shipped("PRN-9");
        labels.have(PrinterTrouble.OUT_OF_PAPER);
        print(bench, "");
        settle();
        send("POST", "/api/v1/print-jobs/" + newest(1).path("id").asLong() + "/call-off", Map.of());
        settle();
        labels.have(PrinterTrouble.NONE);
        settle();
        assertThat(newLabels()).singleElement().matches(job -> !job.isPrinted());
        assertThat(newest(1).path("state").asString()).isEqualTo("CALLED_OFF");
    }

    /** Killed between the intent and the call: the printer knows nothing of it, so that it is sent. */
    @Test
    void whatWasAboutToBeSentWhenAServerDiedIsSentOnce() {
        JsonNode bench = shipped("PRN-10");
        labels.have(PrinterTrouble.OFF);
        print(bench, "");
        settle();
        database.update(
                "UPDATE print_job SET tried = TRUE WHERE id = ?",
                newest(1).path("id").asLong());
        labels.have(PrinterTrouble.NONE);
        settle();
        assertThat(newLabels()).singleElement().matches(PrintedJob::isPrinted);
    }

    @Test
    void whileOneServerSpeaksWithAPrinterNoOtherDoes() {
        JsonNode bench = shipped("PRN-11");
        print(bench, "");
        database.update("UPDATE printer SET lease_until = '2027-01-01' WHERE code = 'LABELS'");
        send("POST", "/api/v1/printers/LABELS/look", Map.of());
        settle();
        assertThat(newLabels()).as("a look frees nothing").isEmpty();
        database.update("UPDATE printer SET lease_until = NULL WHERE code = 'LABELS'");
        settle();
        assertThat(newLabels()).singleElement().matches(PrintedJob::isPrinted);
    }

    @Test
    void aPaperThatCannotBeReadFailsAlone() {
        JsonNode broken = shipped("PRN-12");
        JsonNode whole = shipped("PRN-13");
        database.update(
                "UPDATE paper SET pdf = 'no page', packing = 0 WHERE id = ?",
                broken.path("papers").get(0).path("id").asLong());
        print(broken, "");
        print(whole, "");
        settle();
        assertThat(newLabels()).singleElement().matches(PrintedJob::isPrinted);
        assertThat(get("/api/v1/print-jobs?state=FAILED")
                        .path("rows")
                        .get(0)
                        .path("said")
                        .asString())
                .startsWith("The paper could not be made ready");
    }

    private static JsonNode named(JsonNode rows, String name) {
        for (JsonNode row : rows) {
            if (row.path("name").asString().equals(name)) {
                return row;
            }
        }
        throw new AssertionError("No printer " + name);
    }

    @Test
    void aPrinterIsFoundByItsAddressAndTestedByAPage() {
        String address = "ipp://127.0.0.1:" + standIns().httpPort() + "/office-printer";
        JsonNode rows = json(send(
                        "POST",
                        "/api/v1/printers",
                        Map.of("name", "Beloit counter", "address", address),
                        "admin",
                        "ADMINISTRATOR"))
                .path("rows");
        JsonNode found = named(rows, "Beloit counter");
        assertThat(found.path("state").asString()).isEqualTo("IDLE");
        assertThat(found.path("trays")).hasSize(2);
        String code = found.path("code").asString();
        send("POST", "/api/v1/printers/" + code + "/test-page", Map.of());
        settle();
        assertThat(newPages()).singleElement().matches(job -> job.format().equals("image/pwg-raster"));
        assertThat(newest(0).path("state").asString()).isEqualTo("PRINTED");
        assertThat(send(
                                "POST",
                                "/api/v1/printers",
                                Map.of("name", "beloit COUNTER", "address", address),
                                "admin",
                                "ADMINISTRATOR")
                        .getResponse()
                        .getStatus())
                .as("one of that name is there")
                .isEqualTo(409);
        assertThat(send(
                                "POST",
                                "/api/v1/printers",
                                Map.of("name", "Nothing", "address", "file:///etc/passwd"),
                                "admin",
                                "ADMINISTRATOR")
                        .getResponse()
                        .getStatus())
                .isEqualTo(422);
        assertThat(send("POST", "/api/v1/printers", Map.of("name", "Mine", "address", address))
                        .getResponse()
                        .getStatus())
                .isEqualTo(403);
    }

    @Test
    void whatIsNoPrinterIsSaidToBeNone() {
        String address = "http://127.0.0.1:" + standIns().httpPort() + "/books";
        JsonNode rows = json(send(
                        "POST",
                        "/api/v1/printers",
                        Map.of("name", "Zz no printer", "address", address),
                        "admin",
                        "ADMINISTRATOR"))
                .path("rows");
        JsonNode found = named(rows, "Zz no printer");
        assertThat(found.path("state").asString()).isEqualTo("UNREACHABLE");
        assertThat(found.path("said").asString()).isNotBlank();
    }
}
