package nobrec.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.MethodOrderer.OrderAnnotation;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.support.ui.Select;

/** Packing by hand on the Bench: move, same again, merge, plan again; jobs that are combined, pieces that stay, what is requested. */
@TestMethodOrder(OrderAnnotation.class)
class HandPackingTest {

    private static final String PACKAGES = "section[aria-label=Packages]";
    private static final String OFFERS = "[aria-label=Offers]";

    private static Desk desk;

    @BeforeAll
    static void sitDown() {
        desk = new Desk(Application.running()).signIn("ines");
        desk.open("/jobs");
        desk.waitFor("table");
        desk.chooseFile(Application.DEMO.resolve("orders-tuesday.csv"));
        desk.waitForText("2 left out");
    }

    @AfterAll
    static void leave() {
        desk.close();
    }

    @BeforeEach
    void goToTheBench() {
        desk.open("/bench/2405");
        desk.waitForText("Job 2405");
        desk.waitForText("Read scale");
    }

    private void choose(String label, String option) {
        new Select(desk.waitFor("select[aria-label='" + label + "']")).selectByVisibleText(option);
    }

    private String packages() {
        return desk.textOf(PACKAGES);
    }

    private void click(String text) {
        desk.browser()
                .findElement(By.xpath("//button[normalize-space(.)='" + text + "']"))
                .click();
    }

    private void tick(String text) {
        desk.browser()
                .findElement(By.xpath("//label[contains(., '" + text + "')]/input"))
                .click();
    }

    @Test
    @Order(1)
    void whoeverPaysNeedsAnAccountThatIsAddedInPlace() {
        assertThat(desk.screen()).contains("Account stop", "Add its number here.", "Freight terms “receiver pays”");
        desk.press(Keys.F7);
        desk.type("48-2210-9");
        desk.press(Keys.ENTER);
        desk.waitUntilGone("Account stop");
        assertThat(desk.screen()).contains("customer pays 0.00");
    }

    @Test
    @Order(2)
    void aWeightThatCannotBeIsExplained() {
        desk.press(Keys.F2);
        desk.type("39.4");
        desk.press(Keys.ENTER);
        desk.waitForText("Weight caution");
        assertThat(desk.screen())
                .contains("Package 1 weighs 3.90 lb less than contents and carton should")
                .contains("3 × PN-100, or 4 × BU-200 missing would explain it.");
    }

    @Test
    @Order(3)
    void piecesAreMovedAndWhatIsMovedStays() {
        desk.press(Keys.F3);
        desk.type("12");
        desk.press(Keys.ENTER);
        desk.waitForText("2 packages");
        desk.waitForText("Placed by hand.");
        assertThat(packages()).contains("12 × BU-200", "12 × PN-100");
        desk.pressWithAlt("p");
        desk.waitForText("Repack all");
        assertThat(packages()).contains("2 packages", "Placed by hand.");
    }

    @Test
    @Order(4)
    void theSameAgainNeedsPiecesToFillIt() {
        desk.pressWithAlt("d");
        desk.waitForText("are left for a duplicate");
        assertThat(desk.screen()).contains("Add a package and move what is there.");
        choose("To which package", "out of it");
        click("Move");
        desk.waitForText("12 of 36 pieces are in no package.");
        choose("Which pieces", "everything");
        click("Move");
        desk.waitForText("1 package");
        click("Repack all");
        desk.waitUntilGone("Contents stop");
        assertThat(packages()).contains("24 × BU-200", "12 × PN-100", "Cheapest by Plover Ground");
    }

    @Test
    @Order(5)
    void whatIsRequestedAndTheDayChangeTheOffers() {
        click("Change");
        tick("Saturday delivery");
        desk.waitForText("no Saturday delivery");
        assertThat(desk.textOf(OFFERS)).contains("not available", "no Saturday delivery");
        tick("Saturday delivery");
        desk.waitForText("The job asks for it.");
        tick("Wed, Dec 2");
        desk.waitForText("Promise caution");
        assertThat(desk.screen()).contains("1 working day late");
        tick("today");
        desk.waitUntilGone("Promise caution");
    }

    @Test
    @Order(6)
    void aJobToTheSamePlaceIsCombinedAndSomePiecesAreHeldBack() {
        click("Combine, hold back");
        desk.waitFor("input[name=job]").sendKeys("2403", Keys.ENTER);
        desk.waitForText("Only jobs to the same place on the same terms go in one shipment.");
        assertThat(desk.screen()).doesNotContain("combined with");
        desk.open("/bench/2405");
        desk.waitForText("Read scale");
        click("Combine, hold back");
        desk.waitFor("input[name=job]").sendKeys("2423", Keys.ENTER);
        desk.waitForText("combined with");
        assertThat(desk.screen()).contains("PN-150", "job 2423");
        desk.waitFor("input[name=quantity]").sendKeys(Keys.chord(Keys.CONTROL, "a"), "4");
        new Select(desk.waitFor("select[name=line]")).selectByVisibleText("PN-150");
        click("Hold back");
        desk.waitForText("4 held back for another shipment");
    }
}
