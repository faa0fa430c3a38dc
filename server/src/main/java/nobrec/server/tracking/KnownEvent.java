package nobrec.server.tracking;

/** An event that is kept already. */
record KnownEvent(long trackId, String eventKey) {}
