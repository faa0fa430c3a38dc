package nobrec.server.printing;

import java.io.IOException;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.awaitility.Awaitility;

/**
 * Debian's virtual printer ({@code ippeveprinter}), a real IPP printer that did not come from us. It wants a bus and a name service of
 * its own, which are started with it and end with it.
 */
final class VirtualPrinter implements AutoCloseable {

    private final Path folder;
    private final int port;
    private final List<Process> processes = new ArrayList<>();

    VirtualPrinter() throws IOException {
        folder = Files.createTempDirectory("virtual-printer");
        Files.createDirectory(folder.resolve("out"));
        port = freePort();
        try {
            startAll();
        } catch (IOException | RuntimeException failed) {
            close();
            throw failed;
        }
    }

    /** Where a name service runs already, as on a desk, that one is used: there can be only one. */
    private void startAll() throws IOException {
        Path bus = folder.resolve("bus");
        boolean named = isRunning(Path.of("/run/avahi-daemon/pid"));
        if (!named) {
            start(bus, "dbus-daemon", "--session", "--nofork", "--nopidfile", "--address=unix:path=" + bus);
            Awaitility.await().atMost(Duration.ofSeconds(20)).until(() -> Files.exists(bus));
            start(bus, "/usr/sbin/avahi-daemon", "--no-drop-root", "--no-rlimits", "--no-chroot");
            Awaitility.await().atMost(Duration.ofSeconds(20)).until(() -> isRunning(Path.of("/run/avahi-daemon/pid")));
        }
        start(
                named ? Path.of("/run/dbus/system_bus_socket") : bus,
                "/usr/sbin/ippeveprinter",
                "-p",
                String.valueOf(port),
                "-d",
                folder.resolve("out").toString(),
                "-k",
                "-f",
                "application/pdf,image/pwg-raster",
                "Virtual");
        Awaitility.await().atMost(Duration.ofSeconds(30)).until(this::listens);
    }

    private static boolean isRunning(Path pidFile) throws IOException {
        return Files.exists(pidFile)
                && ProcessHandle.of(Long.parseLong(Files.readString(pidFile).strip()))
                        .filter(ProcessHandle::isAlive)
                        .isPresent();
    }

    private static int freePort() throws IOException {
        try (ServerSocket any = new ServerSocket(0)) {
            return any.getLocalPort();
        }
    }

    private boolean listens() {
        try (Socket socket = new Socket("127.0.0.1", port)) {
            return socket.isConnected();
        } catch (IOException notYet) {
            return false;
        }
    }

    private void start(Path bus, String... command) throws IOException {
        ProcessBuilder builder = new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(folder.resolve("log-" + processes.size()).toFile());
        builder.environment().put("DBUS_SYSTEM_BUS_ADDRESS", "unix:path=" + bus);
        processes.add(builder.start());
    }

    String address() {
        return "ipp://127.0.0.1:" + port + "/ipp/print";
    }

    /** Files that it took, by the ends of their names. */
    List<Path> taken(String end) throws IOException {
        try (Stream<Path> files = Files.walk(folder.resolve("out"))) {
            return files.filter(file -> file.toString().endsWith(end)).toList();
        }
    }

    @Override
    public void close() {
        for (int at = processes.size() - 1; at >= 0; at--) {
            processes.get(at).destroy();
        }
    }
}
