package nobrec.server.layout;

import java.time.Instant;

/** A row of table layout. */
record LayoutRow(long id, String name, int version, String definition, String changedBy, Instant changedAt) {}
