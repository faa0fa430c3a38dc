package nobrec.server.api;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;

/** Where things are in the browser's part. */
public final class PageAddress {

    private PageAddress() {}

    /** The handover to a carrier at a site. */
    public static String handover(String site, String carrier) {
        return "/handover/one?site=" + URLEncoder.encode(site, StandardCharsets.UTF_8) + "&carrier="
                + URLEncoder.encode(carrier, StandardCharsets.UTF_8);
    }

    public static String returnOf(long id) {
        return "/jobs/returns?return=" + id;
    }

    /** The bench of a job, whatever signs its number holds. */
    public static String bench(String job) {
        return "/bench?job=" + URLEncoder.encode(job, StandardCharsets.UTF_8);
    }
}
