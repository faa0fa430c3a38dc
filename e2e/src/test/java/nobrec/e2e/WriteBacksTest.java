package nobrec.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;

/** A field is mapped, tried on a job that has left, and seen on the other side. The order desk has a record of that number. */
class WriteBacksTest {

    private static final String ORDERS = String.join(
            "\n",
            "Order No,Customer,Cust PO,Ship To,Street,City,State,ZIP,Country,Phone,Ship Via,Item,Description,Qty,Unit Wt lb",
            "5121,Tarn Hydraulics,TH-871,Tarn Hydraulics,18 Sluice Road,Madison,WI,53703,US,(608) 555-0133,Plover Ground,E2E-PIN,Pin,4,0.5");

    private final Application application = Application.running();

    @Test
    void whatIsMappedIsSeenOnTheOtherSide() {
        try (Desk desk = new Desk(application).signIn("ines")) {
            desk.pressWithAlt("2");
            desk.waitFor("table");
            desk.dropFile("write-back-orders.csv", ORDERS);
            desk.waitForText("1 went in");
            desk.open("/bench?job=5121");
            desk.waitForText("Read scale");
            desk.press(Keys.F2);
            desk.press("2", ".", "4", Keys.ENTER);
            desk.waitUntilGone("is not weighed");
            desk.press(Keys.F10);
            desk.waitForText("Label 1 of 1");
        }
        try (Desk desk = new Desk(application).signIn("admin")) {
            desk.pressWithAlt("k");
            desk.waitForText("Their words for ours");
            desk.click("//button[contains(., 'Field of the job')]");
            desk.tabTo("Field 9 of Field of the job");
            desk.type("buyer_ref");
            desk.press(Keys.TAB);
            desk.type("{customer PO} for {customer}");
            desk.tabTo("Job");
            desk.type("5121");
            desk.click("//button[text()='Show what would be written']");
            desk.waitForText("TH-871 for Tarn Hydraulics");
            desk.click("//button[text()='Keep it']");
            desk.waitForText("Kept.");
            desk.tabTo("Job");
            desk.type("5121");
            desk.click("//button[text()='Show what would be written']");
            desk.waitForText("not known");
            desk.click("//button[contains(., 'Write 5121 now')]");
            desk.waitForText("It is being written.");
            desk.open("/postings?job=5121");
            desk.waitForText("On demand: Plover Ground");
            desk.click("//table//button[contains(., 'On demand')]");
            desk.waitForText("buyer_ref");
            assertThat(application.pageOutside("/orderdesk")).contains("TH-871 for Tarn Hydraulics");
        }
    }
}
