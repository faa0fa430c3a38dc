package nobrec.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;

/** A customer with a phone and no script: chooses a way, corrects the address, sees it leave; and asks for a price by the form. */
class CustomersTest {

    private static final String ORDERS = String.join(
            "\n",
            "Order No,Customer,Cust PO,Ship To,Attn,Street,City,State,ZIP,Country,Phone,E-mail,Ship Via,Freight,Item,Description,Qty,Unit Wt lb",
            "E2E-881,Skerry Marine,SM-881,Skerry Marine,Receiving,700 Pike St,Seattle,WA,98101,US,(608) 555-0133,"
                    + "dock@skerry.example,Plover Ground,we pay and bill,E2E-PIN,Pin,4,0.5");

    private final Application application = Application.running();

    private Desk phone() {
        Desk phone = new Desk(application, 390, 844);
        phone.browser().executeCdpCommand("Emulation.setScriptExecutionDisabled", Map.of("value", true));
        return phone;
    }

    private static void fill(Desk phone, String field, String text) {
        WebElement found = phone.browser().findElement(By.name(field));
        found.clear();
        found.sendKeys(text);
    }

    @Test
    void choosesCorrectsTheAddressAndSeesItLeave() {
        try (Desk desk = new Desk(application).signIn("ines");
                Desk phone = phone()) {
            desk.pressWithAlt("2");
            desk.waitFor("table");
            desk.dropFile("customer-orders.csv", ORDERS);
            desk.waitForText("1 went in");
            desk.open("/jobs/one?job=E2E-881");
            desk.waitForText("The customer’s page");
            String link = desk.browser()
                    .findElement(By.linkText("The customer’s page"))
                    .getAttribute("href");
            phone.browser().get(link);
            phone.waitForText("SM-881");
            assertThat(phone.browser()
                            .executeCdpCommand("Page.getLayoutMetrics", Map.of())
                            .get("cssContentSize")
                            .toString())
                    .as("nothing is wider than the phone")
                    .containsPattern("width=3[0-9]{2}[,}]");
            phone.click("//label[contains(., 'Dunlin Two Day')]/input");
            phone.click("//button[text()='Choose this way']");
            phone.waitForText("It goes that way, at that price.");
            desk.open("/bench?job=E2E-881");
            desk.waitForText("Dunlin Two Day as quoted");
            phone.click("//summary");
            fill(phone, "street", "410 Weir Street");
            fill(phone, "city", "Tucson");
            fill(phone, "state", "AZ");
            fill(phone, "postalCode", "85701");
            phone.click("//button[text()='Send there']");
            phone.waitForText("until then nothing leaves");
            desk.pressWithAlt(";");
            desk.waitForText("410 Weir Street, Tucson");
            desk.tabTo("Yes, send it there");
            desk.press(Keys.ENTER);
            desk.waitUntilGone("410 Weir Street");
            phone.browser().get(link);
            phone.waitForText("Tucson, AZ 85701");
            desk.open("/bench?job=E2E-881");
            desk.waitForText("Read scale");
            desk.press(Keys.F2);
            desk.press("2", ".", "4", Keys.ENTER);
            desk.waitUntilGone("is not weighed");
            desk.press(Keys.F10);
            desk.waitForText("✓ Shipped");
            phone.browser().get(link);
            phone.waitForText("It left");
            assertThat(phone.screen()).contains("Tracking number").doesNotContain("Choose this way");
        }
    }

    @Test
    void asksForAPriceByTheForm() {
        try (Desk phone = phone();
                Desk desk = new Desk(application).signIn("ines")) {
            phone.open("/request");
            phone.waitForText("What would freight cost?");
            Map.of(
                            "what", "Pump housing",
                            "weight", "4 kg",
                            "size", "10 x 8 x 6",
                            "person", "Lena Roe",
                            "street", "88 Carding Lane",
                            "city", "Madison",
                            "state", "WI",
                            "postalCode", "53703",
                            "mail", "lena@avocet.example")
                    .forEach((field, text) -> fill(phone, field, text));
            phone.click("//button[text()='Ask for the price']");
            phone.waitForText("to send it back");
            desk.open("/customers");
            desk.waitForText("lena@avocet.example");
            assertThat(desk.screen()).contains("1 Pump housing");
        }
    }
}
