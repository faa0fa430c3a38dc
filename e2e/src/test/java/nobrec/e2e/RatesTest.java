package nobrec.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;

/** Rate sheets through the screen: a bad one is refused by row, a good one goes in and can be had again. */
class RatesTest {

    private final Application application = Application.running();

    private static String saverFrom(LocalDate firstDay) throws IOException {
        return Files.readString(Application.DEMO.resolve("rates/plover-saver-2026.csv"))
                .replace("first day,2026-01-01", "first day," + firstDay);
    }

    @Test
    void theNextSheetIsBroughtIn() throws IOException {
        String next = saverFrom(LocalDate.of(2027, 3, 1));
        try (Desk desk = new Desk(application).signIn("ines")) {
            desk.open("/rates");
            desk.waitForText("Plover Saver");
            assertThat(desk.screen()).contains("in force", "Curlew Freight LTL", "classes");

            desk.dropFile("saver.csv", next.replaceFirst("up to,2 lb", "up to,1 lb"));
            desk.waitForText("The weight 1 lb does not rise above that of the row before: the two overlap.");
            assertThat(desk.screen()).contains("Rate sheet “saver.csv”", "Correct these rows and read it again");
            assertThat(desk.screen()).doesNotContain("coming");

            Path file = Files.createTempFile("saver", ".csv");
            Files.writeString(file, next);
            desk.chooseFile(file);
            desk.waitForText("The sheet of PLV-SAVER went in.");
            desk.waitForText("coming");
            assertThat(desk.screen()).contains("Mar 1, 2027");
            assertThat(desk.browser()
                            .findElements(
                                    By.cssSelector("a[href='/api/v1/rate-sheets/PLV-SAVER?day=2027-03-01'][download]")))
                    .hasSize(1);
        }
    }

    @Test
    void aBookkeeperSeesTheSheetsAndBringsNoneIn() {
        try (Desk desk = new Desk(application).signIn("odette")) {
            desk.open("/rates");
            desk.waitForText("Plover Saver");
            assertThat(desk.screen()).doesNotContain("Bring in a file");
        }
    }
}
