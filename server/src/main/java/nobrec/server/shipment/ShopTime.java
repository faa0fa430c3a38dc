package nobrec.server.shipment;

import java.time.Instant;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import nobrec.server.site.Site;

/** Moments as the clock on a site's wall shows them. */
public final class ShopTime {

    private static final DateTimeFormatter FORMAT = DateTimeFormatter.ofPattern("EEE, MMM d, h:mm a", Locale.US);

    private ShopTime() {}

    public static String show(Instant moment, Site site) {
        return FORMAT.format(moment.atZone(site.zone()));
    }
}
