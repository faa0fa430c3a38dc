package nobrec.server.packing;

import java.time.Instant;

/**
 * A row of table shipment_undo.
 *
 * @param act what was done, as {@code weighed package 1}
 * @param beforeAct the shipment before it, as JSON
 */
record UndoRow(long id, long shipmentId, String act, String beforeAct, String doneBy, Instant doneAt) {}
