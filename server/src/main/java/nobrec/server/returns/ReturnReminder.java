package nobrec.server.returns;

import java.time.LocalDate;
import java.util.List;

/**
 * What should be coming back was asked about. Published in the transaction that keeps it.
 *
 * @param label tracking number; empty text without a label of ours
 * @param items what is to come back
 */
public record ReturnReminder(long shipmentId, long workOrderId, String label, LocalDate due, List<String> items) {}
