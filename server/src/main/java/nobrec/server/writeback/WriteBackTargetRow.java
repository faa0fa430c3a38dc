package nobrec.server.writeback;

/** A row of table write_back_target. */
record WriteBackTargetRow(String code, int version, boolean active, String plan) {}
