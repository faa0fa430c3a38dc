package nobrec.server.handover;

import java.time.Instant;
import java.time.LocalDate;
import nobrec.core.calendar.LeavesBy;
import org.jspecify.annotations.Nullable;

/**
 * A row of table handover.
 *
 * @param number 1 for the first of a day, more for supplements
 * @param leavesBy whether its driver took it, or we brought it to its counter
 * @param driver who took it, or brought it; empty text where nobody said
 * @param carrierManifest number that the carrier gave; empty text while it has given none
 * @param refused why the carrier gave no manifest at the last try; empty text where it did not refuse
 */
record HandoverRow(
        long id,
        long siteId,
        String carrierCode,
        LocalDate day,
        int number,
        HandoverState state,
        String openedBy,
        Instant openedAt,
        LeavesBy leavesBy,
        String driver,
        @Nullable String closedBy,
        @Nullable Instant closedAt,
        String carrierManifest,
        String refused) {}
