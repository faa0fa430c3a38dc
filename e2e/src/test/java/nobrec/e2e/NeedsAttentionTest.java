package nobrec.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;

/** What cannot go is put right row by row, several jobs at once, and everything about one: by keys alone. */
class NeedsAttentionTest {

    private static final String ORDERS = String.join(
            "\n",
            "Order No,Customer,Ship To,Street,City,State,ZIP,Country,Phone,Ship Via,Item,Qty,Unit Wt lb,Hold",
            "E2E-51,Stanchion Yard,Stanchion Yard,8 Mill Road,Tucson,NV,85701,US,,Plover Ground,CLEAT,4,2,",
            "E2E-52,Stanchion Yard,Stanchion Yard,8 Mill Road,Tucson,AZ,85701,US,,Plover Ground,BOLLARD,1,,",
            "E2E-53,Stanchion Yard,Stanchion Yard,8 Mill Road,Tucson,AZ,85701,US,,Plover Ground,CLEAT,2,2,credit");

    private final Application application = Application.running();

    @Test
    void isPutRightWhereItStandsAndLeavesTheList() {
        try (Desk desk = new Desk(application).signIn("ines")) {
            desk.pressWithAlt("2");
            desk.waitFor("table");
            desk.dropFile("stanchions.csv", ORDERS);
            desk.waitForText("3 went in");
            desk.press("n");
            desk.waitForText("85701 lies in AZ, the address says NV");
            desk.tabTo("State of job E2E-51");
            desk.pressWithAlt("a");
            desk.waitUntilGone("85701 lies in AZ, the address says NV");
            desk.tabTo("Weight of one piece of job E2E-52");
            desk.type("heavy");
            desk.press(Keys.ENTER);
            desk.waitForText("“heavy”");
            desk.press(Keys.chord(Keys.CONTROL, "a"));
            desk.type("3 kg");
            desk.press(Keys.ENTER);
            desk.waitUntilGone("BOLLARD");
            desk.tabTo("Release the hold: job E2E-53");
            desk.press(Keys.ENTER);
            desk.waitUntilGone("On hold: credit");
            severalAtOnce(desk);
            oneWhole(desk);
        }
    }

    private static void severalAtOnce(Desk desk) {
        desk.open("/jobs?customer=Stanchion%20Yard");
        desk.waitForText("3 jobs");
        desk.press(" ");
        desk.press(Keys.chord(Keys.SHIFT, Keys.ARROW_DOWN));
        desk.waitForText("2 jobs chosen");
        desk.tabTo("Hold them");
        desk.press(Keys.ENTER);
        desk.type("waits for a crate");
        desk.press(Keys.ENTER);
        desk.waitForText("2 jobs done");
        assertThat(desk.screen()).contains("on hold");
        desk.press(Keys.ESCAPE);
        desk.waitUntilGone("chosen");
    }

    private static void oneWhole(Desk desk) {
        desk.press("i");
        desk.waitForText("waits for a crate");
        desk.press("h");
        desk.waitForText("Hold it");
        desk.tabTo("Promise date");
        desk.type("12/9/2026");
        desk.press(Keys.ENTER);
        desk.waitForText("promised Wed, Dec 9");
        desk.tabTo("Note");
        desk.type("Call the yard first");
        desk.press(Keys.ENTER);
        desk.waitForText("Call the yard first");
        assertThat(desk.screen()).contains("Who did what", "released a job");
        desk.press(Keys.ESCAPE);
    }
}
