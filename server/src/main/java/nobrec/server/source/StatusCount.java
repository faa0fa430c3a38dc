package nobrec.server.source;

/** How many records of a source have a status. */
record StatusCount(String source, String status, int count) {}
