package nobrec.server.place;

import java.time.Instant;

/** Who said of an address that it is right as it is written. */
record AcceptedRow(String acceptedBy, Instant acceptedAt) {}
