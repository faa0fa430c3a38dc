package nobrec.standins;

import java.nio.file.Path;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Runs the stand-ins until the process is ended. */
public final class StandInsApplication {

    private static final Logger LOG = LoggerFactory.getLogger(StandInsApplication.class);
    private static final int ARGUMENTS = 4;

    private StandInsApplication() {}

    /** @param arguments HTTP port, scale port, data folder, file with the shop's records */
    public static void main(String[] arguments) {
        if (arguments.length != ARGUMENTS) {
            throw new IllegalArgumentException("Needs: HTTP port, scale port, data folder, file with records.");
        }
        StandIns standIns = StandIns.start(new StandIns.Settings(
                Integer.parseInt(arguments[0]),
                Integer.parseInt(arguments[1]),
                Path.of(arguments[2]),
                Path.of(arguments[3])));
        Runtime.getRuntime().addShutdownHook(new Thread(standIns::close));
        LOG.info(
                "Stand-ins listen on http://127.0.0.1:{} and, for the scale, on {}.",
                standIns.httpPort(),
                standIns.scalePort());
    }
}
