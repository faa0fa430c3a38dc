package nobrec.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;

/** A house rule made, read back, tried and kept; an item typed, brought in and learned: by keys alone. */
class RulesAndItemsTest {

    private static final String ORDERS = String.join(
            "\n",
            "Order No,Customer,Ship To,Street,City,State,ZIP,Country,Ship Via,Item,Qty",
            "E2E-21,Marlow Bridge,Marlow Bridge,88 Carding Lane,Madison,WI,53703,US,Plover Ground,E2E-PIN,4");

    private final Application application = Application.running();

    @Test
    void aRuleIsMadeTriedAndActsOnTheJobsThatAreHere() {
        try (Desk desk = new Desk(application).signIn("ines")) {
            desk.pressWithAlt("2");
            desk.waitFor("table");
            desk.dropFile("rule-orders.csv", ORDERS);
            desk.waitForText("1 went in");
            desk.pressWithAlt("8");
            desk.waitForText("Drain it and cap the ports");
            desk.press(Keys.INSERT);
            desk.waitForText("A new rule");
            desk.waitForText("The rule: It has no name.");
            desk.tabTo("Name");
            desk.type("Marlow");
            desk.tabTo("customer, one more");
            desk.type("marlow bridge");
            desk.press(Keys.ENTER);
            desk.tabTo("What more it does");
            desk.type("hold");
            desk.press(Keys.ENTER);
            desk.type("Ask Ines");
            desk.waitForText("When the customer is marlow bridge: hold it, “Ask Ines”.");
            desk.press(Keys.F9);
            desk.waitForText("It would have touched 1 of");
            assertThat(desk.screen()).contains("Customer Marlow Bridge.", "hold it, “Ask Ines”", "do nothing to it");
            desk.press(Keys.F10);
            desk.waitForText("House rules");
            desk.open("/bench?job=E2E-21");
            desk.waitForText("On hold: Ask Ines");
            assertThat(desk.screen()).contains("Rule Marlow: hold it, “Ask Ines”. Customer Marlow Bridge.");
            desk.pressWithAlt("8");
            desk.waitForText("When the customer is marlow bridge");
            desk.pressWithAlt(Keys.ARROW_UP);
            desk.press(Keys.ARROW_DOWN, Keys.ARROW_DOWN, Keys.ARROW_DOWN, Keys.ENTER);
            desk.waitForText("Remove the rule");
            assertThat(desk.textOf("h1")).isEqualTo("Marlow");
            desk.tabTo("Remove the rule");
            desk.press(Keys.ENTER);
            desk.waitUntilGone("marlow bridge");
        }
    }

    @Test
    void anItemIsTypedAndItsWeightLearnedAtTheBench() {
        try (Desk desk = new Desk(application).signIn("ines")) {
            desk.pressWithAlt("9");
            desk.waitForText("Items");
            desk.press(Keys.INSERT);
            desk.waitFor("form[aria-label='New item']");
            desk.type("E2E-NUT");
            desk.tabTo("Description");
            desk.type("Lock nut");
            desk.tabTo("Unit Wt lb");
            desk.type("1 stn");
            desk.press(Keys.ENTER);
            desk.waitForText("The unit “stn” is not known here.");
            desk.press(Keys.chord(Keys.CONTROL, "a"));
            desk.type("8 oz");
            desk.press(Keys.ENTER);
            desk.waitUntilGone("is not known here");
            desk.waitForText("Lock nut");
            desk.pressWithAlt("2");
            desk.waitFor("table");
            desk.dropFile("item-orders.csv", ORDERS.replace("E2E-21", "E2E-22").replace("E2E-PIN", "E2E-NUT"));
            desk.waitForText("1 went in");
            desk.open("/bench?job=E2E-22");
            desk.waitForText("from the item list: description, weight");
            desk.press(Keys.F2);
            desk.type("6 lb");
            desk.press(Keys.ENTER);
            desk.waitForText("A piece of E2E-NUT weighs");
            desk.tabTo("So from now on");
            desk.press(Keys.ENTER);
            desk.waitUntilGone("A piece of E2E-NUT weighs");
            desk.pressWithAlt("9");
            desk.waitForText("Lock nut");
            assertThat(desk.screen()).doesNotContain("8 oz");
        }
    }
}
