package nobrec.server.workorder.list;

import java.util.Optional;

/** Jobs by the numbers that carriers gave their packages. */
public interface TrackedJobs {

    /** @param trackingNumber in capitals, without blanks and dashes */
    Optional<Long> workOrderOfTrackingNumber(String trackingNumber);
}
