package nobrec.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;

/**
 * An email is designed, looked at and switched on; a package is damaged on its way, two days pass on the demo's clock, it is found on
 * En route, somebody calls, and the email has come to the mail server. It runs last: the days that it lets pass do not come back.
 */
class YetToArriveTest {

    private static final String ORDERS = String.join(
            "\n",
            "Order No,Customer,Cust PO,Ship To,Street,City,State,ZIP,Country,Phone,E-mail,Ship Via,Item,Description,Qty,Unit Wt lb",
            "E2E-871,Tarn Hydraulics,TH-871,Tarn Hydraulics,18 Sluice Road,Madison,WI,53703,US,(608) 555-0133,"
                    + "dock@tarn.example,Plover Ground,E2E-PIN,Pin,4,0.5");

    private static final int LOOKS = 40;

    private final Application application = Application.running();

    @Test
    void whatIsDamagedOnItsWayIsFoundAndTold() {
        try (Desk desk = new Desk(application).signIn("ines")) {
            desk.pressWithAlt("2");
            desk.waitFor("table");
            desk.dropFile("way-orders.csv", ORDERS);
            desk.waitForText("1 went in");
            switchOn(desk, "Something went wrong", "E2E-871");
            desk.open("/bench?job=E2E-871");
            desk.waitForText("Read scale");
            desk.press(Keys.F2);
            desk.press("2", ".", "4", Keys.ENTER);
            desk.waitUntilGone("is not weighed");
            desk.press(Keys.F10);
            desk.waitForText("Label 1 of 1");
            application.ploverTakes("E2E-871", "DAMAGED");
            letDaysPass(desk, 2);
            desk.open("/en-route");
            desk.waitForText("Damaged, held at the depot");
            desk.click("//tr[contains(., 'E2E-871')]//button[@aria-expanded]");
            desk.waitForText("What Plover Parcel has said");
            desk.tabTo("In words");
            desk.type("They send a photo by noon");
            desk.click("//button[text()='Write it down']");
            desk.waitForText("Ines Calloway called: They send a photo by noon");
        }
        for (int look = 0; look < LOOKS && !application.pageOutside("/mail").contains("E2E-871 for"); look++) {
            ChaosWorld.pause(500);
        }
        assertThat(application.pageOutside("/mail"))
                .contains("desk@marrowby.example", "E2E-871 for Tarn Hydraulics: ", "Damaged, held at the depot");
    }

    /** @param job on which it is tried */
    static void switchOn(Desk desk, String email, String job) {
        desk.open("/emails");
        desk.waitForText("It is sent");
        desk.click("//button[contains(., '" + email + "')]");
        desk.tabTo("On job");
        desk.type(job);
        desk.click("//button[text()='Look at it']");
        desk.waitForText("The job has not left");
        desk.click("//label[contains(., 'It is sent')]/input");
        desk.click("//button[text()='Keep it']");
        desk.waitForText("Kept.");
    }

    static void letDaysPass(Desk desk, int days) {
        for (int day = 0; day < days; day++) {
            letPass(desk, "a day");
        }
    }

    /** @param time as a button of the demo's clock has it */
    static void letPass(Desk desk, String time) {
        desk.click("//button[text()='demo clock']");
        desk.click("//button[text()='Let " + time + " pass']");
        desk.waitUntilGone("Let " + time + " pass");
    }
}
