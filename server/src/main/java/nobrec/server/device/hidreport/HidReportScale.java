package nobrec.server.device.hidreport;

import java.io.DataInputStream;
import java.io.EOFException;
import java.io.IOException;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.util.Optional;
import java.util.Set;
import nobrec.server.connection.Connection;
import nobrec.server.device.ScalePort;
import nobrec.server.device.ScaleReading;
import org.springframework.stereotype.Component;

/** Scales that send reports all the time over TCP; one that is stable is taken. */
@Component
class HidReportScale implements ScalePort {

    private static final int MAX_REPORTS = 20;

    @Override
    public String adapterName() {
        return "hid-report-tcp";
    }

    @Override
    public Set<String> schemes() {
        return Set.of("tcp");
    }

    @Override
    public ScaleReading read(Connection connection) {
        int silenceMillis = Math.toIntExact(connection.timeLimit().toMillis());
        try (Socket socket = new Socket()) {
            socket.connect(
                    new InetSocketAddress(
                            connection.address().getHost(), connection.address().getPort()),
                    silenceMillis);
            socket.setSoTimeout(silenceMillis);
            return firstStable(new DataInputStream(socket.getInputStream()));
        } catch (EOFException ended) {
            return new ScaleReading.Refused(
                    "The scale ended the connection.", "Switch it off and on, or type the weight.");
        } catch (IOException failed) {
            return new ScaleReading.Refused(
                    "The scale does not answer.", "Check its power and cable, or type the weight.");
        }
    }

    private static ScaleReading firstStable(DataInputStream in) throws IOException {
        byte[] bytes = new byte[ScaleReport.LENGTH];
        for (int count = 0; count < MAX_REPORTS; count++) {
            in.readFully(bytes);
            Optional<ScaleReport> report = ScaleReport.of(bytes);
            if (report.isEmpty()) {
                return new ScaleReading.Refused(
                        "The scale sent something that is no weight.",
                        "Check that it is the scale, or type the weight.");
            }
            if (report.get().status() != ScaleReport.Status.IN_MOTION) {
                return judge(report.get());
            }
        }
        return new ScaleReading.Refused("The scale still moves.", "Let the package rest and read again.");
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
