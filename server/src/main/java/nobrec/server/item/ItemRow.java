package nobrec.server.item;

import java.time.Instant;

/** A row of table item. */
record ItemRow(long id, String number, String definition, int version, String changedBy, Instant changedAt) {}
