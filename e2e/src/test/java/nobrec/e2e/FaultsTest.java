package nobrec.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;

/** What the person sees when the world outside does not do its part. */
class FaultsTest {

    private final Application application = Application.running();
    private Desk desk;

    @BeforeEach
    void sitDown() {
        desk = new Desk(application).signIn("ines");
    }

    @AfterEach
    void leave() {
        application.behave("plover", "NORMAL");
        application.behave("books", "NORMAL");
        application.scaleMood("SETTLES");
        desk.close();
    }

    @Test
    void aScaleThatMovesOrShowsOverloadIsSaid() {
        desk.open("/bench/2401");
        desk.waitForText("Read scale");
        application.scaleMood("KEEPS_MOVING");
        desk.press(Keys.F4);
        desk.waitForText("The scale still moves. Let the package rest and read again.");
        application.scaleMood("OVERLOADED");
        desk.press(Keys.F4);
        desk.waitForText("The scale shows overload.");
        assertThat(desk.textOf("section[aria-label=Packages]")).contains("not weighed yet");
    }

    @Test
    void aLostAnswerIsWaitedForAndTheShipmentGoesOnByItself() {
        desk.open("/bench/2410");
        desk.waitForText("Read scale");
        desk.press(Keys.F4);
        desk.waitForText("from the scale");
        application.behave("plover", "LOSE_ANSWER");
        desk.press(Keys.F10);
        desk.waitForText("It is being shipped.");
        application.behave("plover", "NORMAL");
        desk.waitForText("✓ Shipped");
        String page = application.pageOutside("/plover");
        assertThat(page.split("<td>2410</td>", -1)).as("one consignment").hasSize(2);
    }

    @Test
    void failedPostingsAreTriedAgainByThemselves() {
        desk.open("/bench/2398");
        desk.waitForText("Read scale");
        desk.press(Keys.F4);
        desk.waitForText("from the scale");
        application.behave("books", "FAIL");
        desk.press(Keys.F10);
        desk.waitForText("✓ Shipped");
        desk.pressWithAlt("4");
        desk.waitForText("Books did not answer as agreed (503)");
        application.behave("books", "NORMAL");
        desk.waitForText("Invoice INV-10398 has the freight line.");
    }

    @Test
    void whatIsNotThereIsSaidInWords() {
        desk.open("/bench/99999");
        desk.waitForText("Look for it on Jobs, or bring its record in.");
        desk.open("/jobs");
        desk.waitFor("table");
        desk.dropFile("holiday.csv", "name,date\nx,y\n");
        desk.waitForText("How is this file read?");
        desk.waitForText("No column feeds the job number.");
        desk.tabTo("Discard the file");
        desk.press(Keys.ENTER);
        desk.waitUntilGone("How is this file read?");
    }

    @Test
    void aBookkeeperLooksAndDoesNotShip() {
        try (Desk books = new Desk(application).signIn("odette")) {
            books.open("/bench/2414");
            books.waitForText("Ship to");
            assertThat(books.browser()
                            .findElements(By.xpath("//button[contains(., 'Ship') or contains(., 'Read scale')]")))
                    .isEmpty();
            books.open("/bench");
            books.waitForText("Started, not shipped");
            assertThat(books.screen()).doesNotContain("2414");
        }
    }
}
