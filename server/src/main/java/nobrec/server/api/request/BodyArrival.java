package nobrec.server.api.request;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;

/** Whether what a request sends is here already. */
public final class BodyArrival {

    private BodyArrival() {}

    /**
     * Without waiting. A request that is refused before its body has arrived is refused with a status after which the
     * connection is closed (408): nobody then waits for the rest of it.
     */
    public static boolean hasArrived(HttpServletRequest request) {
        if (request.getContentLengthLong() == 0 || !mayHaveBody(request)) {
            return true;
        }
        try {
            return request.getContentLengthLong() > 0
                    && request.getInputStream().available() >= request.getContentLengthLong();
        } catch (IOException | IllegalStateException gone) {
            return false;
        }
    }

    private static boolean mayHaveBody(HttpServletRequest request) {
        return request.getContentLengthLong() > 0 || request.getHeader("Transfer-Encoding") != null;
    }
}
