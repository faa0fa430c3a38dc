package nobrec.server.item;

import java.time.Instant;

/** An item on its way into the table. */
record NewItem(
        String key,
        String number,
        String description,
        String barcode,
        String definition,
        String changedBy,
        Instant changedAt) {}
