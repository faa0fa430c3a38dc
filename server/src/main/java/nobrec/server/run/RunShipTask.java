package nobrec.server.run;

import java.time.Clock;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import nobrec.core.refusal.Refusal;
import nobrec.core.shipment.Shipment;
import nobrec.server.booking.GoneShipment;
import nobrec.server.booking.Shipping;
import nobrec.server.packing.Opening;
import nobrec.server.platform.Shortened;
import nobrec.server.platform.money.ShopMoney;
import nobrec.server.platform.task.TaskHandler;
import nobrec.server.platform.task.TaskRun;
import nobrec.server.shipment.Shipments;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionOperations;

/**
 * Ships the jobs of a run that are ready, one after the other, each as it was shown. One that does not go stands with its reason and
 * stops none of the others. Killed in the middle it goes on where it stood: what was being shipped then is looked up, not shipped
 * again.
 */
@Component
class RunShipTask implements TaskHandler {

    static final String KIND = "RUN_SHIP";

    private static final Set<RunJobState> NOT_TRIED = Set.of(RunJobState.READY, RunJobState.SHIPPING);
    private static final int LONGEST = 500;

    private final RunMapper mapper;
    private final Opening opening;
    private final Shipments shipments;
    private final Shipping shipping;
    private final TransactionOperations transactions;
    private final Clock clock;

    RunShipTask(
            RunMapper mapper,
            Opening opening,
            Shipments shipments,
            Shipping shipping,
            TransactionOperations transactions,
            Clock clock) {
        this.mapper = mapper;
        this.opening = opening;
        this.shipments = shipments;
        this.shipping = shipping;
        this.transactions = transactions;
        this.clock = clock;
    }

    @Override
    public String kind() {
        return KIND;
    }

    @Override
    public void run(TaskRun run) {
        long id = run.request(RunPlanTask.Request.class).run();
        long waiting = mapper.counts(id).stream()
                .filter(each -> NOT_TRIED.contains(each.state()))
                .mapToInt(StateCount::jobs)
                .sum();
        mapper.first(id, RunJobState.SHIPPING, 1).forEach(cutOff -> settle(run, cutOff, found(cutOff, run), waiting));
        List<RunJobRow> next = mapper.first(id, RunJobState.READY, 1);
        while (!next.isEmpty()) {
            settle(run, next.get(0), ship(next.get(0), run), waiting);
            next = mapper.first(id, RunJobState.READY, 1);
        }
    }

    /** What came of a job. */
    private record Outcome(RunJobState state, String tracking, String reason, String remedy) {

        static Outcome shipped(Shipment shipment) {
            return new Outcome(
                    RunJobState.SHIPPED,
                    shipment.packages().stream()
                            .flatMap(each -> each.trackingNumber().stream())
                            .collect(Collectors.joining(", ")),
                    "",
                    "");
        }

        static Outcome asked() {
            return new Outcome(
                    RunJobState.ASKED,
                    "",
                    "Its carrier has not answered.",
                    "It goes on by itself, and is shipped once.");
        }

        static Outcome failed(String reason, String remedy) {
            return new Outcome(RunJobState.FAILED, "", Shortened.to(LONGEST, reason), Shortened.to(LONGEST, remedy));
        }
    }

    private Outcome ship(RunJobRow row, TaskRun run) {
        try {
            long shipment = opening.open(row.job(), run.startedBy()).id();
            transactions.executeWithoutResult(status -> mapper.shipping(row.runId(), row.position(), shipment));
            Optional<GoneShipment> gone = shipping.ship(
                    shipment,
                    new Shipping.Seen(row.service(), row.total() == null ? "" : ShopMoney.show(row.total())),
                    run.startedBy());
            return gone.map(each -> Outcome.shipped(each.shipment())).orElseGet(Outcome::asked);
        } catch (Refusal refused) {
            return Outcome.failed(refused.reason(), refused.remedy());
        }
    }

    /** One that was being shipped when the server ended; one that had not been asked for yet is shipped now. */
    private Outcome found(RunJobRow row, TaskRun run) {
        Shipment shipment = shipments.byId(Objects.requireNonNull(row.shipmentId()));
        return switch (shipment.state()) {
            case SHIPPED -> Outcome.shipped(shipment);
            case SHIPPING -> Outcome.asked();
            case OPEN -> ship(row, run);
        };
    }

    private void settle(TaskRun run, RunJobRow row, Outcome outcome, long waiting) {
        transactions.executeWithoutResult(status -> {
            mapper.ended(
                    row.runId(),
                    row.position(),
                    outcome.state(),
                    Shortened.to(LONGEST, outcome.tracking()),
                    outcome.reason(),
                    outcome.remedy(),
                    clock.instant());
            run.report("jobs shipped", done(row.runId(), waiting), waiting);
        });
    }

    private long done(long id, long waiting) {
        return waiting
                - mapper.counts(id).stream()
                        .filter(each -> NOT_TRIED.contains(each.state()))
                        .mapToInt(StateCount::jobs)
                        .sum();
    }
}
