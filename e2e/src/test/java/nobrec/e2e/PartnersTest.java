package nobrec.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;

/** A customer that demands a label and a notice: the stop, the shipment, what the other side has, and what it refuses. */
class PartnersTest {

    private static final String ORDERS = String.join(
            "\n",
            "Order No,Customer,Cust PO,Ship To,Street,City,State,ZIP,Country,Phone,Ship Via,Item,Description,Qty,Unit Wt lb",
            "E2E-861,Grebe Outfitters,,Grebe Outfitters,4100 Depot Rd,Toledo,OH,43604,US,(419) 555-0133,Plover Ground,E2E-PIN,Pin,4,0.5");

    private final Application application = Application.running();

    @AfterEach
    void thePartnerAcknowledgesAgain() {
        application.partnerSays("AT_ONCE");
    }

    @Test
    void aPartnerIsToldWhatIsInThePackageAndWhatItSaysIsSeen() {
        application.partnerSays("REFUSES");
        try (Desk desk = new Desk(application).signIn("ines")) {
            desk.pressWithAlt("2");
            desk.waitFor("table");
            desk.dropFile("partner-orders.csv", ORDERS);
            desk.waitForText("1 went in");
            desk.open("/jobs/one?job=E2E-861");
            desk.waitForText("Grebe Outfitters");
            desk.open("/bench?job=E2E-861");
            desk.waitForText("Grebe Outfitters finds its order by its number, and job E2E-861 has none.");
            desk.open("/jobs/one?job=E2E-861");
            desk.waitForText("Customer PO");
            desk.tabTo("Customer PO");
            desk.type("G-861");
            desk.press(Keys.TAB);
            desk.waitForText("G-861");
            desk.open("/bench?job=E2E-861");
            desk.waitForText("Read scale");
            desk.waitUntilGone("finds its order by its number");
            desk.press(Keys.F2);
            desk.press("2", ".", "4", Keys.ENTER);
            desk.waitUntilGone("is not weighed");
            desk.press(Keys.F10);
            desk.waitForText("Logistics label 1 of 1");

            desk.pressWithAlt("y");
            desk.waitForText("package numbers (SSCC) are left");
            desk.waitFor("nav[aria-label=Partners] a[href='/partners/notices']").click();
            desk.waitForText("997: refused");
            assertThat(application.pageOutside("/grebe")).contains("PRF*G-861~").contains("MAN*GM*00614141");
            desk.pressWithAlt("1");
            desk.waitForText("The partner cannot use what it was sent.");

            application.partnerSays("AT_ONCE");
            desk.open("/partners/notices?state=REFUSED");
            desk.waitForText("put it right with them");
            desk.browser()
                    .findElement(By.xpath("//button[text()='Send again']"))
                    .click();
            desk.waitForText("No ship notice is refused.");
            desk.open("/partners/notices");
            desk.waitForText("997: accepted");
        }
    }
}
