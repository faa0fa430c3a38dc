package nobrec.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.Base64;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;

/** A slip design made, tried on a job and chosen by a rule; stickers from the third free place on. */
class PapersTest {

    private static final String ORDERS = String.join(
            "\n",
            "Order No,Customer,Ship To,Street,City,State,ZIP,Country,Ship Via,Item,Qty,Unit Wt lb",
            "E2E-841,Fell House,Fell House,88 Carding Lane,Madison,WI,53703,US,Plover Ground,E2E-CAP,4,0.5");

    private final Application application = Application.running();

    private static String textAt(Desk desk, String address) throws IOException {
        Object bytes = desk.browser()
                .executeAsyncScript(
                        "const done = arguments[1]; fetch(arguments[0]).then(a => a.arrayBuffer()).then(b => {"
                                + " let s = ''; new Uint8Array(b).forEach(c => s += String.fromCharCode(c)); done(btoa(s)) })",
                        address);
        try (PDDocument pdf = Loader.loadPDF(
                new ByteArrayInputStream(Base64.getDecoder().decode(String.valueOf(bytes))).readAllBytes())) {
            return new PDFTextStripper().getText(pdf);
        }
    }

    @Test
    void aDesignIsMadeTriedOnAJobAndChosenByARule() throws IOException {
        try (Desk desk = new Desk(application).signIn("ines")) {
            desk.pressWithAlt("2");
            desk.waitFor("table");
            desk.dropFile("paper-orders.csv", ORDERS);
            desk.waitForText("1 went in");
            desk.pressWithAlt("e");
            desk.waitForText("without our name and address");
            desk.press(Keys.INSERT);
            desk.waitForText("A new slip design");
            desk.press(Keys.chord(Keys.CONTROL, "a"));
            desk.type("for Fell House");
            desk.tabTo("Terms shown");
            desk.press(Keys.SPACE);
            desk.tabTo("Text of Terms");
            desk.type("Fell House pays within ten days.");
            desk.tabTo("Tried on job");
            desk.type("E2E-841");
            desk.waitFor("img[alt^='Page 1 of the packing slip']");
            desk.press(Keys.F10);
            desk.waitForText("for Fell House");
            desk.waitForText("Name; rules choose it by that");
            assertThat(textAt(desk, "/api/v1/slip-designs/trial?name=for%20Fell%20House&job=E2E-841"))
                    .contains("Fell House pays within ten days.", "E2E-CAP", "Marrowby");
            desk.pressWithAlt("8");
            desk.waitForText("House rules");
            desk.press(Keys.INSERT);
            desk.waitForText("A new rule");
            desk.tabTo("Name");
            desk.type("Fell House slips");
            desk.tabTo("customer, one more");
            desk.type("fell house");
            desk.press(Keys.ENTER);
            desk.tabTo("What more it does");
            desk.type("slip");
            desk.press(Keys.ENTER);
            desk.type("for Fell");
            desk.waitForText("slip design “for Fell House”");
            desk.press(Keys.F10);
            desk.waitForText("House rules");
            desk.open("/bench?job=E2E-841");
            desk.waitForText("Read scale");
            desk.waitForText("Rule Fell House slips");
            desk.pressWithAlt("8");
            desk.waitForText("When the customer is fell house");
            desk.browser().findElement(By.linkText("Fell House slips")).click();
            desk.waitForText("Remove the rule");
            desk.tabTo("Remove the rule");
            desk.press(Keys.ENTER);
            desk.waitUntilGone("fell house");
        }
    }

    @Test
    void stickersBeginAtTheThirdFreePlace() throws IOException {
        try (Desk desk = new Desk(application).signIn("ines")) {
            desk.pressWithAlt("2");
            desk.waitFor("table");
            desk.dropFile("paper-orders-2.csv", ORDERS.replace("E2E-841", "E2E-842"));
            desk.waitForText("1 went in");
            desk.open("/papers/stickers?job=E2E-842&sheet=10%20of%204%20×%202%20in");
            desk.waitFor("img[alt^='Page 1 of the stickers']");
            desk.tabTo("First free sticker");
            desk.press(Keys.chord(Keys.CONTROL, "a"));
            desk.type("3");
            desk.waitForText("1 sticker of");
            assertThat(textAt(desk, "/api/v1/stickers?sheet=10%20of%204%20%C3%97%202%20in&job=E2E-842&first=3&each=2"))
                    .contains("Job E2E-842", "1 of 2", "2 of 2");
            desk.tabTo("Rows");
            desk.press(Keys.chord(Keys.CONTROL, "a"));
            desk.type("0");
            desk.waitForText("It has 0 rows and 2 columns.");
        }
    }
}
