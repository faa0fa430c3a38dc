package nobrec.server.workorder;

import java.time.Instant;

/** When a work order came in. */
record CameInRow(long id, Instant takenInAt) {}
