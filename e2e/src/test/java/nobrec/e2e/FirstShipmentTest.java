package nobrec.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.MethodOrderer.OrderAnnotation;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;

/** The whole job, once: from a dropped file to the books, by keyboard and scanner. */
@TestMethodOrder(OrderAnnotation.class)
class FirstShipmentTest {

    private final Application application = Application.running();
    private Desk desk;

    @BeforeEach
    void sitDown() {
        desk = new Desk(application).signIn("ines");
    }

    @AfterEach
    void leave() {
        desk.close();
    }

    @Test
    @Order(1)
    void departuresShowsTheDay() {
        desk.waitForText("Jobs by departure");
        assertThat(desk.screen())
                .contains(
                        "Tue, Dec 1", "3:15 PM", "Godwit Post", "4:30 PM", "Plover Parcel", "5:45 PM", "Dunlin Express")
                .contains("Will miss the promise");
    }

    @Test
    @Order(2)
    void aDroppedFileGoesInOnceAndTheFaultyRowsAreNamed() throws Exception {
        desk.pressWithAlt("2");
        desk.waitFor("table");
        desk.dropFile("orders-tuesday.csv", Files.readString(Application.DEMO.resolve("orders-tuesday.csv")));
        desk.waitForText("10 went in");
        assertThat(desk.textOf("section[aria-label='What came of the file']"))
                .contains("2 left out", "8 Promise 2421 “12/32/2026”", "13 Qty 2425 “1o”");
        desk.chooseFile(Application.DEMO.resolve("orders-tuesday.csv"));
        desk.waitForText("10 were here already");
        desk.open("/departures");
        desk.waitFor("a[href^='/jobs?report=']").click();
        desk.waitForText("8 Promise 2421 “12/32/2026”");
    }

    @Test
    @Order(3)
    void fromScanToLabelWithoutAMouse() {
        desk.waitFor("main h1");
        desk.scan("2417");
        desk.waitFor("section[aria-label=Packages]");
        desk.waitForText("Large padded envelope");
        assertThat(desk.screen()).contains("Job 2417 has no phone number. Dunlin Express needs one.", "3.55 lb");
        desk.press(Keys.F4);
        desk.waitForText("from the scale, stable");
        assertThat(desk.textOf("section[aria-label=Packages]")).contains("3.67 lb", "Layer 1 of 1");
        desk.press(Keys.F7);
        desk.type("(520) 555-0177");
        desk.press(Keys.ENTER);
        desk.waitForText("✓ All checks fine");
        desk.press(Keys.ESCAPE);
        desk.press(Keys.F9);
        desk.waitForText("zone 6");
        desk.press(Keys.F10);
        desk.waitForText("✓ Shipped");
        assertThat(desk.screen()).contains("by Ines Calloway", "DX9004170000", "customer pays 47.00");
        desk.waitFor("section[aria-label=Papers] img");
    }

    @Test
    @Order(4)
    void theOtherSideHasItAll() {
        desk.pressWithAlt("4");
        desk.waitForText("Invoice INV-10417 has the freight line.");
        desk.waitForText("Order 2417 says shipped.");
        desk.waitForText("is booked.");
        assertThat(desk.browser().findElements(By.xpath("//tr[td[text()='done']][td[.='2417']]")))
                .hasSize(4);
        assertThat(application.pageOutside("/books")).contains("INV-10417", "47.00", "DX9004170000");
        assertThat(application.pageOutside("/orderdesk")).contains("<td>2417</td>", "Dunlin Two Day");
        assertThat(application.pageOutside("/dunlin")).contains("Pellworth Robotics", "DX9004170000");
    }

    @Test
    @Order(5)
    void fromAnotherTabItIsRefusedWithWhoWhenAndWhichNumber() {
        try (Desk other = new Desk(application).signIn("tobin")) {
            for (Desk each : new Desk[] {desk, other}) {
                each.open("/bench/2418");
                each.waitForText("Long carton");
            }
            desk.press(Keys.F2);
            desk.type("20.1");
            desk.press(Keys.ENTER);
            desk.waitForText("typed; expected 20.50 lb");
            other.open("/bench/2418");
            other.waitForText("20.10 lb");
            desk.press(Keys.F10);
            desk.waitForText("✓ Shipped");
            other.press(Keys.F10);
            other.waitForText("It was shipped already, by Ines Calloway on Tue, Dec 1");
            assertThat(other.screen()).contains("with PV9");
        }
    }

    @Test
    @Order(6)
    void offersFollowWhileSheTypesAndAMouseChoosesToo() {
        desk.open("/bench/2426");
        desk.waitForText("not available");
        String before = desk.textOf("[data-service=PLV-GROUND]");
        desk.press(Keys.F2);
        desk.type("31");
        desk.waitForText("for the weight being typed");
        assertThat(desk.textOf("[data-service=PLV-GROUND]")).isNotEqualTo(before);
        assertThat(desk.textOf("[aria-label=Offers]")).contains("Godwit Light: up to 1 lb");
        desk.type(" stone");
        desk.waitForText("is no unit known here");
        desk.press(Keys.ESCAPE);
        desk.waitFor("[data-service=DUN-ONE] button").click();
        desk.waitForText("Chosen by hand.");
    }

    @Test
    @Order(7)
    void afterARestartAllIsStillThereAndPapersPrintAgain() throws Exception {
        desk.open("/bench/2417");
        desk.waitForText("✓ Shipped");
        String label = desk.browser()
                .findElement(By.cssSelector("section[aria-label=Papers] a"))
                .getDomProperty("href");
        byte[] before = paper(label);
        application.restartServer();
        desk.open("/bench/2417");
        desk.waitForText("✓ Shipped");
        assertThat(paper(label)).isEqualTo(before);
        try (var pdf = Loader.loadPDF(before)) {
            assertThat(new PDFTextStripper().getText(pdf)).contains("Pellworth Robotics", "2417", "1 of 1");
        }
    }

    private byte[] paper(String address) throws Exception {
        String session = desk.browser().manage().getCookieNamed("nobrec").getValue();
        return HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(address))
                                .header("Cookie", "nobrec=" + session)
                                .build(),
                        HttpResponse.BodyHandlers.ofByteArray())
                .body();
    }
}
