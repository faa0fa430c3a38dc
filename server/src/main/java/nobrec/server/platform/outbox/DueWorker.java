package nobrec.server.platform.outbox;

import java.time.Clock;
import java.util.Optional;
import java.util.function.Supplier;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionOperations;

/**
 * Takes due rows one after the other and has them carried out. Several servers share the work. A server that is killed in
 * the middle leaves a row whose lease runs out; a row that fails is put off and holds up no other.
 */
@Component
public class DueWorker {

    private static final Logger LOG = LoggerFactory.getLogger(DueWorker.class);

    /** After so many it lets the other kinds of work have a turn. */
    private static final int MOST_AT_ONCE = 200;

    private final TransactionOperations transactions;
    private final Clock clock;
    private volatile boolean ending;

    DueWorker(TransactionOperations transactions, Clock clock) {
        this.transactions = transactions;
        this.clock = clock;
    }

    /** Works through all that is due. */
    public <T> void run(DueWork<T> work) {
        for (int done = 0; done < MOST_AT_ONCE && !ending; done++) {
            DueTimes times = DueTimes.at(clock);
            if (!runOne(work, () -> work.nextDue(times))) {
                return;
            }
        }
    }

    /**
     * Takes one row and carries it out.
     *
     * @param find finds the row and locks it
     * @return whether there was one
     */
    public <T> boolean runOne(DueWork<T> work, Supplier<Optional<T>> find) {
        DueTimes times = DueTimes.at(clock);
        Optional<T> taken = transactions.execute(status -> {
            Optional<T> row = find.get();
            row.ifPresent(each -> work.take(each, times.leaseEnds()));
            return row;
        });
        taken.ifPresent(row -> attempt(work, row, () -> work.carryOut(row)));
        return taken.isPresent();
    }

    /** Carries out a row that is taken already; what fails is put off. */
    public <T> void attempt(DueWork<T> work, T row, Runnable act) {
        try {
            act.run();
        } catch (RuntimeException failed) {
            LOG.error("{}: one could not be carried out and is tried again later", work.name(), failed);
            work.failed(row, "Something went wrong here; it is tried again by itself.");
        }
    }

    @EventListener(ContextClosedEvent.class)
    void end() {
        ending = true;
    }
}
