package nobrec.server.departure;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import nobrec.core.calendar.LeavesBy;
import nobrec.core.departure.DepartureOutlook.Verdict;
import nobrec.core.workorder.WorkOrderStatus;
import nobrec.server.api.figure.WeightFigure;

/**
 * The day as departures, in the site's own time.
 *
 * @param siteCode of the one looked at, or ALL
 * @param sites all of ours
 */
record DepartureView(
        String site,
        String siteCode,
        List<SiteView> sites,
        LocalDate day,
        LocalTime now,
        LocalTime opensAt,
        LocalTime closesAt,
        boolean workingDay,
        List<PickupView> pickups,
        List<StuckView> stuck) {

    record SiteView(String code, String name) {}

    /**
     * @param site city of the site it comes to, where several are shown
     * @param by whether its driver comes, or we bring them to its counter until the cut-off
     * @param minutesLeft to the cut-off; below zero when it has passed
     * @param promised jobs that must leave with it today and are not shipped yet
     * @param packages shipped and on it
     * @param willMiss jobs that would go with it and miss their promise
     * @param packedPercent of the weight that is to leave with it; of the count where a weight is not known
     */
    record PickupView(
            Optional<String> site,
            String carrier,
            LeavesBy by,
            LocalTime cutOff,
            boolean comesToday,
            int minutesLeft,
            int packages,
            WeightFigure weight,
            int promised,
            Optional<WeightFigure> promisedWeight,
            int willMiss,
            int packedPercent) {}

    /**
     * @param next the cursor of the rows after these
     * @param total of all jobs that are not shipped and can be planned
     */
    record JobOutlookList(List<JobOutlookView> rows, Optional<Long> next, int total) {}

    /**
     * @param leaveBy the last day on which it can leave and still keep its promise
     * @param goingThereToo other jobs that have not left and go to the same place
     */
    record JobOutlookView(
            String job,
            String customer,
            String shipTo,
            Verdict verdict,
            Optional<LocalDate> promiseDate,
            Optional<LocalTime> cutOff,
            LocalDate nextDeparture,
            Optional<LocalDate> leaveBy,
            String serviceCode,
            String service,
            String carrier,
            Optional<WeightFigure> weight,
            WorkOrderStatus status,
            int goingThereToo,
            String reason) {}

    /**
     * @param address where in the application it can be corrected
     * @param askAbout id of the shipment whose carrier can be asked now
     */
    record StuckView(String thing, String reason, String remedy, String address, Optional<Long> askAbout) {}
}
