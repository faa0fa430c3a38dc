package nobrec.server.workorder;

/** Rules whose hold somebody released for a work order, as JSON of their ids. */
record ReleasedRow(long id, String releasedRules) {}
