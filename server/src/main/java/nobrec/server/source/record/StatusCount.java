package nobrec.server.source.record;

/** How many records of a source have a status. */
record StatusCount(String source, String status, int count) {}
