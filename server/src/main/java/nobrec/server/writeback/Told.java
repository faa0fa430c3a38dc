package nobrec.server.writeback;

import nobrec.core.telling.FactSheet;

/**
 * What a system is to be told, kept as JSON in the outbox; what goes into which field is decided when it is sent.
 *
 * @param takenBack the shipment is void, and nothing else of the job stands there
 */
record Told(boolean takenBack, FactSheet sheet) {}
