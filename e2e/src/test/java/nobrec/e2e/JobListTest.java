package nobrec.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;

/** The job list narrowed, sorted, kept under a name and opened again: by keys alone. */
class JobListTest {

    private static final String ORDERS = String.join(
            "\n",
            "Order No,Customer,Ship To,Street,City,State,ZIP,Country,Ship Via,Item,Qty,Unit Wt lb",
            "E2E-31,Osier Looms,Osier Looms,88 Carding Lane,Madison,WI,53703,US,Plover Ground,HEDDLE,4,2",
            "E2E-32,Osier Looms,Osier Looms,88 Carding Lane,Madison,WI,53703,US,Plover Ground,REED,1,40",
            "E2E-33,Sedge Press,Sedge Press,12 Weir Road,Tucson,AZ,85701,US,,PLATEN,2,9");

    private final Application application = Application.running();

    @Test
    void isNarrowedSortedAndKept() {
        try (Desk desk = new Desk(application).signIn("tobin")) {
            desk.pressWithAlt("2");
            desk.waitFor("table");
            desk.dropFile("list-orders.csv", ORDERS);
            desk.waitForText("3 went in");
            desk.press("f");
            desk.waitForText("By");
            desk.press(Keys.TAB);
            desk.type("osier looms");
            desk.press(Keys.ENTER);
            desk.waitForText("Customer: osier looms");
            desk.waitForText("2 jobs");
            desk.waitUntilGone("Sedge Press");
            desk.tabTo("Weight");
            desk.press(Keys.ENTER);
            desk.press(Keys.ENTER);
            desk.waitForText("Weight ↓");
            assertThat(desk.screen().indexOf("E2E-32")).isLessThan(desk.screen().indexOf("E2E-31"));
            desk.tabTo("Keep it");
            desk.press(Keys.ENTER);
            desk.waitForText("Keep this list as");
            desk.type("Looms");
            desk.tabTo("Jobs opens with it");
            desk.press(Keys.SPACE);
            desk.press(Keys.ENTER);
            desk.waitForText("Kept");
            desk.pressWithAlt("1");
            desk.waitForText("Jobs by departure");
            desk.pressWithAlt("2");
            desk.waitForText("Customer: osier looms");
            desk.tabTo("Customer: osier looms");
            desk.press(Keys.ENTER);
            desk.waitForText("Sedge Press");
            desk.open("/jobs?text=plat tucs");
            desk.waitForText("1 job");
            assertThat(desk.screen()).contains("E2E-33", "with “plat tucs”");
            desk.open("/jobs?customer=osier%20looms&sort=-weight");
            desk.tabTo("Keep it");
            desk.press(Keys.ENTER);
            desk.tabTo("Forget “Looms”");
            desk.press(Keys.ENTER);
            desk.waitUntilGone("Kept");
        }
    }
}
