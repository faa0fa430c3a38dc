package nobrec.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;

/** What is decided before a job goes: a price that is only asked, a job of which pieces are missing. By keys alone. */
class BeforeItGoesTest {

    private static final String SHORT = String.join(
            "\n",
            "Order No,Customer,Ship To,Street,City,State,ZIP,Country,Ship Via,Promise,Item,Qty,Qty Ready,Unit Wt lb",
            "E2E-61,Tern Bay,Tern Bay LLC,8 Mill Road,Tucson,AZ,85701,US,Plover Ground,12/9/2026,CLEAT,6,4,0.5");

    private final Application application = Application.running();

    @Test
    void aPriceIsAskedKeptAsAQuoteAndTakenAsAJob() {
        try (Desk desk = new Desk(application).signIn("ines")) {
            desk.pressWithAlt("2");
            desk.waitFor("table");
            desk.press(Keys.INSERT);
            desk.waitForText("New job");
            desk.type("Tern Bay");
            desk.tabTo("Street");
            desk.type("9 Mill Road");
            desk.tabTo("City");
            desk.type("Tucson");
            desk.tabTo("State");
            desk.type("AZ");
            desk.tabTo("Postal code");
            desk.type("85701");
            desk.tabTo("Requested service");
            desk.type("Plover Ground");
            desk.tabTo("Item of line 1");
            desk.type("CLEAT");
            desk.tabTo("Pieces of line 1");
            desk.type("4");
            desk.tabTo("Weight of one piece of line 1");
            desk.type("2 lb");
            desk.pressWithAlt("r");
            desk.waitForText("It is a request: nothing is promised to go.");
            assertThat(desk.screen()).contains("customer pays");
            desk.pressWithAlt("i");
            desk.waitForText("Freight quotes");
            desk.press("q");
            desk.waitForText("Valid until");
            desk.press(Keys.ENTER);
            desk.waitForText("Tue, Dec 15");
            desk.press("j");
            desk.waitUntilGone("nothing is promised to go");
        }
    }

    @Test
    void whatIsReadyGoesByOneKey() {
        try (Desk desk = new Desk(application).signIn("ines")) {
            desk.pressWithAlt("2");
            desk.waitFor("table");
            desk.dropFile("cleats.csv", SHORT);
            desk.waitForText("1 went in");
            desk.open("/bench?job=E2E-61");
            desk.waitForText("Ready: 4 of 6 CLEAT");
            desk.pressWithAlt("r");
            desk.waitForText("2 held back for another shipment");
            assertThat(desk.screen()).doesNotContain("Not all of this shipment is ready");
        }
    }
}
