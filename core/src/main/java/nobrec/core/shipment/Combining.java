package nobrec.core.shipment;

import nobrec.core.address.PlaceKey;
import nobrec.core.limit.Limits;
import nobrec.core.refusal.Refusal;
import nobrec.core.workorder.WorkOrder;
import nobrec.core.workorder.WorkOrderStatus;

/** Which jobs may go together in one shipment: to the same place, on the same freight terms. */
public final class Combining {

    private Combining() {}

    /** @throws Refusal when the job may not go with those that are there */
    public static void require(Jobs jobs, WorkOrder other) {
        if (jobs.all().size() >= Limits.JOBS_OF_SHIPMENT) {
            throw Refusal.unusable(
                    "This shipment",
                    "It takes " + Limits.JOBS_OF_SHIPMENT + " jobs, which is the most.",
                    "Ship job " + other.number() + " for itself.");
        }
        if (jobs.all().stream().anyMatch(job -> job.id() == other.id())) {
            throw Refusal.conflict(
                    "Job " + other.number(), "It goes in this shipment already.", "Nothing is left to do.");
        }
        String there = PlaceKey.of(jobs.leading().shipTo());
        if (other.status() == WorkOrderStatus.REQUEST) {
            throw Refusal.unusable(
                    "Job " + other.number(), "It is a request: nothing is promised to go.", "Take it as a job first.");
        }
        boolean samePlace = PlaceKey.of(other.shipTo()).equals(there)
                || other.lines().stream()
                        .anyMatch(line -> PlaceKey.of(other.shipToOf(line)).equals(there));
        if (!samePlace || other.terms() != jobs.leading().terms()) {
            throw Refusal.unusable(
                    "Job " + other.number(),
                    samePlace
                            ? "Its freight terms are “" + other.terms().words() + "”."
                            : "It goes to " + other.shipTo().name() + ", "
                                    + other.shipTo().cityLine() + ".",
                    "Only jobs to the same place on the same terms go in one shipment.");
        }
    }
}
