package nobrec.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;

/** The one command on an installation of its own: starts that are cut off, two at once, backups good and bad. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class UpkeepTest {

    private static final Path HOME = Path.of("..").toAbsolutePath().normalize();

    private static Path folder;
    private static Map<String, String> settings;

    record Ended(int code, String said) {}

    @BeforeAll
    static void anInstallationOfItsOwn() throws IOException {
        folder = Files.createTempDirectory("nobrec-upkeep");
        settings = Map.of(
                "NOBREC_STATE", folder.resolve("state").toString(),
                "NOBREC_IS_BUILT", "yes",
                "NOBREC_PORT", freePort(),
                "NOBREC_OUTSIDE_PORT", freePort(),
                "NOBREC_SCALE_PORT", freePort(),
                "NOBREC_DB_PORT", freePort());
    }

    @AfterAll
    static void stop() {
        run("stop");
    }

    private static String freePort() throws IOException {
        try (ServerSocket socket = new ServerSocket(0)) {
            return Integer.toString(socket.getLocalPort());
        }
    }

    private static Process launch(String... arguments) {
        List<String> command =
                new java.util.ArrayList<>(List.of(HOME.resolve("nobrec").toString()));
        command.addAll(List.of(arguments));
        ProcessBuilder builder = new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(folder.resolve("said-" + System.nanoTime()).toFile());
        builder.environment().putAll(settings);
        try {
            return builder.start();
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    private static Ended run(String... arguments) {
        try {
            Process process = launch(arguments);
            assertThat(process.waitFor(4, TimeUnit.MINUTES)).as("it ends").isTrue();
            Path newest = Files.list(folder)
                    .filter(each -> each.getFileName().toString().startsWith("said-"))
                    .max(java.util.Comparator.naturalOrder())
                    .orElseThrow();
            return new Ended(process.exitValue(), Files.readString(newest));
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        } catch (InterruptedException ended) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(ended);
        }
    }

    /** Killed while the tables of the database are prepared, and again once a server is on its way. */
    @Test
    @Order(1)
    void aFirstStartThatWasCutOffStartsAgain() throws Exception {
        Process first = launch("start");
        Path preparing = folder.resolve("state/database/data.new");
        await(() -> Files.exists(preparing) || !first.isAlive());
        kill(first);
        Process second = launch("start");
        Path server = folder.resolve("state/server.pid");
        await(() -> Files.exists(server) || !second.isAlive());
        kill(second);
        Ended third = run("start");
        assertThat(third.said()).contains("Sign in as  ines");
        assertThat(third.code()).isZero();
        assertThat(run("status").code()).isZero();
    }

    private static void kill(Process process) throws InterruptedException {
        process.descendants()
                .filter(each -> each.info().command().orElse("").contains("install"))
                .forEach(ProcessHandle::destroyForcibly);
        process.destroyForcibly();
        process.waitFor();
    }

    private static void await(java.util.function.BooleanSupplier condition) throws InterruptedException {
        Instant limit = Instant.now().plus(Duration.ofMinutes(2));
        while (!condition.getAsBoolean()) {
            assertThat(Instant.now()).isBefore(limit);
            Thread.sleep(20);
        }
    }

    @Test
    @Order(2)
    void ofTwoStartsAtOnceOneWaitsAndBothEndWell() throws Exception {
        run("stop");
        Process one = launch("start");
        Ended other = run("start");
        assertThat(one.waitFor()).isZero();
        assertThat(other.code()).isZero();
        assertThat(other.said()).contains("Sign in as  ines");
    }

    @Test
    @Order(3)
    void nobodyElseOnTheMachineReadsTheState() throws IOException {
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(folder.resolve("state"))))
                .isEqualTo("rwx------");
    }

    @Test
    @Order(4)
    void logsOutliveAStart() {
        assertThat(folder.resolve("state/logs/server.log")).isNotEmptyFile();
        assertThat(folder.resolve("state/logs/server.out.1")).exists();
        assertThat(folder.resolve("state/logs/database.log.1")).exists();
    }

    /** Damaged, half, foreign and evil ones are refused with their reason, and what runs goes on as it was. */
    @Test
    @Order(5)
    void aBackupThatIsNotWholeIsRefusedAndNothingIsChanged() throws Exception {
        Path good = folder.resolve("good.tgz");
        assertThat(run("backup", good.toString()).code()).isZero();
        Path evil = folder.resolve("evil");
        String[][] faults = {
            {"head -c 20000 database.sql > x && mv x database.sql", "a file in it is not as it was written"},
            {": > database.sql && SEAL", "database.sql is missing in it"},
            {"head -c 90000 database.sql > x && mv x database.sql && SEAL", "was not written to its end"},
            {"rm manifest", "it has no manifest"},
            {"rm -r standins && SEAL", "the stand-ins' records are missing"},
            {"rm secrets && SEAL", "secrets is missing"},
            {"echo 'DEMO_PASSWORD=$(touch " + evil + ")' >> secrets && SEAL", "does not belong there"},
            {"echo 'touch " + evil + "' >> secrets && SEAL", "does not belong there"},
            {"sed -i 's/^schema .*/schema 99/' manifest", "those of a newer version (99"},
            {"sed -i 's/^rows work_order .*/rows work_order 7/' manifest", "rows that its manifest says"},
            {"sed -i '1i \\\\\\\\! touch " + evil + "' database.sql && SEAL", "cannot be loaded"},
            {"sed -i '2i DROP DATABASE nobrec;' database.sql && SEAL", "cannot be loaded"},
            {"sed -i '2i CREATE USER me;' database.sql && SEAL", "cannot be loaded"},
            {"ln -s /etc/passwd standins/x.json", "damaged or no backup"},
            {"touch extra", "damaged or no backup"},
        };
        for (String[] fault : faults) {
            Path bad = damaged(good, fault[0]);
            Ended refused = run("restore", bad.toString());
            assertThat(refused.code()).as(fault[0]).isEqualTo(1);
            assertThat(refused.said()).as(fault[0]).contains(fault[1]).contains("Nothing was changed.");
        }
        Files.write(folder.resolve("cut.tgz"), java.util.Arrays.copyOf(Files.readAllBytes(good), 30_000));
        assertThat(run("restore", folder.resolve("cut.tgz").toString()).said()).contains("damaged or no backup");
        assertThat(evil).doesNotExist();
        assertThat(run("status").code()).isZero();
        Ended restored = run("restore", good.toString());
        assertThat(restored.said()).contains("Restored from").contains("Sign in as  ines");
        assertThat(Files.list(folder.resolve("state/sets"))).hasSize(1);
        Path again = folder.resolve("again.tgz");
        assertThat(run("backup", again.toString()).code()).isZero();
        // No number that was given to a partner is given again.
        damaged(again, "grep -q \"^('GREBE',1,'Grebe Outfitters',1,.*,1001,\" database.sql");
    }

    /** A copy of a backup with a fault; SEAL stands for writing its checksums again, as somebody would who means ill. */
    private static Path damaged(Path good, String fault) throws Exception {
        Path bad = folder.resolve("bad.tgz");
        String seal = "(sed -i '/^file/d' manifest; find . -type f ! -name manifest -print0 | sort -z"
                + " | xargs -0 sha256sum | sed 's/^/file /' >> manifest)";
        String script = "set -e; rm -rf unpacked; mkdir unpacked; cd unpacked; tar -xzf " + good + "; "
                + fault.replace("SEAL", seal) + "; tar -czf " + bad + " .";
        Process process = new ProcessBuilder("bash", "-c", script)
                .directory(folder.toFile())
                .redirectErrorStream(true)
                .redirectOutput(folder.resolve("damage").toFile())
                .start();
        assertThat(process.waitFor()).as(fault).isZero();
        return bad;
    }
}
