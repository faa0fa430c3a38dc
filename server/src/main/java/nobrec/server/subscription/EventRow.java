package nobrec.server.subscription;

import java.time.Instant;
import nobrec.core.telling.Moment;
import org.jspecify.annotations.Nullable;

/**
 * A row of table shop_event.
 *
 * @param number null until it is given
 * @param job number of the leading job
 * @param body JSON, as it is sent
 */
record EventRow(long id, @Nullable Long number, Moment moment, long shipmentId, String job, Instant at, String body) {}
