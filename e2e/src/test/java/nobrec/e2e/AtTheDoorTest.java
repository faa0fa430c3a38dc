package nobrec.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.Keys;

/** From a heap of jobs to a driver who has them: a run with two that fail, a handover with a wrong package, a void. */
class AtTheDoorTest {

    private static final int JOBS = 12;
    private static final int SCANNED = 5;
    private static final int MOST_ACTS = 5;
    static final Pattern PLOVER_NUMBER = Pattern.compile("PV[0-9]{12}");
    private static final Pattern GODWIT_NUMBER = Pattern.compile("GP[0-9]{9}US");

    private final Application application = Application.running();

    private static String orders() {
        List<String> rows = new ArrayList<>(List.of(
                "Order No,Customer,Ship To,Street,City,State,ZIP,Country,Ship Via,Promise,Item,Qty,Unit Wt lb"));
        for (int number = 1; number <= JOBS; number++) {
            String service = number == JOBS ? "Godwit Parcel" : "Plover Ground";
            rows.add("E2E-%d,Gannet Rise,Gannet Rise LLC,%d Mill Road,Tucson,AZ,85701,US,%s,12/9/2026,CLIP,%d,0.5"
                    .formatted(700 + number, number, service, 1 + number % 3));
        }
        return String.join("\n", rows);
    }

    static List<String> numbers(Pattern pattern, String screen) {
        Matcher matcher = pattern.matcher(screen);
        List<String> found = new ArrayList<>();
        while (matcher.find()) {
            found.add(matcher.group());
        }
        return found.stream().distinct().toList();
    }

    @Test
    void aRunOfTwelveWithTwoThatFailAndAHandoverWithAWrongPackage() {
        try (Desk desk = new Desk(application).signIn("ines");
                Desk other = new Desk(application).signIn("tobin")) {
            desk.pressWithAlt("2");
            desk.waitFor("table");
            desk.dropFile("clips.csv", orders());
            desk.waitForText("12 went in");
            desk.open("/jobs?customer=Gannet+Rise&sort=number");
            desk.waitForText("E2E-712");
            desk.press(Keys.SPACE);
            for (int row = 1; row < JOBS; row++) {
                desk.press(Keys.chord(Keys.SHIFT, Keys.ARROW_DOWN));
            }
            desk.waitForText("12 jobs chosen");
            desk.press("r");
            desk.waitForText("12 stopped");
            desk.tabTo("Weights of the records");
            desk.press(Keys.ENTER);
            desk.waitForText("12 jobs ready");
            hold(other, "E2E-703");
            hold(other, "E2E-705");
            desk.press(Keys.F10);
            desk.waitForText("10 shipped");
            desk.waitForText("2 failed");
            assertThat(desk.screen()).contains("Asks for a drawing");
            release(other, "E2E-703");
            release(other, "E2E-705");
            desk.tabTo("Look again");
            desk.press(Keys.ENTER);
            desk.waitForText("2 jobs ready");
            desk.press(Keys.F10);
            desk.waitForText("12 shipped");
            List<String> plover = numbers(PLOVER_NUMBER, desk.screen());
            String godwit = numbers(GODWIT_NUMBER, desk.screen()).get(0);
            assertThat(plover).hasSize(JOBS - 1);
            handOver(desk, plover, godwit);
        }
    }

    private static void hold(Desk desk, String job) {
        desk.open("/jobs/one?job=" + job);
        desk.waitForText("Who did what");
        desk.press("h");
        desk.type("Asks for a drawing");
        desk.press(Keys.ENTER);
        desk.waitForText("On hold");
    }

    private static void release(Desk desk, String job) {
        desk.open("/jobs/one?job=" + job);
        desk.waitForText("On hold");
        desk.press("h");
        desk.waitUntilGone("On hold");
    }

    private static void handOver(Desk desk, List<String> plover, String godwit) {
        desk.pressWithAlt("h");
        desk.waitForText("Plover Parcel");
        desk.open("/handover/one?site=ROCKFORD&carrier=PLOVER");
        desk.waitForText("Missing");
        desk.press(plover.get(0), Keys.ENTER);
        desk.waitForText("✓ In");
        desk.press(godwit, Keys.ENTER);
        desk.waitForText("Wrong carrier");
        desk.press(plover.get(0), Keys.ENTER);
        desk.waitForText("In already");
        desk.press(plover.get(1), Keys.ENTER);
        desk.waitForText("✓ In");
        desk.press(Keys.F10);
        desk.waitForText("2 packages go with Plover Parcel.");
        desk.type("Wren Tarrow");
        desk.press(Keys.ENTER);
        desk.waitForText("✓ Closed");
        desk.waitForText("PLOVER-M");
        assertThat(desk.screen()).contains("Wren Tarrow");
    }

    @Test
    void aVoidIsReversedInTheBooksAndTheJobIsReadyAgain() {
        try (Desk desk = new Desk(application).signIn("ines")) {
            desk.pressWithAlt("2");
            desk.waitFor("table");
            desk.dropFile(
                    "one.csv",
                    "Order No,Customer,Ship To,Street,City,State,ZIP,Country,Ship Via,Promise,Item,Qty,Unit Wt lb\n"
                            + "E2E-801,Fulmar Yard,Fulmar Yard LLC,3 Mill Road,Tucson,AZ,85701,US,Godwit Parcel,12/9/2026,CLIP,4,0.5");
            desk.waitForText("1 went in");
            desk.open("/bench?job=E2E-801");
            desk.waitForText("Read scale");
            desk.press(Keys.F2);
            desk.type("2.35 lb");
            desk.press(Keys.ENTER);
            desk.waitForText("typed; expected");
            desk.waitForText("✓ All checks fine");
            desk.press(Keys.F10);
            desk.waitForText("✓ Shipped");
            String number = numbers(GODWIT_NUMBER, desk.screen()).get(0);
            desk.pressWithAlt("v");
            desk.waitForText("Void its label?");
            desk.press(Keys.ENTER);
            desk.waitForText("Voided.");
            assertThat(desk.screen()).contains(number, "2.35 lb", "Ship");
            desk.open("/postings");
            desk.waitForText("Invoice, reversed");
            desk.browser().get(application.outside("/books"));
            desk.waitForText("Void: Freight of job E2E-801");
        }
    }

    /** Each scan is one key to whoever holds the scanner. */
    @Test
    void fiveJobsGoByScanAloneAndOneComesBack() {
        try (Desk desk = new Desk(application).signIn("ines")) {
            List<String> rows = new ArrayList<>(List.of(
                    "Order No,Customer,Ship To,Street,City,State,ZIP,Country,Ship Via,Promise,Item,Qty,Unit Wt lb"));
            for (int number = 1; number <= SCANNED; number++) {
                rows.add(
                        "E2E-%d,Tern Works,Tern Works LLC,%d Mill Road,Tucson,AZ,85701,US,Plover Ground,12/9/2026,CLIP,2,0.5"
                                .formatted(820 + number, number));
            }
            desk.pressWithAlt("2");
            desk.waitFor("table");
            desk.dropFile("five.csv", String.join("\n", rows));
            desk.waitForText("5 went in");
            desk.open("/bench/scan");
            desk.waitForText("Waiting for a scan");
            int acts = 0;
            for (int number = 1; number <= SCANNED; number++) {
                desk.press("E2E-" + (820 + number), Keys.ENTER);
                acts++;
                desk.waitForText("✓ Shipped E2E-" + (820 + number));
            }
            assertThat(acts).as("scans from slip to label, of five jobs").isEqualTo(SCANNED);
            comesBack(desk);
        }
    }

    /** A label for the way back, asked for on the job's page by keys. */
    static void askForReturn(Desk desk, String job) {
        desk.open("/jobs/one?job=" + job);
        desk.waitForText("Returns and replacements");
        desk.press("r");
        desk.waitForText("once the label is used");
        desk.tabTo("Reason");
        desk.press("do");
        desk.tabTo("Ask for the label");
        desk.press(Keys.ENTER);
        desk.waitUntilGone("once the label is used");
    }

    private static void comesBack(Desk desk) {
        askForReturn(desk, "E2E-821");
        desk.open("/jobs/returns");
        desk.waitForText("Tern Works");
        desk.press(desk.textOf("table tbody td:nth-child(5) .figure"), Keys.ENTER);
        desk.waitForText("Return of job E2E-821.");
        desk.press(Keys.ENTER);
        desk.waitForText("Received: job E2E-821, all as expected.");
        desk.open("/jobs/returns?look=RECEIVED");
        desk.waitForText("all as expected");
    }

    /** A plain job on the Bench: its slip, weigh, ship; with a printer nothing after that. */
    @Test
    void aPlainJobTakesThreeActsFromSlipToLabel() {
        try (Desk desk = new Desk(application).signIn("ines")) {
            desk.pressWithAlt("2");
            desk.waitFor("table");
            desk.dropFile(
                    "plain.csv",
                    "Order No,Customer,Ship To,Street,City,State,ZIP,Country,Ship Via,Promise,Item,Qty,Unit Wt lb\n"
                            + "E2E-831,Tern Works,Tern Works LLC,9 Mill Road,Tucson,AZ,85701,US,Plover Ground,12/9/2026,CLIP,2,0.5");
            desk.waitForText("1 went in");
            int acts = 0;
            desk.scan("E2E-831");
            acts++;
            desk.waitForText("Read scale");
            desk.press(Keys.F4);
            acts++;
            desk.waitForText("from the scale");
            desk.waitForText("✓ All checks fine");
            desk.press(Keys.F10);
            acts++;
            desk.waitForText("✓ Shipped");
            assertThat(acts).isLessThanOrEqualTo(MOST_ACTS);
        }
    }
}
