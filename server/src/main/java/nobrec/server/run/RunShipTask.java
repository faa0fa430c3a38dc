package nobrec.server.run;

import java.time.Clock;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.Collectors;
import nobrec.core.refusal.Refusal;
import nobrec.core.shipment.Shipment;
import nobrec.server.booking.Shipping;
import nobrec.server.packing.Opening;
import nobrec.server.platform.Shortened;
import nobrec.server.platform.money.ShopMoney;
import nobrec.server.platform.task.TaskHandler;
import nobrec.server.platform.task.TaskRun;
import nobrec.server.shipment.Shipments;
import nobrec.server.telling.GoneShipment;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionOperations;

/**
 * Ships the jobs of a run that are ready, in its order, three at a time, each as it was shown. One that does not go stands with its reason and
 * stops none of the others. Killed in the middle it goes on where it stood: what was being shipped then is looked up, not shipped
 * again.
 */
@Component
class RunShipTask implements TaskHandler {

    static final String KIND = "RUN_SHIP";

    private static final Set<RunJobState> NOT_TRIED = Set.of(RunJobState.READY, RunJobState.SHIPPING);
    private static final int LONGEST = 500;

    /** While some wait for their carrier or the database, another is computed and drawn. */
    private static final int AT_ONCE = 3;

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
        Work work = new Work(run, mapper.jobs(id));
        ExecutorService hands = Executors.newFixedThreadPool(AT_ONCE, each -> new Thread(each, "run-" + id));
        try {
            List<Future<?>> all = new ArrayList<>();
            for (int hand = 0; hand < AT_ONCE; hand++) {
                all.add(hands.submit(work::carryOut));
            }
            awaitAll(all);
        } finally {
            hands.shutdown();
        }
    }

    /** The task has not ended before all hands have: what one still ships would else be looked at by the next task. */
    private static void awaitAll(List<Future<?>> all) {
        RuntimeException ended = null;
        for (Future<?> each : all) {
            try {
                each.get();
            } catch (InterruptedException ending) {
                Thread.currentThread().interrupt();
                throw new IllegalStateException("The server ends", ending);
            } catch (ExecutionException failed) {
                ended = failed.getCause() instanceof RuntimeException cause ? cause : new IllegalStateException(failed);
            }
        }
        if (ended != null) {
            throw ended;
        }
    }

    /** The jobs that have not been tried, and those that were cut off: these first. */
    private final class Work {
        private final TaskRun run;
        private final Deque<RunJobRow> waiting;
        private final int all;
        private int done;

        Work(TaskRun run, List<RunJobRow> rows) {
            this.run = run;
            this.waiting = new ArrayDeque<>(rows.stream()
                    .filter(row -> NOT_TRIED.contains(row.state()))
                    .sorted(Comparator.comparing(row -> row.state() != RunJobState.SHIPPING))
                    .toList());
            this.all = waiting.size();
        }

        private synchronized Optional<RunJobRow> next() {
            return Optional.ofNullable(waiting.poll());
        }

        /** Until nothing waits; what ends one hand ends the others after their present job. */
        void carryOut() {
            try {
                Optional<RunJobRow> row = next();
                while (row.isPresent()) {
                    settle(
                            row.get(),
                            row.get().state() == RunJobState.SHIPPING ? found(row.get(), run) : ship(row.get(), run));
                    row = next();
                }
            } catch (RuntimeException ended) {
                stop();
                throw ended;
            }
        }

        private synchronized void stop() {
            waiting.clear();
        }

        /** What came of a job is kept, also where the task must end by now. */
        private synchronized void settle(RunJobRow row, Outcome outcome) {
            done++;
            try {
                transactions.executeWithoutResult(status -> {
                    keep(row, outcome);
                    run.report("jobs shipped", done, all);
                });
            } catch (RuntimeException ended) {
                transactions.executeWithoutResult(status -> keep(row, outcome));
                throw ended;
            }
        }
    }

    private void keep(RunJobRow row, Outcome outcome) {
        mapper.ended(
                row.runId(),
                row.position(),
                outcome.state(),
                Shortened.to(LONGEST, outcome.tracking()),
                outcome.reason(),
                outcome.remedy(),
                clock.instant());
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
            long shipment = row.shipmentId() != null
                    ? row.shipmentId()
                    : opening.open(row.job(), run.startedBy()).id();
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
}
