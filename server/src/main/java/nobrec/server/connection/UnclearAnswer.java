package nobrec.server.connection;

import java.io.IOException;
import nobrec.server.platform.Shortened;

/** There is an answer, and nothing certain is in it. */
public final class UnclearAnswer extends IOException {

    private static final int LONGEST = 400;

    /** @param reason what it said of that; may be empty */
    public UnclearAnswer(String system, int status, String reason) {
        super(system + " did not answer as agreed (" + status + "): " + shown(reason));
    }

    /** A reason that the other side gives, as it is shown. */
    public static String shown(String reason) {
        return reason.isBlank() ? "it said nothing that can be read." : Shortened.to(LONGEST, reason);
    }
}
