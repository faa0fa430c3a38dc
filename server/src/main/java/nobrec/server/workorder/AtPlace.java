package nobrec.server.workorder;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * What went to a place.
 *
 * @param last day on which something left for it
 */
public record AtPlace(long place, int jobs, @Nullable LocalDate last) {}
