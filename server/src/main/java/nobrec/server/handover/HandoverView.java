package nobrec.server.handover;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import nobrec.core.calendar.LeavesBy;
import nobrec.core.handover.HandoverScan;
import nobrec.server.api.figure.WeightFigure;

/**
 * What a driver takes.
 *
 * @param cutOff left out where the carrier has no pickup here
 * @param overdue whether it was left open on an earlier day
 * @param supplement number of the supplement; zero for the first handover of a day
 * @param inside packages in it
 * @param waiting packages that leave by its day and are not in it
 * @param missing those of them that are named here
 * @param by whether its driver comes here, or we bring packages to its counter until the cut-off
 * @param scanned those in it that were scanned last
 * @param mayScan whether whoever looks may scan and close
 * @param mayCloseUnscanned whether all that waits can be put in without scanning
 * @param refused why the carrier gave no manifest at the last try; empty text where it did not refuse
 * @param scan what came of the scan just made
 */
record HandoverView(
        String carrierCode,
        String carrier,
        String siteCode,
        String site,
        LocalDate day,
        LeavesBy by,
        Optional<LocalTime> cutOff,
        HandoverState state,
        boolean overdue,
        int supplement,
        int inside,
        WeightFigure insideWeight,
        int waiting,
        WeightFigure waitingWeight,
        List<PackageLine> missing,
        List<PackageLine> scanned,
        List<ServiceTotal> totals,
        boolean mayScan,
        boolean mayCloseUnscanned,
        String refused,
        List<ClosedView> closed,
        Optional<ScanView> scan) {

    /**
     * @param shelf where it stands, as the job's record says; empty text where it does not say
     * @param scannedBy by whom it was scanned in, by name; left out for one that was not
     */
    record PackageLine(
            String trackingNumber,
            int number,
            String job,
            String shelf,
            String shipTo,
            String service,
            LocalDate shipDate,
            Optional<String> scannedBy,
            Optional<Instant> scannedAt) {}

    record ServiceTotal(String service, int packages, WeightFigure weight) {}

    record ScanView(HandoverScan.Verdict verdict, String said, String remedy) {}

    /**
     * One that is closed, or of which the carrier has not given the manifest yet.
     *
     * @param manifest number that the carrier gave; empty text while it has given none
     * @param paper where our manifest is; left out while it is not drawn
     * @param masterBill where the bill over its freight shipments is; left out where nothing goes by freight
     */
    record ClosedView(
            long id,
            String carrier,
            String site,
            LocalDate day,
            int supplement,
            HandoverState state,
            int packages,
            WeightFigure weight,
            LeavesBy leavesBy,
            String driver,
            String closedBy,
            Optional<Instant> closedAt,
            String manifest,
            Optional<String> paper,
            Optional<String> masterBill) {}

    /** @param next the cursor of the rows after these */
    record ClosedList(List<ClosedView> rows, Optional<Long> next) {}

    /** The pickups of a day, and what each takes. */
    record HandoverDay(List<PickupLine> pickups) {}

    /**
     * @param minutesLeft to the cut-off; below zero when it has passed; left out where there is none today
     * @param overdue whether one of an earlier day was left open
     */
    record PickupLine(
            String carrierCode,
            String carrier,
            String siteCode,
            String site,
            LocalDate day,
            LeavesBy by,
            Optional<LocalTime> cutOff,
            Optional<Integer> minutesLeft,
            Optional<HandoverState> state,
            boolean overdue,
            int inside,
            int waiting,
            WeightFigure weight) {}
}
