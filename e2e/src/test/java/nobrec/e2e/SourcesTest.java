package nobrec.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;

/** Records and files come in by keys alone: connected, tested, looked at, taken; a word answered; an unknown file's layout kept. */
class SourcesTest {

    static final String UNKNOWN = String.join(
            "\n",
            "Ticket;Client;Deliver To;Street;Town;ST;Zip;Due;Part;Pcs;Wt kg;Rack",
            "E2E-1;Fenwick;Fenwick Works;410 Weir Street;Tucson;AZ;85701;24/12/2026;SK-2;6;0,15;B4",
            "E2E-2;Fenwick;Fenwick Works;410 Weir Street;Tucson;AZ;85701;31/12/2026;SK-3;2;0,25;B5");

    private final Application application = Application.running();

    @Test
    void aSystemIsConnectedTestedAndItsRecordsTaken() {
        try (Desk desk = new Desk(application).signIn("admin")) {
            desk.pressWithAlt("7");
            desk.waitForText("Web shop");
            desk.tabTo("Connect a system");
            desk.press(Keys.ENTER);
            desk.waitFor("form[aria-label='Connect a system'] input[name=name]");
            desk.type("Front office");
            desk.tabTo("Address");
            desk.type(application.outside("/orderdesk"));
            desk.press(Keys.ENTER);
            desk.waitForText("It answers.");
            assertThat(desk.screen()).contains("3 record statuses; 2 sites");
            desk.tabTo("Say it: guesses are filled in.");
            desk.press(Keys.ENTER);
            desk.waitForText("Which statuses mean ready to ship");
            desk.tabTo("FIN means");
            desk.type("ready");
            desk.press(Keys.F10);
            desk.waitForText("Bring in now, changed in");
            desk.press(Keys.F9);
            desk.waitForText("5103");
            assertThat(desk.screen()).contains("“20226-12-04”: There is no such day.");
            desk.press(Keys.ARROW_DOWN);
            desk.press(Keys.ENTER);
            desk.waitForText("Take the 1 chosen");
            desk.press(Keys.F10);
            desk.waitForText("1 work order came in");
        }
    }

    @Test
    void anUnknownFileOpensItsLayoutAndIsKnownFromThenOn() {
        try (Desk desk = new Desk(application).signIn("ines")) {
            desk.pressWithAlt("2");
            desk.waitFor("table");
            desk.dropFile("tickets.csv", UNKNOWN);
            desk.waitForText("2 jobs would go in");
            assertThat(desk.screen()).contains("2 rows", "separated by semicolons");
            desk.press(Keys.F10);
            desk.waitForText("2 went in");
            assertThat(desk.screen()).contains("Not read: Rack");
            desk.dropFile("tickets-again.csv", UNKNOWN.replace("E2E-1", "E2E-3"));
            desk.waitForText("1 went in");
            assertThat(desk.screen()).contains("1 were here already", "read as “tickets”");
            desk.dropFile("words.csv", "Order No,Ship Via,Qty\nE2E-9,Plvr Ground,1\n");
            desk.waitForText("words.csv");
            desk.pressWithAlt("7");
            desk.tabTo("Wordbook");
            desk.press(Keys.ENTER);
            desk.waitForText("“Plvr Ground”");
            desk.tabTo("service “Plvr Ground” means");
            desk.press(Keys.ENTER);
            desk.tabTo("Answer");
            desk.press(Keys.ENTER);
            desk.waitForText("“plvr ground”");
        }
    }
}
