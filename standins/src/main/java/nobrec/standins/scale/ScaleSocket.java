package nobrec.standins.scale;

import java.io.IOException;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * The scale on a TCP port of its own: whoever connects gets its six-byte reports ten times a second.
 *
 * <p>A report is 3, status, unit (12 is pounds), power of ten, weight low byte, weight high byte. Source: USB-IF HID
 * Point of Sale usage tables (from memory).
 */
public final class ScaleSocket implements AutoCloseable {

    private static final Logger LOG = LoggerFactory.getLogger(ScaleSocket.class);
    private static final int REPORT_ID = 3;
    private static final int POUNDS = 12;
    private static final int HUNDREDTHS = -2;
    private static final long PAUSE_MILLIS = 100;

    private final ServerSocket server;
    private final Scale scale;
    private final ExecutorService threads = Executors.newCachedThreadPool();

    public ScaleSocket(int port, Scale scale) throws IOException {
        this.server = new ServerSocket(port, 8, InetAddress.getLoopbackAddress());
        this.scale = scale;
        threads.execute(this::accept);
    }

    public int port() {
        return server.getLocalPort();
    }

    @Override
    public void close() {
        try {
            server.close();
        } catch (IOException failed) {
            LOG.warn("The scale's port did not close: {}", failed.getMessage());
        }
        threads.shutdownNow();
    }

    private void accept() {
        while (!server.isClosed()) {
            try {
                Socket caller = server.accept();
                threads.execute(() -> send(caller));
            } catch (IOException closed) {
                LOG.info("The scale takes no more callers: {}", closed.getMessage());
            }
        }
    }

    private void send(Socket caller) {
        try (caller;
                OutputStream out = caller.getOutputStream()) {
            while (!server.isClosed()) {
                if (scale.mood() != Scale.Mood.SILENT) {
                    out.write(bytes(scale.report()));
                }
                Thread.sleep(PAUSE_MILLIS);
            }
        } catch (IOException gone) {
            LOG.debug("A caller of the scale has gone: {}", gone.getMessage());
        } catch (InterruptedException ended) {
            Thread.currentThread().interrupt();
        }
    }

    static byte[] bytes(Scale.Report report) {
        return new byte[] {
            REPORT_ID,
            (byte) report.status().code(),
            POUNDS,
            HUNDREDTHS,
            (byte) (report.hundredths() & 0xff),
            (byte) (report.hundredths() >> 8)
        };
    }
}
