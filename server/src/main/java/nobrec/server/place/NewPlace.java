package nobrec.server.place;

import java.time.Instant;
import nobrec.core.address.PostalAddress;

/** A place on its way into the table. */
record NewPlace(
        String ownKey,
        PostalAddress address,
        String plain,
        String phone,
        String checkSaid,
        boolean checkStops,
        Instant checkedAt) {}
