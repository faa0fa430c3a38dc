package nobrec.server.moment;

import java.time.Instant;
import nobrec.core.telling.Moment;

/** A row of table shipment_moment. */
public record MomentRow(long id, long shipmentId, Moment moment, Instant reachedAt, String detail) {}
