package nobrec.server.run;

import java.time.Instant;
import java.time.LocalDate;
import nobrec.core.measure.Weight;
import org.joda.money.Money;
import org.jspecify.annotations.Nullable;

/**
 * A row of table run_job: what would happen to a job, or what came of it.
 *
 * @param shipmentId null while it is not open
 * @param site code of our site that it leaves from; empty text while nothing is known
 * @param weight of all its packages, as weighed or as their contents should weigh; null where that is not known
 * @param weighed whether all of it was weighed or typed
 * @param service code of what it goes by; empty text where nothing can be chosen
 * @param choices what else it could go by, as JSON
 */
record RunJobRow(
        long runId,
        int position,
        String job,
        RunJobState state,
        @Nullable Long shipmentId,
        String site,
        String shipTo,
        int packages,
        String carton,
        @Nullable Weight weight,
        boolean weighed,
        String service,
        @Nullable Money total,
        @Nullable Money charge,
        @Nullable LocalDate leavesOn,
        @Nullable LocalDate arrivesOn,
        @Nullable LocalDate promised,
        String reason,
        String remedy,
        String choices,
        String tracking,
        @Nullable Instant endedAt) {

    /** One of which nothing is known yet. */
    static RunJobRow fresh(long runId, int position, String job) {
        return new RunJobRow(
                runId,
                position,
                job,
                RunJobState.NEW,
                null,
                "",
                "",
                0,
                "",
                null,
                false,
                "",
                null,
                null,
                null,
                null,
                null,
                "",
                "",
                "[]",
                "",
                null);
    }

    /** It is open, as this shipment. */
    RunJobRow of(long shipment) {
        return with(state, shipment, reason, remedy, tracking);
    }

    /** It has gone, with what numbers it has now. */
    RunJobRow shipped(String numbers) {
        return with(RunJobState.SHIPPED, shipmentId, "", "", numbers);
    }

    /** It does not go, for a reason. */
    RunJobRow not(RunJobState how, String why, String what) {
        return with(how, shipmentId, why, what, tracking);
    }

    private RunJobRow with(RunJobState how, @Nullable Long shipment, String why, String what, String numbers) {
        return new RunJobRow(
                runId, position, job, how, shipment, site, shipTo, packages, carton, weight, weighed, service, total,
                charge, leavesOn, arrivesOn, promised, why, what, choices, numbers, endedAt);
    }
}
