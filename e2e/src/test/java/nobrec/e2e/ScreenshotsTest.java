package nobrec.e2e;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import tools.jackson.databind.JsonNode;

/** Takes the pictures of docs/screenshots; run by {@code ./nobrec screenshots} only. */
@EnabledIfSystemProperty(named = "nobrec.screenshots", matches = ".+")
class ScreenshotsTest {

    /** Invented, like all of the demo's. */
    private static final String ATTENTION = String.join(
            "\n",
            "Order No,Customer,Ship To,Street,City,State,ZIP,Country,Phone,Promise,Ship Via,Item,Description,Qty,Qty Ready,Unit Wt lb,Hold",
            "2451,Tarn Hydraulics,Tarn Hydraulics,8 Mill Road,Tucson,NV,85701,US,,12/03/2026,Plover Ground,SK-9,Seal kit,4,1,0.2,",
            "2452,Corbel Machine Works,Corbel Machine Works,880 East Parkway,Tucson,AZ,85107,US,,12/03/2026,Plover Ground,"
                    + "NUT-9,Lock nut M12,40,,,credit office",
            "2453,Lark & Rowe,Lark & Rowe,18 Front Street,Toronto,ON,M5V2T,CA,,12/04/2026,Plover Ground,PIN-9,Clevis pin,4,,0.2,");

    private final Application application = Application.running();
    private final Path folder = Path.of(System.getProperty("nobrec.screenshots", "target"));

    @Test
    void takeThem() throws Exception {
        try (Desk desk = new Desk(application)) {
            desk.open("/");
            desk.waitFor("input[name=name]");
            desk.signIn("ines");
            desk.open("/jobs");
            desk.waitFor("table");
            desk.chooseFile(Application.DEMO.resolve("orders-tuesday.csv"));
            desk.waitForText("10 went in");
            keep(desk, "jobs");
            desk.open("/bench/2417");
            desk.waitForText("Read scale");
            desk.press(Keys.F4);
            desk.waitForText("from the scale");
            desk.waitForText("zone 6");
            keep(desk, "bench");
            desk.press(Keys.F7);
            desk.type("(520) 555-0177");
            desk.press(Keys.ENTER);
            desk.waitForText("✓ All checks fine");
            desk.press(Keys.F10);
            desk.waitForText("✓ Shipped");
            pictures(desk);
            desk.open("/jobs/one?job=2417");
            desk.waitForText("Who did what");
            keep(desk, "job");
            desk.open("/postings");
            desk.waitForText("Journal entry");
            keep(desk, "postings");
            desk.open("/rates");
            desk.waitForText("Whimbrel Lines LTL");
            keep(desk, "rates");
            desk.open("/departures");
            desk.waitForText("Jobs by departure");
            keep(desk, "departures");
            desk.open("/papers/new-slip-design?from=with%20prices");
            desk.tabTo("Tried on job");
            desk.type("2417");
            // the sample has two pages, this job's slip one
            desk.waitUntilGone("Next page");
            desk.browser().executeScript("document.querySelector('main').scrollTop = 0");
            keep(desk, "slip-design");
        }
        customerPage();
        atTheDoor();
        enRoute();
        try (Desk desk = new Desk(application).signIn("admin")) {
            desk.open("/sources/ORDERDESK");
            desk.waitForText("Bring in now, changed in");
            desk.press(Keys.F8);
            desk.waitForText("It answers.");
            desk.open("/sources/ORDERDESK/set-up");
            desk.waitForText("Which statuses mean ready to ship");
            desk.tabTo("FIN means");
            desk.type("ready");
            desk.press(Keys.F10);
            desk.waitForText("Bring in now, changed in");
            desk.press(Keys.F9);
            desk.waitForText("5103");
            keep(desk, "sources");
            desk.open("/jobs");
            desk.waitFor("table");
            desk.dropFile("attention.csv", ATTENTION);
            desk.waitForText("3 went in");
            desk.open("/jobs/attention");
            desk.waitForText("Meant:");
            keep(desk, "needs-attention");
            desk.open("/jobs");
            desk.waitFor("table");
            desk.dropFile("tickets.csv", SourcesTest.UNKNOWN);
            desk.waitForText("2 jobs would go in");
            desk.open("/items");
            desk.waitForText("No item is kept yet");
            desk.tabTo("Take from records");
            desk.press(Keys.ENTER);
            desk.waitForText("Cylinder rod");
            desk.open("/rules");
            desk.waitForText("Food grade");
            desk.press(Keys.ARROW_DOWN, Keys.ENTER);
            desk.waitForText("Remove the rule");
            desk.press(Keys.F9);
            desk.waitForText("It would have touched");
            keep(desk, "rule");
            desk.open("/jobs");
            desk.waitFor("table");
            desk.dropFile("orders-abroad.csv", Files.readString(Application.DEMO.resolve("orders-abroad.csv")));
            desk.waitForText("3 went in");
            desk.open("/jobs/customs?job=2602");
            desk.waitForText("“848” is no HS code");
            keep(desk, "customs");
            desk.open("/partners");
            desk.waitForText("package numbers (SSCC) are left");
            keep(desk, "partners");
            desk.open("/write-backs");
            desk.waitForText("Their words for ours");
            desk.tabTo("Job");
            desk.type("2417");
            desk.click("//button[text()='Show what would be written']");
            desk.waitForText("There now");
            desk.browser().executeScript("document.querySelector('main').scrollTop = 0");
            keep(desk, "write-backs");
        }
    }

    /** As its customer sees a job on a phone. */
    private void customerPage() throws IOException {
        try (Desk desk = new Desk(application).signIn("ines");
                Desk phone = new Desk(application, 390, 800)) {
            desk.open("/jobs/one?job=2404");
            desk.waitForText("The customer’s page");
            phone.browser()
                    .get(desk.browser()
                            .findElement(By.linkText("The customer’s page"))
                            .getAttribute("href"));
            phone.waitForText("Choose this way");
            keep(phone, "customer-page");
        }
    }

    /** A run of all that is ready, and a driver who takes some of it. */
    private void atTheDoor() throws IOException {
        try (Desk desk = new Desk(application).signIn("ines")) {
            desk.open("/jobs?status=READY&status=ON_BENCH");
            desk.waitForText("2398");
            desk.press(Keys.SPACE);
            for (int row = 1; row < 10; row++) {
                desk.press(Keys.chord(Keys.SHIFT, Keys.ARROW_DOWN));
            }
            desk.waitForText("chosen");
            desk.press("r");
            desk.waitForText("stopped");
            desk.waitUntilGone("not looked at yet");
            desk.tabTo("Weights of the records");
            desk.press(Keys.ENTER);
            desk.waitUntilGone("is not weighed");
            desk.press(Keys.F10);
            desk.waitForText("Print its papers");
            desk.waitUntilGone("Shipping");
            keep(desk, "run");
            List<String> numbers = AtTheDoorTest.numbers(AtTheDoorTest.PLOVER_NUMBER, desk.screen());
            desk.open("/handover/one?site=ROCKFORD&carrier=PLOVER");
            desk.waitForText("Missing");
            for (String number : numbers.subList(0, 2)) {
                desk.press(number, Keys.ENTER);
                desk.waitForText(number.substring(2));
            }
            desk.press("DX900417000009", Keys.ENTER);
            desk.waitForText("✕");
            keep(desk, "handover");
            returns(desk);
        }
    }

    /** One that is expected, scanned as it comes in. */
    private void returns(Desk desk) throws IOException {
        AtTheDoorTest.askForReturn(desk, "2417");
        desk.open("/jobs/returns");
        desk.waitForText("does not work");
        desk.press(desk.textOf("table tbody td:nth-child(5) .figure"), Keys.ENTER);
        desk.waitForText("Receive it");
        keep(desk, "returns");
    }

    /** Two days later: what became of the packages that were booked. */
    private void enRoute() throws IOException {
        List<String> fates = List.of("ON_TIME", "DAYS_LATE", "DAMAGED", "A_DAY_LATE", "REFUSED", "NOBODY_THERE");
        int index = 0;
        for (String carrier : List.of("plover", "dunlin")) {
            for (JsonNode each : application.consignments(carrier)) {
                application.carrierTakes(carrier, each, fates.get(index++ % fates.size()));
            }
        }
        try (Desk desk = new Desk(application).signIn("ines")) {
            desk.open("/en-route");
            desk.waitForText("Nothing has gone wrong");
            YetToArriveTest.letDaysPass(desk, 2);
            desk.waitForText("Held up by the weather");
            desk.click("//td//button[@aria-expanded]");
            desk.waitForText("has said");
            keep(desk, "en-route");
            desk.open("/emails");
            desk.waitForText("It is sent");
            desk.tabTo("On job");
            desk.type("2417");
            desk.click("//button[text()='Look at it']");
            desk.waitForText("at a desk");
            keep(desk, "emails");
        }
    }

    private static void pictures(Desk desk) throws InterruptedException {
        for (int round = 0; round < 50; round++) {
            Object loaded = desk.browser()
                    .executeScript(
                            "return [...document.querySelectorAll('section[aria-label=Papers] img')].every((each) => each.naturalWidth > 0)");
            if (Boolean.TRUE.equals(loaded)) {
                return;
            }
            Thread.sleep(200);
        }
    }

    private void keep(Desk desk, String name) throws IOException {
        Files.createDirectories(folder);
        Files.write(folder.resolve(name + ".png"), desk.picture());
    }
}
