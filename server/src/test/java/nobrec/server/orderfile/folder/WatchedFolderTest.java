package nobrec.server.orderfile.folder;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.Instant;
import java.util.List;
import java.util.stream.Stream;
import nobrec.server.ServerTest;
import nobrec.server.orderfile.FileImports;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.beans.factory.annotation.Autowired;

class WatchedFolderTest extends ServerTest {

    private static final String GOOD = "Order No,Qty\n%s,1\n";

    @TempDir
    Path home;

    @Autowired
    private FileImports imports;

    private WatchedFolder folder;

    @BeforeEach
    void isWatched() {
        folder = new WatchedFolder(home.toString(), imports);
    }

    private List<String> in(String where) throws IOException {
        try (Stream<Path> files = Files.list(home.resolve(where))) {
            return files.map(each -> each.getFileName().toString().replaceFirst("^[0-9]+-", ""))
                    .sorted()
                    .toList();
        }
    }

    private String report(String where) throws IOException {
        try (Stream<Path> files = Files.list(home.resolve(where))) {
            Path report = files.filter(each -> each.toString().endsWith(".report.txt"))
                    .findFirst()
                    .orElseThrow();
            return Files.readString(report);
        }
    }

    private void lookUntilRead() {
        folder.look();
        folder.look();
        awaitTasks();
        folder.look();
    }

    @Test
    void aFileIsTakenOnceWholeAndMovedToDoneWithItsReport() throws IOException {
        Path file = home.resolve("orders.csv");
        Files.writeString(file, GOOD.formatted("WFA-1"));
        folder.look();
        Files.writeString(file, GOOD.formatted("WFA-1") + "WFA-2,1\n");
        folder.look();
        assertThat(file).as("still being written").exists();
        lookUntilRead();
        assertThat(in("done")).containsExactly("orders.csv", "orders.csv.report.txt");
        assertThat(report("done")).contains("2 went in, 0 were here already, 0 left out.");
        assertThat(get("/api/v1/work-orders?text=WFA-").path("rows")).hasSize(2);
        lookUntilRead();
        assertThat(in("done")).hasSize(2);
    }

    @Test
    void whatCannotBeReadIsRefusedWithTheReasonBesideIt() throws IOException {
        Files.writeString(home.resolve("quote.csv"), "Order No,Qty\nWF-3,\"1\n");
        lookUntilRead();
        assertThat(report("refused")).contains("a quote is opened and never closed");
    }

    @Test
    void aFaultyRowIsNamedAndTheGoodOnesAreIn() throws IOException {
        Files.writeString(home.resolve("mixed.csv"), "Order No,Qty\nWF-4,1\nWF-5,none\n");
        lookUntilRead();
        assertThat(report("refused")).contains("1 went in", "Row 3, Qty “none”");
        assertThat(get("/api/v1/work-orders?text=WF-4").path("rows")).hasSize(1);
    }

    @Test
    void twoServersTakeAFileOnce() throws IOException {
        WatchedFolder other = new WatchedFolder(home.toString(), imports);
        Files.writeString(home.resolve("both.csv"), GOOD.formatted("WF-6"));
        folder.look();
        other.look();
        folder.look();
        other.look();
        awaitTasks();
        folder.look();
        other.look();
        assertThat(in("done")).containsExactly("both.csv", "both.csv.report.txt");
    }

    /** A server was killed before the file was kept. */
    @Test
    void whatWasCutOffBeginsAgain() throws IOException {
        Files.createDirectories(home.resolve("working"));
        Path cutOff = home.resolve("working").resolve("taking__late.csv");
        Files.writeString(cutOff, GOOD.formatted("WF-7"));
        Files.setLastModifiedTime(cutOff, FileTime.from(Instant.now().minusSeconds(600)));
        lookUntilRead();
        assertThat(in("done")).contains("late.csv");
    }
}
