package nobrec.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;

/** An administrator changes a connection by keys alone: a bad address is refused with its reason, a good one kept. */
class ConnectionsTest {

    private final Application application = Application.running();

    private static void address(Desk desk, String text) {
        desk.waitFor("input[name=address]");
        desk.press(Keys.chord(Keys.CONTROL, "a"));
        desk.press(text, Keys.ENTER);
    }

    @Test
    void isChangedWhereItStands() {
        try (Desk desk = new Desk(application).signIn("admin")) {
            desk.pressWithAlt("6");
            desk.waitForText("Whimbrel Lines");
            desk.press(Keys.ENTER);
            String before = desk.waitFor("input[name=address]").getAttribute("value");
            address(desk, "books over there");
            desk.waitForText("is no address it can be called at");
            address(desk, before + "/");
            desk.waitUntilGone("New password");
            assertThat(desk.browser().findElements(By.cssSelector("input[name=address]")))
                    .isEmpty();
            assertThat(desk.screen()).contains(before).doesNotContain("lowland-reed");
        }
    }

    @Test
    void isNotThereForOthers() {
        try (Desk desk = new Desk(application).signIn("ines")) {
            assertThat(desk.textOf("nav[aria-label=Sections]")).doesNotContain("Connections");
            desk.open("/connections");
            desk.waitForText("It does not include this");
        }
    }
}
