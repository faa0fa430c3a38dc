package nobrec.server.source;

/** How many records of a source stand so. */
record StateCount(RecordState state, int count) {}
