package nobrec.server.api;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;

/** Where things are in the browser's part. */
public final class PageAddress {

    private PageAddress() {}

    /** The bench of a job, whatever signs its number holds. */
    public static String bench(String job) {
        return "/bench?job=" + URLEncoder.encode(job, StandardCharsets.UTF_8);
    }
}
