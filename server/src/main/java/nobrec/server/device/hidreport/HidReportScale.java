package nobrec.server.device.hidreport;

import java.io.EOFException;
import java.io.IOException;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.net.SocketTimeoutException;
import java.net.URI;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import nobrec.server.connection.Connection;
import nobrec.server.device.ScalePort;
import nobrec.server.device.ScaleReading;
import org.springframework.stereotype.Component;

/** Scales that send reports all the time over TCP; one that is stable is taken. */
@Component
class HidReportScale implements ScalePort {

    @Override
    public String adapterName() {
        return "hid-report-tcp";
    }

    @Override
    public boolean canCall(URI address) {
        return "tcp".equalsIgnoreCase(address.getScheme()) && address.getPort() > 0;
    }

    @Override
    public String addressForm() {
        return "tcp://, the host and the port";
    }

    @Override
    public ScaleReading read(Connection connection) {
        long end = System.nanoTime() + connection.timeLimit().toNanos();
        try (Socket socket = new Socket()) {
            socket.connect(
                    new InetSocketAddress(
                            connection.address().getHost(), connection.address().getPort()),
                    millisUntil(end));
            return firstStable(socket, end);
        } catch (EOFException ended) {
            return new ScaleReading.Refused(
                    "The scale ended the connection.", "Switch it off and on, or type the weight.");
        } catch (IOException failed) {
            return new ScaleReading.Refused(
                    "The scale does not answer.", "Check its power and cable, or type the weight.");
        }
    }

    private static ScaleReading firstStable(Socket socket, long end) throws IOException {
        Optional<ScaleReport> report = report(socket, end);
        while (report.isPresent() && report.get().status() == ScaleReport.Status.IN_MOTION) {
            try {
                report = report(socket, end);
            } catch (SocketTimeoutException late) {
                return new ScaleReading.Refused("The scale still moves.", "Let the package rest and read again.");
            }
        }
        return report.map(HidReportScale::judge)
                .orElseGet(() -> new ScaleReading.Refused(
                        "The scale sent something that is no weight.",
                        "Check that it is the scale, or type the weight."));
    }

    /** The next report, however slowly its bytes come. */
    private static Optional<ScaleReport> report(Socket socket, long end) throws IOException {
        byte[] bytes = new byte[ScaleReport.LENGTH];
        int there = 0;
        while (there < bytes.length) {
            socket.setSoTimeout(millisUntil(end));
            int more = socket.getInputStream().read(bytes, there, bytes.length - there);
            if (more < 0) {
                throw new EOFException();
            }
            there += more;
        }
        return ScaleReport.of(bytes);
    }

    private static int millisUntil(long end) throws SocketTimeoutException {
        long left = TimeUnit.NANOSECONDS.toMillis(end - System.nanoTime());
        if (left <= 0) {
            throw new SocketTimeoutException();
        }
        return Math.toIntExact(left);
    }

    private static ScaleReading judge(ScaleReport report) {
        return switch (report.status()) {
            case STABLE -> new ScaleReading.Stable(report.weight());
            case STABLE_AT_ZERO -> new ScaleReading.Refused("The scale is empty.", "Put the package on it.");
            case OVER_LIMIT ->
                new ScaleReading.Refused("The scale shows overload.", "Use the floor scale and type the weight.");
            case UNDER_ZERO, NEEDS_ZEROING ->
                new ScaleReading.Refused("The scale is not at zero.", "Empty it and press its zero key.");
            default -> new ScaleReading.Refused("The scale reports a fault.", "Have it looked at; type the weight.");
        };
    }
}
