package nobrec.server.workorder;

import java.time.LocalDate;
import org.joda.money.Money;

/** What freight costs was quoted for a job. Published in the transaction that keeps it. */
public record FreightQuoted(long workOrderId, String service, Money customerPays, LocalDate validUntil) {}
