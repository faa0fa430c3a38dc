package nobrec.server.run;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import nobrec.core.rating.Offer;
import nobrec.core.refusal.Refusal;
import nobrec.core.service.Accessorial;
import nobrec.core.shipment.Jobs;
import nobrec.core.shipment.Shipment;
import nobrec.core.shipment.ShipmentState;
import nobrec.server.bench.BenchActs;
import nobrec.server.packing.Opening;
import nobrec.server.packing.PackingActs;
import nobrec.server.pricing.Assessor;
import nobrec.server.shipment.Shipments;
import nobrec.server.workorder.WorkOrders;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionOperations;

/** What is changed of jobs in a run, one or many: the acts of the bench. */
@Component
class RunEdits {

    private static final Set<RunJobState> OPEN_TO_CHANGE =
            EnumSet.of(RunJobState.NEW, RunJobState.READY, RunJobState.STOPPED, RunJobState.FAILED);

    private final RunMapper mapper;
    private final RunLooks looks;
    private final Opening opening;
    private final Shipments shipments;
    private final WorkOrders workOrders;
    private final Assessor assessor;
    private final BenchActs bench;
    private final PackingActs packing;
    private final TransactionOperations transactions;

    RunEdits(
            RunMapper mapper,
            RunLooks looks,
            Opening opening,
            Shipments shipments,
            WorkOrders workOrders,
            Assessor assessor,
            BenchActs bench,
            PackingActs packing,
            TransactionOperations transactions) {
        this.mapper = mapper;
        this.looks = looks;
        this.opening = opening;
        this.shipments = shipments;
        this.workOrders = workOrders;
        this.assessor = assessor;
        this.bench = bench;
        this.packing = packing;
        this.transactions = transactions;
    }

    /** Changes each, or says at each why not; then each is looked at as it is. */
    void change(long run, List<String> jobs, RunChange change, String signIn) {
        for (RunJobRow row : mapper.someJobs(run, jobs)) {
            if (isOpenToChange(row)) {
                keep(changed(row, change, signIn));
            }
        }
    }

    /** Looks at some again as they are now. */
    void lookAgain(long run, List<String> jobs, String signIn) {
        mapper.someJobs(run, jobs).stream().filter(this::isOpenToChange).forEach(row -> keep(looks.look(row, signIn)));
    }

    /** One that was asked and refused since, or voided, is open again. */
    private boolean isOpenToChange(RunJobRow row) {
        return OPEN_TO_CHANGE.contains(row.state())
                || row.shipmentId() != null && shipments.byId(row.shipmentId()).state() == ShipmentState.OPEN;
    }

    private void keep(RunJobRow row) {
        transactions.executeWithoutResult(status -> mapper.keep(row));
    }

    private RunJobRow changed(RunJobRow row, RunChange change, String signIn) {
        try {
            Shipment shipment = opening.open(row.job(), signIn);
            apply(shipment, change, signIn);
            return looks.look(row.of(shipment.id()), signIn);
        } catch (Refusal refused) {
            return looks.look(row, signIn).not(RunJobState.STOPPED, refused.reason(), refused.remedy());
        }
    }

    private void apply(Shipment shipment, RunChange change, String signIn) {
        long id = shipment.id();
        change.site().ifPresent(site -> bench.leaveFrom(id, site, signIn));
        change.packedLike()
                .map(this::packed)
                .filter(model -> model.id() != id)
                .ifPresent(model -> packing.packLike(id, model, signIn));
        change.carton().ifPresent(carton -> packing.changeCarton(id, theOnePackage(shipment), carton, signIn));
        change.weight().ifPresent(text -> bench.typeWeight(id, theOnePackage(shipment), text, false, signIn));
        if (change.byRecords()) {
            bench.weighByRecords(id, signIn);
        }
        change.accessorial().ifPresent(extra -> {
            Set<Accessorial> all = EnumSet.of(extra);
            all.addAll(shipment.accessorials());
            bench.chooseAccessorials(id, all, signIn);
        });
        change.day().ifPresent(day -> bench.shipOn(id, day, signIn));
        change.service().ifPresent(code -> bench.chooseService(id, code, signIn));
        if (change.cheapest()) {
            bench.chooseService(id, cheapest(shipments.byId(id)), signIn);
        }
    }

    private Shipment packed(String job) {
        return shipments
                .there(workOrders.byNumber(job))
                .orElseThrow(() -> Refusal.unusable(
                        "Job " + job,
                        "It is not packed yet.",
                        "Open it on the Bench, pack it there, then choose it here."));
    }

    private static int theOnePackage(Shipment shipment) {
        if (shipment.packages().size() != 1) {
            throw Refusal.unusable(
                    "The shipment",
                    "It has " + shipment.packages().size() + " packages, and this is for jobs with one.",
                    "Open it on the Bench.");
        }
        return shipment.packages().get(0).number();
    }

    /** The cheapest that keeps the promise; where none does, the earliest. */
    private String cheapest(Shipment shipment) {
        Jobs jobs = shipments.jobs(shipment);
        LocalDate promise = jobs.promiseDate().orElse(LocalDate.MAX);
        List<Offer> allowed = assessor.assess(shipment, jobs).offers().stream()
                .filter(offer -> offer.isPriced() && offer.isAllowedOnceCompleted())
                .toList();
        return allowed.stream()
                .filter(offer -> !offer.delivery().isAfter(promise))
                .min(Comparator.comparingLong(Offer::totalCents))
                .or(() -> allowed.stream().min(Comparator.comparing(Offer::delivery)))
                .map(offer -> offer.service().code())
                .orElseThrow(() -> Refusal.unusable(
                        "The service", "No service can take it as it is.", "Open it on the Bench: each says why."));
    }
}
