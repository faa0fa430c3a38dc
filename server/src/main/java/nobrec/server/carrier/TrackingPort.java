package nobrec.server.carrier;

import java.time.Instant;
import java.util.List;
import nobrec.server.connection.Connection;
import nobrec.server.connection.OutsideAnswer;

/** What an adapter can do besides, where its carrier says what becomes of packages. */
public interface TrackingPort {

    /**
     * What the carrier knows of some packages, each with all its events; changes nothing there.
     *
     * @param key of this question
     * @param askedAt by our clock
     */
    OutsideAnswer<List<PackageNews>> track(
            Connection connection, String key, List<String> trackingNumbers, Instant askedAt);

    /** What the carrier tells unasked, in its own form; refused when it is none. */
    OutsideAnswer<List<PackageNews>> readPushed(String body);
}
