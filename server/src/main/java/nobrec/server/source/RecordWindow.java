package nobrec.server.source;

import java.time.Instant;

/** Records that were changed from one moment on, and before another. */
public record RecordWindow(Instant from, Instant until) {}
