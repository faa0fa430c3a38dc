package nobrec.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.StaleElementReferenceException;
import org.openqa.selenium.support.ui.Select;
import org.openqa.selenium.support.ui.WebDriverWait;

/** An export shipment from its stop to its papers; a printer that fails and comes back. */
class AbroadAndPrintersTest {

    private static final String ORDERS = String.join(
            "\n",
            "Order No,Customer,Ship To,Street,City,State,ZIP,Country,Phone,Ship Via,Item,Description,Qty,Unit Wt lb,Unit Value,HS Code,Origin",
            "E2E-851,Maple Works,Maple Works,8 King St,Toronto,ON,M5V 2T6,CA,+1 416 555 0142,Dunlin Worldwide,E2E-RING,Ring,4,0.5,12.00,401,US");

    private final Application application = Application.running();

    @AfterEach
    void thePrinterIsReadyAgain() {
        application.printerTrouble("label-printer", "NONE");
    }

    private static void bring(Desk desk) {
        desk.pressWithAlt("2");
        desk.waitFor("table");
        desk.dropFile("abroad-orders.csv", ORDERS);
        desk.waitForText("1 went in");
    }

    @Test
    void anExportGoesFromItsStopToWhatItsPapersSay() {
        try (Desk desk = new Desk(application).signIn("ines")) {
            bring(desk);
            desk.open("/bench?job=E2E-851");
            desk.waitForText("“401” is no HS code: it has 3 digits.");
            desk.waitForText("Duty and tax in Canada are not in these prices");
            desk.pressWithAlt("b");
            desk.waitForText("Customs of job E2E-851");
            desk.tabTo("HS code, job E2E-851, line 1");
            desk.press(Keys.chord(Keys.CONTROL, "a"));
            desk.type("4016.93");
            desk.press(Keys.ENTER);
            desk.waitForText("Customs has all it wants to know.");
            assertThat(desk.textOf("section[aria-label='Packages and papers']"))
                    .contains("commercial invoice, 3 copies", "statement of origin, 1 copy", "48.00");
            desk.press(Keys.ESCAPE);
            desk.press("b");
            desk.waitForText("Read scale");
            desk.waitUntilGone("is no HS code");
        }
    }

    @Test
    void whatAPrinterThatIsOffHasWaitsAndComesOutOnce() {
        try (Desk desk = new Desk(application).signIn("ines")) {
            desk.waitForText("Jobs by departure");
            desk.pressWithAlt("u");
            desk.waitForText("dots at 203 dpi");
            choosePrinter(desk, "Label printer");
            desk.waitFor("select[aria-label='Copies of Label']");
            application.printerTrouble("label-printer", "OFF");
            desk.waitFor("button[aria-label='Test page on Label printer']").click();
            desk.waitForText("Label printer does not answer");
            assertThat(desk.textOf("section[aria-label='Print jobs']")).contains("waits", "Test page");
            application.printerTrouble("label-printer", "NONE");
            new WebDriverWait(desk.browser(), Duration.ofSeconds(45))
                    .until(now -> now.findElement(By.cssSelector("section[aria-label='Print jobs']"))
                            .getText()
                            .contains("printed"));
            assertThat(application.pageOutside("/label-printer")).containsOnlyOnce("completed");
            choosePrinter(desk, "opens as PDF");
        }
    }

    /** What was found may have been put there again before it is clicked. */
    private static void choosePrinter(Desk desk, String name) {
        new WebDriverWait(desk.browser(), Duration.ofSeconds(20))
                .ignoring(StaleElementReferenceException.class)
                .until(now -> {
                    new Select(desk.waitFor("select[aria-label='Printer for Label']")).selectByVisibleText(name);
                    return true;
                });
    }
}
