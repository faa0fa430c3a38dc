package nobrec.server.source.record;

/** How many records of a source stand so. */
record StateCount(RecordState state, int count) {}
