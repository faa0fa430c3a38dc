package nobrec.server.source;

import java.time.Instant;

/** A row of table import_run. */
record ImportRunRow(
        long id,
        String fileName,
        String layoutName,
        Instant at,
        String signIn,
        int taken,
        int recognized,
        int leftOut,
        int faults,
        Instant settledAt) {}
